import { type ReactNode, useState } from 'react';
import { Button } from './Button';
import { Row } from './layout';
import { Sheet } from './Sheet';

interface SheetButtonProps {
  label: ReactNode;
  /** What is read out, where the label alone says too little. */
  name?: string;
  title: string;
  look?: 'main' | 'plain' | 'bare';
  /** What the sheet holds; it closes itself by the function it is given. */
  children: (close: () => void) => ReactNode;
}

/** Opens a sheet with what is rarely wanted; Done closes it. */
export function SheetButton({ label, name, title, look = 'plain', children }: SheetButtonProps) {
  const [isOpen, setOpen] = useState(false);
  const close = () => setOpen(false);
  return (
    <>
      <Button look={look} onPress={() => setOpen(true)} {...(name !== undefined && { 'aria-label': name })}>
        {label}
      </Button>
      {isOpen && (
        <Sheet title={title} onClose={close}>
          {children(close)}
          <Row>
            <Button onPress={close}>Done</Button>
          </Row>
        </Sheet>
      )}
    </>
  );
}
