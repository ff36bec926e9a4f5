import { Ellipsis } from 'lucide-react';
import { Menu as AriaMenu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';
import { color, touch } from './theme';

const Over = styled(Popover)`
  background: ${color.leaf}; color: ${color.ink}; border: 1.5px solid ${color.edge}; border-radius: 6px; min-width: 180px;
  .react-aria-Menu { outline: none; }
`;

const Item = styled(MenuItem)`
  min-height: ${touch}; display: flex; align-items: center; padding: 0 16px; cursor: pointer; outline: none; color: inherit; text-decoration: none;
  &[data-focused] { background: ${color.copperWash}; }
`;

export interface MenuAct {
  label: string;
  act: () => void;
}

/** What can be done besides the one action of a row or a page. */
export function Menu({ label, acts }: { label: string; acts: readonly MenuAct[] }) {
  return (
    <MenuTrigger>
      <Button look="bare" aria-label={label}>
        <Ellipsis size={22} aria-hidden="true" />
      </Button>
      <Over>
        <AriaMenu>
          {acts.map(({ label: act, act: onAction }) => (
            <Item key={act} onAction={onAction}>
              {act}
            </Item>
          ))}
        </AriaMenu>
      </Over>
    </MenuTrigger>
  );
}
