import { useEffect, useState } from 'react';
import { Button, Sheet, TableFrame } from '../design';

const KEYS = [
  ['digits, Enter', 'log a ball with the same backstroke'],
  ['b', 'go to the backstroke'],
  ['h, e, r, o, f', 'holed, edge, rod, other, freely'],
  ['n', 'next station'],
  ['u', 'undo the last ball'],
  ['?', 'this sheet'],
] as const;

/** The keys of rolling, on a press or on "?". */
export function KeySheet() {
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
                {KEYS.map(([key, does]) => (
                  <tr key={key}>
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
