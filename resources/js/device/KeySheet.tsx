import { useEffect, useState } from 'react';
import { Button, Sheet, TableFrame } from '../design';

interface KeySheetProps {
  keys: readonly { key: string; does: string }[];
}

const ALWAYS = [
  { key: 'digits, Enter', does: 'log a ball' },
  { key: '?', does: 'this sheet' },
] as const;

/** The keys of a view, on a press or on "?". */
export function KeySheet({ keys }: KeySheetProps) {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const isText = event.target instanceof HTMLTextAreaElement;
      if (event.key === '?' && !isText) {
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
        Keys
      </Button>
      {isOpen && (
        <Sheet title="Keys while rolling" onClose={() => setOpen(false)}>
          <TableFrame>
            <table>
              <tbody>
                {[...keys, ...ALWAYS].map(({ key, does }) => (
                  <tr key={key + does}>
                    <th scope="row">{key}</th>
                    <td>{does}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
        </Sheet>
      )}
    </>
  );
}
