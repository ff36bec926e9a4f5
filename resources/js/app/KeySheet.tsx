import { lazy, Suspense, useEffect, useState } from 'react';
import { Button } from '../design';

const KeyList = lazy(async () => ({ default: (await import('./KeyList')).KeyList }));

/** The sheet of keys, on "?" or a press; the same everywhere. */
export function KeySheet() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const isText = event.target instanceof HTMLTextAreaElement;
      if (event.key === '?' && !isText && document.querySelector('[role="dialog"]') === null) {
        event.preventDefault();
        setOpen(true);
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  return (
    <>
      <Button look="bare" onPress={() => setOpen(true)}>
        Help and keyboard shortcuts
      </Button>
      {isOpen && (
        <Suspense fallback={null}>
          <KeyList onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
