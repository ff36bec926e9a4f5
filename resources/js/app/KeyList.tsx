import { Button, QuietText, Row, Sheet, TableFrame } from '../design';
import { areKeysOn, useShownKeys } from '../device/useKeys';

const ALWAYS = [
  { key: 'Tab', does: 'to the next thing; Shift and Tab to the one before' },
  { key: 'Enter', does: 'press, or take what was typed' },
  { key: 'Esc', does: 'put a sheet away' },
  { key: '?', does: 'this sheet' },
] as const;

/** Every key of the view that is shown. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const keys = useShownKeys();
  return (
    <Sheet title="Keys of this screen" onClose={onClose}>
      {keys.length > 0 && !areKeysOn() && <QuietText>Single letters are turned off under Settings.</QuietText>}
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
