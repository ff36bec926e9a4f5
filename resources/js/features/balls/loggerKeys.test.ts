import { expect, test, vi } from 'vitest';
import type { ObservationType, RunProgress } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import type { KeyAction } from '../../device/useKeys';
import type { BallTask } from './entry';
import { loggerKeys } from './loggerKeys';
import type { Place } from './Outcome';
import type { Logger } from './useLogger';

const nothing: Place = {
  target: 'hole',
  canBeHoled: false,
  canStrike: false,
  isHoledOrMissed: false,
  rod_m: null,
  takesSide: false,
  scenery: null,
};
const gate = {
  name: 'gate',
  question: 'Start line',
  kind: 'words',
  answers: [],
} as unknown as ObservationType;
const held = {
  name: 'routine',
  question: 'Routine followed',
  kind: 'yes_no',
  answers: [
    { value: 'yes', label: 'Yes' },
    { value: 'no', label: 'No' },
  ],
} as unknown as ObservationType;
const side = {
  name: 'side_m',
  question: 'With',
  kind: 'metres',
  answers: [],
} as unknown as ObservationType;

function loggerOf(task: Partial<BallTask> | null, last: ShownPutt | null = null) {
  const acts = [
    'setCall',
    'touchAnswer',
    'logStoppedAt',
    'logHoled',
    'logMissed',
    'undo',
    'toggleMark',
    'toggleHeld',
    'toggleCause',
  ];
  const kinds = { before: [], first: [], after: [], ...task?.kinds };
  return {
    task: task === null ? null : { needs: [], target_m: 3, asksLength: false, runId: null, ...task, kinds },
    last,
    ...Object.fromEntries(acts.map((act) => [act, vi.fn()])),
  } as unknown as Logger & Record<string, ReturnType<typeof vi.fn>>;
}

const names = (keys: KeyAction[]) => keys.map(({ key }) => key).join('');
const press = (keys: KeyAction[], key: string) => keys.find((each) => each.key === key)?.act();

test('of a ball nobody asks anything of, only the last can be undone', () => {
  expect(names(loggerKeys(loggerOf(null), nothing, null))).toBe('u');
});

test('there are keys for what is asked and for nothing else', () => {
  const kinds = { before: [], first: [gate, held, side], after: [] };
  const logger = loggerOf({ needs: ['call'], kinds });
  const keys = loggerKeys(logger, nothing, null);
  expect(names(keys)).toBe('asdjklynu');
  expect(new Set(names(keys)).size).toBe(keys.length);
  press(keys, 'd');
  expect(logger.setCall).toHaveBeenCalledWith('long');
  press(keys, 'l');
  expect(logger.touchAnswer).toHaveBeenCalledWith('gate', 'right');
  press(keys, 'n');
  expect(logger.touchAnswer).toHaveBeenCalledWith('routine', false);
  expect(keys.find(({ key }) => key === 'k')?.does).toBe('started through or on the line');
  expect(keys.find(({ key }) => key === 'y')?.does).toBe('routine followed: yes');
});

test('holed is a key where it can be, and a length or holed or missed is asked', () => {
  const hole = { ...nothing, canBeHoled: true };
  expect(names(loggerKeys(loggerOf({}), hole, null))).toBe('u');
  expect(names(loggerKeys(loggerOf({ asksLength: true }), hole, null))).toBe('hu');
  const logger = loggerOf({});
  const keys = loggerKeys(logger, { ...hole, isHoledOrMissed: true }, null);
  expect(names(keys)).toBe('hnu');
  press(keys, 'h');
  expect(logger.logHoled).toHaveBeenCalledOnce();
});

test('a ball that struck stopped at what it was rolled at', () => {
  const logger = loggerOf({ target_m: 2.4 });
  press(loggerKeys(logger, { ...nothing, canStrike: true }, null), 'y');
  expect(logger.logStoppedAt).toHaveBeenCalledWith(2.4, 'target');
});

test('what the last ball was is said of it, and the proposed cause is taken where there is one', () => {
  const last = { id: 'b1' } as ShownPutt;
  expect(names(loggerKeys(loggerOf({}, last), nothing, null))).toBe('uvqzx');
  const logger = loggerOf({ runId: 'r1' }, last);
  const keys = loggerKeys(logger, nothing, { cause: 'read' } as unknown as RunProgress['last']);
  expect(names(keys)).toBe('uvqzxtc');
  press(keys, 'z');
  expect(logger.toggleMark).toHaveBeenCalledWith(last, 'distraction');
  press(keys, 'c');
  expect(logger.toggleCause).toHaveBeenCalledWith(last, 'read');
  // Without a ball there is nothing the cause could be of.
  expect(names(loggerKeys(loggerOf({}), nothing, { cause: 'read' } as unknown as RunProgress['last']))).toBe('u');
});
