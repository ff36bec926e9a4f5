import { useLocation } from 'react-router';
import { Button, QuietText, Row, Sheet, TableFrame } from '../design';
import { areKeysOn, useShownKeys } from '../device/useKeys';
import GUIDE from '../pages/help/guide.json';

const ALWAYS = [
  { key: 'Tab', does: 'next control; Shift and Tab: previous control' },
  { key: 'Enter', does: 'press the button, or enter what was typed' },
  { key: 'Esc', does: 'close a sheet' },
  { key: '?', does: 'this list' },
] as const;

/** What the help says of the view that is shown, and every key of it. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const keys = useShownKeys();
  const { pathname } = useLocation();
  const guide = GUIDE.find(({ at }) => at !== undefined && new RegExp(at).test(pathname));
  return (
    <Sheet title="Help and keyboard shortcuts" onClose={onClose}>
      {guide !== undefined && (
        <>
          <p>{guide.about}</p>
          <ul>
            {guide.points.map((point) => (
              <li key={point}>{point}</li>
            ))}
          </ul>
        </>
      )}
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
