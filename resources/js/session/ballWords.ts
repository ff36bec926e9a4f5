import type { Ball, Mark, Stop } from '../app/types';
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
];

const STOP_WORDS: Record<Stop, string> = {
  free: '',
  holed: 'holed',
  edge: 'stopped at the edge',
  rod: 'stopped at a rod',
  other: 'stopped by something',
  unseen: 'not measured',
};

/** One ball in a line: "10 in back, 17 ft 6 in, mishit". */
export function ballWords(ball: Ball, units: Units): string {
  const parts = [
    ball.backstroke_m === null ? null : `${units.show(ball.backstroke_m, 'backstroke')} back`,
    ball.roll_m === null
      ? null
      : `${['free', 'holed'].includes(ball.stop) ? '' : 'at least '}${units.show(ball.roll_m, 'roll')}`,
    STOP_WORDS[ball.stop] === '' ? null : STOP_WORDS[ball.stop],
    ball.mark === null ? null : (MARKS.find((mark) => mark.value === ball.mark)?.label.toLowerCase() ?? null),
  ];
  return parts.filter((part) => part !== null).join(', ');
}
