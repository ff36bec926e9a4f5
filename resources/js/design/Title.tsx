import { type ReactNode, useEffect, useRef } from 'react';
import styled from 'styled-components';

const Heading = styled.h1`
  outline: none; overflow-wrap: anywhere;
`;

interface TitleProps {
  /** What the page's tab is called: the place, and whose it is. */
  page: string;
  children: ReactNode;
}

/** Whether a screen was moved to, rather than opened with the app: then the heading is where reading begins. */
let hasMoved = false;

/** A screen's heading: names the page, and takes the focus when the screen is moved to. */
export function Title({ page, children }: TitleProps) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    document.title = `${page} · Amble`;
  }, [page]);
  useEffect(() => {
    // A screen that begins with a field has its own place to be.
    if (hasMoved && !(document.activeElement instanceof HTMLInputElement)) {
      heading.current?.focus({ preventScroll: true });
    }
    hasMoved = true;
  }, []);
  return (
    <Heading ref={heading} tabIndex={-1}>
      {children}
    </Heading>
  );
}
