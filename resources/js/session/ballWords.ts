import type { Ball, Belonging, Cause, Mark, Remarks, Sight, Stop } from '../app/types';
import type { Units } from '../app/useUnits';

/** Why a ball stopped, in the order of how often it is needed. */
export const STOPS: readonly { value: Stop; label: string }[] = [
  { value: 'free', label: 'Freely' },
  { value: 'holed', label: 'Holed' },
  { value: 'edge', label: 'At the edge' },
  { value: 'rod', label: 'At a rod' },
  { value: 'other', label: 'Something else' },
];

export const MARKS: readonly { value: Mark | 'none'; label: string }[] = [
  { value: 'none', label: 'None' },
  { value: 'mishit', label: 'Mishit' },
  { value: 'bumps', label: 'Bumped' },
  { value: 'distraction', label: 'Distracted' },
  { value: 'doubt', label: 'Doubt' },
];

/** Causes of a miss, in the order they are asked: did it roll true, start on line, at its pace; then the read. */
export const CAUSES: readonly { value: Cause; label: string }[] = [
  { value: 'strike', label: 'Strike' },
  { value: 'start_line', label: 'Start line' },
  { value: 'pace', label: 'Pace' },
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
  { value: 'on', label: 'On', keyName: 's' },
  { value: 'long', label: 'Long', keyName: 'd' },
] as const;

const STOP_WORDS: Record<Stop, string> = {
  free: '',
  holed: 'holed',
  edge: 'stopped at the edge',
  rod: 'stopped at a rod',
  other: 'stopped by something',
  unseen: 'not measured',
};

/** One ball in a line: "10 in back, 17 ft 6 in, mishit". */
export function ballWords(ball: Ball & Partial<Sight & Remarks & Belonging>, units: Units): string {
  const parts = [
    ball.backstroke_m === null ? null : `${units.show(ball.backstroke_m, 'backstroke')} back`,
    ball.roll_m === null
      ? null
      : `${['free', 'holed'].includes(ball.stop) ? '' : 'at least '}${units.show(ball.roll_m, 'roll')}`,
    ball.side_m == null || ball.side_m === 0
      ? null
      : `${units.show(Math.abs(ball.side_m), 'roll')} ${ball.side_m < 0 ? 'left' : 'right'}`,
    ball.gate == null
      ? null
      : { left: 'left of the line', through: 'on line', right: 'right of the line' }[ball.gate],
    ball.hit == null ? null : ball.hit ? 'struck it' : 'missed it',
    // Where only the line or a strike was looked at, that nobody measured the roll goes without saying.
    STOP_WORDS[ball.stop] === '' || (ball.stop === 'unseen' && (ball.gate != null || ball.hit != null))
      ? null
      : STOP_WORDS[ball.stop],
    ball.call == null ? null : `called ${ball.call}`,
    ball.putts_to_finish == null ? null : `out in ${ball.putts_to_finish}`,
    ball.cause == null
      ? null
      : `why: ${(CAUSES.find((cause) => cause.value === ball.cause)?.label ?? '').toLowerCase()}`,
    ball.held == null ? null : ball.held ? 'held' : 'not held',
    ball.mark == null ? null : (MARKS.find((mark) => mark.value === ball.mark)?.label.toLowerCase() ?? null),
  ];
  return parts.filter((part) => part !== null).join(', ');
}
