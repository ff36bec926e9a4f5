import { Button, QuietText, Row, Sheet, TableFrame } from '../design';
import { areKeysOn, useShownKeys } from '../device/useKeys';

const ALWAYS = [
  { key: 'Tab', does: 'next control; Shift and Tab: previous control' },
  { key: 'Enter', does: 'press the button, or enter what was typed' },
  { key: 'Esc', does: 'close a sheet' },
  { key: '?', does: 'this list' },
] as const;

/** Every key of the view that is shown. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const keys = useShownKeys();
  return (
    <Sheet title="Keyboard shortcuts" onClose={onClose}>
      {keys.length > 0 && !areKeysOn() && <QuietText>Single-letter shortcuts are turned off in Settings.</QuietText>}
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
      <Row>
        <Button onPress={onClose}>Close</Button>
      </Row>
    </Sheet>
  );
}
