import {
  type BallMeasurement,
  type BallOwner,
  type Cause,
  cutsShort,
  type Mark,
  observedNumber,
  observedWord,
  type Remarks,
  type Stop,
} from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { labelOf } from '../../design';
import { OUTCOMES } from '../../lane/OutcomeMark';
import type { Units } from '../../units/useUnits';

/** Why a ball stopped, in the order of how often it is needed. */
export const STOPS: readonly { value: Stop; label: string }[] = [
  { value: 'free', label: 'Free roll' },
  { value: 'holed', label: 'Holed' },
  { value: 'edge', label: 'At the edge' },
  { value: 'rod', label: 'At a rod' },
  { value: 'ball', label: 'Another ball' },
  { value: 'post', label: 'A post or tee' },
  { value: 'target', label: 'The target' },
  { value: 'other', label: 'Something else' },
];

export const MARKS: readonly { value: Mark | 'none'; label: string }[] = [
  { value: 'none', label: 'None' },
  { value: 'mishit', label: 'Mishit' },
  { value: 'bumps', label: 'Bumped' },
  { value: 'distraction', label: 'Distracted' },
  { value: 'doubt', label: 'Not committed' },
];

/** Causes of a miss, in the order they are asked: did it roll true, start on line, at its pace; then the read. */
export const CAUSES: readonly { value: Cause; label: string }[] = [
  { value: 'strike', label: 'Strike' },
  { value: 'start_line', label: 'Start line' },
  { value: 'pace', label: 'Distance' },
  { value: 'read', label: 'Read' },
  { value: 'luck', label: 'Bad luck' },
  { value: 'unknown', label: 'Not known' },
];

export const GATES = [
  { value: 'left', label: 'Left', keyName: 'j' },
  { value: 'through', label: 'Through', keyName: 'k' },
  { value: 'right', label: 'Right', keyName: 'l' },
] as const;

export const CALLS = [
  { value: 'short', label: 'Short', keyName: 'a' },
  { value: 'on', label: 'On target', keyName: 's' },
  { value: 'long', label: 'Past', keyName: 'd' },
] as const;

const STOP_WORDS: Record<Stop, string> = {
  free: '',
  holed: 'holed',
  edge: 'stopped at the edge',
  rod: 'stopped at a rod',
  ball: 'stopped by another ball',
  post: 'stopped by a post',
  target: 'stopped by the target',
  other: 'stopped by something',
  unseen: 'not measured',
};

const STARTS: Readonly<Record<string, string>> = {
  left: 'left of the line',
  through: 'on line',
  right: 'right of the line',
};

/** What is told in words of its own; anything else seen is told by its name and answer. */
const OWN_WORDS = new Set([
  'side_m',
  'gate',
  'hit',
  'call',
  'putts_to_finish',
  'held',
  'rehearsals',
  'dropped',
  'gap_m',
  'start_deg',
  'face_deg',
  'path_deg',
  'back_s',
  'through_s',
  'ball_speed_m_s',
  'measured_by',
  'backstroke_by',
  'purpose',
]);

const READ_BY: Readonly<Record<string, string>> = {
  simulated: 'read by a simulated device',
  device: 'read by a device',
  file: 'from a file',
};

/** One ball in a line: "10 in back, 17 ft 6 in, mishit". */
export function ballWords(ball: BallMeasurement & Partial<Remarks & BallOwner>, units: Units): string {
  const { seen = {} } = ball;
  const side = observedNumber(seen, 'side_m');
  const gate = observedWord(seen, 'gate');
  const call = observedWord(seen, 'call');
  const out = observedNumber(seen, 'putts_to_finish');
  const gap = observedNumber(seen, 'gap_m');
  const start = observedNumber(seen, 'start_deg');
  const readBy = observedWord(seen, 'measured_by') ?? observedWord(seen, 'backstroke_by');
  const parts = [
    ball.backstroke_m === null ? null : `${units.show(ball.backstroke_m, 'backstroke')} back`,
    ball.roll_m === null
      ? null
      : `${['free', 'holed'].includes(ball.stop) ? '' : 'at least '}${units.show(ball.roll_m, 'roll')}`,
    seen.purpose === 'backstroke' ? 'to measure the backstroke' : null,
    ball.run_on_m == null ? null : `would have run on ${units.show(ball.run_on_m, 'roll')}`,
    side === null || side === 0 ? null : `${units.show(Math.abs(side), 'roll')} ${side < 0 ? 'left' : 'right'}`,
    gate === null ? null : (STARTS[gate] ?? gate),
    start === null ? null : `starts ${degreeWords(start)}`,
    seen.hit == null ? null : seen.hit === true ? 'hit it' : 'missed it',
    // Where only the line or a strike was looked at, that nobody measured the roll goes without saying.
    STOP_WORDS[ball.stop] === '' || (ball.stop === 'unseen' && Object.values(seen).some((answer) => answer !== null))
      ? null
      : STOP_WORDS[ball.stop],
    seen.dropped == null ? null : seen.dropped === true ? 'holed out' : 'not holed',
    gap === null ? null : `then ${units.show(gap, 'roll')} apart`,
    call === null ? null : `called ${labelOf(CALLS, String(call)).toLowerCase()}`,
    out === null ? null : `holed out in ${out}`,
    ball.cause == null
      ? null
      : `why: ${(CAUSES.find((cause) => cause.value === ball.cause)?.label ?? '').toLowerCase()}`,
    seen.held == null ? null : seen.held === true ? 'held' : 'not held',
    readBy === null ? null : (READ_BY[readBy] ?? readBy),
    ball.mark == null ? null : (MARKS.find((mark) => mark.value === ball.mark)?.label.toLowerCase() ?? null),
    ...Object.entries(seen)
      .filter(([name, answer]) => !OWN_WORDS.has(name) && answer !== null)
      .map(([name, answer]) => `${name.replace(/_m$/, '').replaceAll('_', ' ')} ${answerWords(name, answer, units)}`),
  ];
  return parts.filter((part) => part !== null).join(', ');
}

/**
 * Where a judged ball lies against its target, and whether its drill's own rule took it: "2 ft short", "3 ft 6 in past,
 * inside". Empty where nobody can tell; "in" is said of a holed ball alone.
 */
export function lieWords(
  { outcome, verdict, roll_m, target_m, stop }: Pick<ShownPutt, 'outcome' | 'verdict' | 'roll_m' | 'target_m' | 'stop'>,
  units: Units,
): string {
  if (outcome === null || stop === 'holed') {
    return '';
  }
  const off = roll_m === null || target_m === null ? null : roll_m - target_m;
  const atLeast = cutsShort(stop) ? 'at least ' : '';
  const lie =
    off === null
      ? OUTCOMES[outcome].word
      : Math.abs(off) < 0.005
        ? 'on target'
        : `${atLeast}${units.show(Math.abs(off), 'roll')} ${off < 0 ? 'short' : 'past'}`;
  return verdict === 'passed' ? `${lie}, inside` : verdict === 'missed' ? `${lie}, outside` : lie;
}

/** Degrees off a line, positive right. */
export function degreeWords(degrees: number): string {
  const rounded = Math.abs(degrees).toFixed(1);
  return rounded === '0.0' ? 'straight' : `${rounded}° ${degrees > 0 ? 'right' : 'left'}`;
}

function answerWords(name: string, answer: string | number | boolean | null, units: Units): string {
  if (typeof answer === 'number' && name.endsWith('_m')) {
    return units.show(answer, 'backstroke');
  }
  return typeof answer === 'boolean' ? (answer ? 'yes' : 'no') : String(answer);
}
