import { useMeasureReport } from '../../api/queries';
import { Notice, QuietText, SentenceText, Sheet, TableFrame } from '../../design';
import { inWords } from '../../lane/drillWords';
import { clock } from '../../units/dates';
import { slopeWords } from '../../units/slope';
import type { Units } from '../../units/useUnits';
import { ballText } from './Insights';

interface NearSheetProps {
  sessionId: string;
  /** Null for whoever the session was begun for. */
  studentId: string | null;
  /** Metres. */
  length: number;
  units: Units;
  onClose: () => void;
}

/** This session's putts near a length, with their slope and where they finished, the latest first. */
export function NearSheet({ sessionId, studentId, length, units, onClose }: NearSheetProps) {
  const look = useMeasureReport({ session: sessionId, student: studentId }, { near_m: length });
  const balls = look.data?.balls ?? [];
  const pace = look.data?.questions.find(({ key }) => key === 'pace')?.findings[0];
  return (
    <Sheet title={`Putts near ${units.show(length, 'station')}`} onClose={onClose}>
      {look.isError && <Notice kind="wrong">{look.error.message}</Notice>}
      {look.isSuccess && balls.length === 0 && <SentenceText>No putts within 10 % of this length yet.</SentenceText>}
      {pace !== undefined && <SentenceText>{inWords(pace.sentence, units)}</SentenceText>}
      {balls.length > 0 && (
        <TableFrame>
          <table>
            <tbody>
              {[...balls].reverse().map((ball) => (
                <tr key={ball.id}>
                  <th scope="row">{clock(new Date(ball.at_ms).toISOString())}</th>
                  <td>{units.show(ball.target_m ?? 0, 'station')}</td>
                  <td>{acrossWords(ball.across_percent) ?? slopeWords(ball.grade_percent)}</td>
                  <td>{ballText(ball, units)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
      )}
      <QuietText>Balls that are not synced yet are not included.</QuietText>
    </Sheet>
  );
}

function acrossWords(percent: number): string | null {
  return percent === 0 ? null : `${Math.abs(percent)} % across, curving ${percent > 0 ? 'left' : 'right'}`;
}
