import styled from 'styled-components';
import type { PuttRead } from '../../api/types';
import { color, QuietText, SentenceText, Stack, TableFrame } from '../../design';
import { inWords } from '../../lane/drillWords';
import type { Units } from '../../units/useUnits';
import { SLIP_LETTERS } from './ReadLane';

const Big = styled.p`
  font-size: 1.5rem; font-weight: 700; line-height: 1.25;
  small { display: block; font-size: 1rem; font-weight: 400; }
`;

interface PartProps {
  look: PuttRead;
  units: Units;
}

/** What the drawing shows, in words: the answer first. */
export function ReadText({ look, units, whose }: PartProps & { whose: string | null }) {
  const plays = look.lines[0]?.plays_like_m ?? null;
  return (
    <Stack $gap="s">
      {whose !== null && look.backstroke_m !== null && plays !== null && (
        <Big role="status">
          Take it back {units.show(look.backstroke_m, 'backstroke')}
          <small>
            {whose}, for {units.show(plays, 'roll')} on the level
            {look.is_beyond_seen ? '; beyond the backstrokes seen' : ''}.
          </small>
        </Big>
      )}
      <div aria-live="polite">
        {look.words.map((line) => (
          <SentenceText key={line} style={{ marginBottom: 8 }}>
            {inWords(line, units)}
          </SentenceText>
        ))}
      </div>
      {look.hints.map((hint) => (
        <QuietText key={hint}>{hint}</QuietText>
      ))}
    </Stack>
  );
}

const SLIP_NAMES = {
  left: 'A degree left',
  right: 'A degree right',
  short: '10 % short',
  long: '10 % past',
} as const;

/** The first of them in a few words. */
export function slipsWords({ slips }: PuttRead, units: Units): string {
  const [first] = slips;
  return first === undefined || first.leave_m === null
    ? ''
    : `${SLIP_NAMES[first.key].toLowerCase()} ${first.is_holed ? 'still drops' : `leaves ${units.show(first.leave_m, 'roll')}`}`;
}

/** What a slip costs from here, and what comes back. */
export function Slips({ look, units }: PartProps) {
  if (look.slips.length === 0) {
    return null;
  }
  return (
    <Stack $gap="s">
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Error</th>
              <th scope="col">Leaves</th>
              <th scope="col">Comes back</th>
              <th scope="col">Putts to come</th>
            </tr>
          </thead>
          <tbody>
            {look.slips.map((slip) => (
              <tr key={slip.key}>
                <th scope="row">
                  {SLIP_LETTERS[slip.key]} · {SLIP_NAMES[slip.key]}
                </th>
                <td>
                  {slip.is_holed
                    ? 'still in'
                    : slip.leave_m === null
                      ? 'does not stop'
                      : units.show(slip.leave_m, 'roll')}
                </td>
                <td>{slip.is_holed ? '' : (slip.back ?? 'a tap-in')}</td>
                <td>{slip.putts === null ? '' : slip.putts.toFixed(2)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
      {look.degree_costs !== null && look.tenth_costs !== null && (
        <QuietText>
          As a habit, a degree costs {costWords(look.degree_costs)} from here, a tenth short{' '}
          {costWords(look.tenth_costs)}. Based on{' '}
          {look.is_own_rates ? 'this student’s own scatter' : 'an ordinary player (2.2° and 12 %)'} on level ground.
        </QuietText>
      )}
    </Stack>
  );
}

/** A habit may cancel another: what is no loss is not called one. */
function costWords(putts: number): string {
  return putts < 0.005 ? 'nothing' : `${putts.toFixed(2)} of a putt`;
}

const WIDTH = 420;
const LINE = 15;

/** Which start lines would drop, from a ball that dies at the hole to one nearly too fast for it. */
export function WindowChart({ look }: { look: PuttRead }) {
  const { window } = look;
  if (window.length < 2) {
    return null;
  }
  const [low, high] = [
    Math.min(...window.map(({ left_deg }) => left_deg)),
    Math.max(...window.map(({ right_deg }) => right_deg)),
  ];
  const x = (degrees: number) => 64 + ((degrees - low) / Math.max(0.01, high - low)) * (WIDTH - 84);
  const top = 8;
  const foot = top + window.length * LINE + 4;
  const [slow, fast] = [window[0], window.at(-1)];
  const words = `Dying, starts from ${angle(slow?.left_deg)} to ${angle(slow?.right_deg)} drop; nearly too fast, from ${angle(fast?.left_deg)} to ${angle(fast?.right_deg)}.`;
  return (
    <Stack $gap="s">
      <svg viewBox={`0 0 ${WIDTH} ${foot + 22}`} role="img" aria-label={words}>
        {window.map((band, index) => (
          <rect
            key={band.speed_at_hole_m_s}
            x={x(band.left_deg)}
            y={top + (window.length - 1 - index) * LINE}
            width={Math.max(1.5, x(band.right_deg) - x(band.left_deg))}
            height={LINE - 3}
            fill={color.turfDeep}
            stroke={color.turfInk}
            strokeWidth={0.8}
          />
        ))}
        <text x={0} y={top + 11} fontSize="14" fill={color.ink}>
          too fast
        </text>
        <text x={0} y={foot - 7} fontSize="14" fill={color.ink}>
          dying
        </text>
        <text x={x(low)} y={foot + 16} fontSize="14" fill={color.ink}>
          {angle(low)}
        </text>
        <text x={x(high)} y={foot + 16} fontSize="14" textAnchor="end" fill={color.ink}>
          {angle(high)}
        </text>
      </svg>
      <QuietText>
        {words} Computed for a rolling ball on even ground; real turf is lumpier. A rim-out is not drawn: what catches
        the hole drops.
      </QuietText>
    </Stack>
  );
}

function angle(degrees = 0): string {
  return Math.abs(degrees) < 0.05 ? 'straight' : `${Math.abs(degrees).toFixed(1)}° ${degrees > 0 ? 'right' : 'left'}`;
}

/** How wide other targets are from here. */
export function RealWidths({ look, units }: PartProps) {
  const names = { hole: 'A hole takes', ball: 'A ball is touched', tee: 'A tee is touched' } as const;
  return (
    <Stack $gap="s">
      {look.widths.map(({ target, half_m, half_deg }) => (
        <QuietText key={target}>
          {names[target]} up to {units.show(half_m, 'width')} off the middle: {half_deg.toFixed(2)}° from here.
        </QuietText>
      ))}
    </Stack>
  );
}
