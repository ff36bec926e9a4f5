import styled from 'styled-components';
import { Unseen } from './layout';
import { Title } from './Title';
import { color } from './theme';

const Outline = styled.div`
  display: grid; gap: 14px; max-width: 640px;
  i { display: block; height: 18px; border-radius: 4px; background: ${color.rule}; }
  i:nth-child(2n) { width: 72%; }
`;

interface WaitingProps {
  /** What the screen is called, where that is known already. */
  title?: string;
  /** What is waited for, for those who listen. */
  children: string;
}

/** The outline of what comes, with the title at once where it is known. */
export function Waiting({ title, children }: WaitingProps) {
  return (
    <>
      {title !== undefined && <Title page={title}>{title}</Title>}
      <div role="status">
        <Unseen>{children}</Unseen>
        <Outline aria-hidden="true">
          <i />
          <i />
          <i />
          <i />
        </Outline>
      </div>
    </>
  );
}
