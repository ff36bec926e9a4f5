import type { ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { color, space } from './theme';

const Shade = styled(ModalOverlay)`
  position: fixed; inset: 0; background: rgb(20 24 22 / 55%); display: grid; place-items: end center; z-index: 10;
  @media (min-width: 37.5em) { place-items: center; }
`;

const Leaf = styled(Modal)`
  background: ${color.paper}; color: ${color.ink}; width: min(100%, 520px); max-height: 94dvh; overflow-y: auto;
  border: 1.5px solid ${color.edge}; border-radius: 10px; padding: ${space.l};
  section { outline: none; display: grid; gap: ${space.m}; }
`;

interface SheetProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** A sheet laid over the page; Escape or a touch beside it puts it away. */
export function Sheet({ title, onClose, children }: SheetProps) {
  return (
    <Shade isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Leaf>
        <Dialog>
          <Heading slot="title" level={2}>
            {title}
          </Heading>
          {children}
        </Dialog>
      </Leaf>
    </Shade>
  );
}
