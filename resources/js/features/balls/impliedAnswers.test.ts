import { expect, it } from 'vitest';
import type { ObservationType } from '../../api/types';
import { impliedBy, impliedForNext } from './impliedAnswers';

const kind = (name: string, told: Partial<Pick<ObservationType, 'tells' | 'tells_of_next'>>) =>
  ({ name, tells: [], tells_of_next: [], ...told }) as unknown as ObservationType;

it('says of another kind only what the answer says of it', () => {
  const water = kind('water', {
    tells: [
      { name: 'read_side', answers: { left: 'left' } },
      { name: 'read_grade', answers: { on: 'down' } },
    ],
  });
  expect(impliedBy(water, 'left')).toEqual([['read_side', 'left']]);
  expect(impliedBy(water, 'on')).toEqual([['read_grade', 'down']]);
  expect(impliedBy(water, null)).toEqual([]);
});

it('tells the putt back from what the last ball did, and nothing where nobody watched', () => {
  const beyond = kind('curved_beyond', {
    tells_of_next: [{ name: 'read_side', answers: { left: 'right' } }],
  });
  expect(impliedForNext({ curved_beyond: 'left' }, [beyond])).toEqual([['read_side', 'right']]);
  expect(impliedForNext({}, [beyond])).toEqual([]);
  expect(impliedForNext({ curved_beyond: 3 }, [beyond])).toEqual([]);
});
