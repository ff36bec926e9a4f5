import type { Ref } from 'react';
import { Button as AriaButton, type ButtonProps } from 'react-aria-components';
import { Link as RouterLink } from 'react-router';
import styled, { css } from 'styled-components';
import { color, space, touch } from './theme';

type ButtonLook = 'main' | 'plain' | 'bare';

const look = {
  main: css`background: ${color.copper}; color: ${color.onCopper}; border-color: ${color.copper};`,
  plain: css`background: ${color.leaf}; color: ${color.ink}; border-color: ${color.edge};`,
  bare: css`background: transparent; color: ${color.copper}; border-color: transparent; text-decoration: underline; text-underline-offset: 3px;`,
};

const shape = css<{ $look: ButtonLook }>`
  display: inline-flex; align-items: center; justify-content: center; gap: ${space.s};
  min-height: ${touch}; padding: 0 18px; border: 1.5px solid; border-radius: 6px;
  font: inherit; font-weight: 700; cursor: pointer; text-decoration: none;
  ${({ $look }) => look[$look]}
  &[data-pressed] { transform: translateY(1px); filter: brightness(0.93); }
  &[data-disabled] { opacity: 0.55; cursor: default; }
`;

const StyledButton = styled(AriaButton)<{ $look: ButtonLook }>`${shape}`;
const StyledLink = styled(RouterLink)<{ $look: ButtonLook }>`${shape}`;

export interface ActionProps extends ButtonProps {
  /** The one thing to do next is "main"; everything else is plain or bare. */
  look?: ButtonLook;
  ref?: Ref<HTMLButtonElement>;
}

/**
 * Something to press; while pending it does nothing more.
 *
 * The library's own pending state announces through an element that names nothing once the button
 * is gone, as after a move to another screen; so presses are only held back here.
 */
export function Button({ look = 'plain', isPending = false, type = 'button', onPress, ...props }: ActionProps) {
  return (
    <StyledButton
      $look={look}
      type={isPending ? 'button' : type}
      {...(isPending || onPress === undefined ? {} : { onPress })}
      {...props}
    />
  );
}

/** Somewhere to go, looking like something to press. */
export function ButtonLink({
  look = 'plain',
  to,
  children,
}: {
  look?: ButtonLook;
  to: string;
  children: React.ReactNode;
}) {
  return (
    <StyledLink $look={look} to={to}>
      {children}
    </StyledLink>
  );
}
