import { expect, it } from 'vitest';
import type { SeenKind } from '../server/types';
import { toldBy, toldOfNext } from './told';

const kind = (name: string, told: Partial<Pick<SeenKind, 'tells' | 'tells_of_next'>>) =>
  ({ name, tells: [], tells_of_next: [], ...told }) as unknown as SeenKind;

it('says of another kind only what the answer says of it', () => {
  const water = kind('water', {
    tells: [
      { name: 'read_side', answers: { left: 'left' } },
      { name: 'read_grade', answers: { on: 'down' } },
    ],
  });
  expect(toldBy(water, 'left')).toEqual([['read_side', 'left']]);
  expect(toldBy(water, 'on')).toEqual([['read_grade', 'down']]);
  expect(toldBy(water, null)).toEqual([]);
});

it('tells the putt back from what the last ball did, and nothing where nobody watched', () => {
  const beyond = kind('curved_beyond', {
    tells_of_next: [{ name: 'read_side', answers: { left: 'right' } }],
  });
  expect(toldOfNext({ curved_beyond: 'left' }, [beyond])).toEqual([['read_side', 'right']]);
  expect(toldOfNext({}, [beyond])).toEqual([]);
  expect(toldOfNext({ curved_beyond: 3 }, [beyond])).toEqual([]);
});
