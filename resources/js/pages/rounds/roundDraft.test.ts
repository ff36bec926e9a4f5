import { describe, expect, test } from 'vitest';
import { NOTHING_NOTED, type Noted, noted } from './roundDraft';

const played = (...events: Noted[]) => events.reduce(noted, NOTHING_NOTED);

describe('a round as it is noted', () => {
  test('a length and the putts are a hole; the next one begins with nothing', () => {
    const round = played({ type: 'first', metres: 6 }, { type: 'putts', putts: 2 }, { type: 'putts', putts: 1 });
    expect(round.holes.map(({ first_m, putts }) => [first_m, putts])).toEqual([
      [6, 2],
      [null, 1],
    ]);
    expect(round.first).toBeNull();
  });

  test('what is added later is of the last hole alone', () => {
    const round = played(
      { type: 'putts', putts: 2 },
      { type: 'putts', putts: 3 },
      { type: 'last', change: { side: 'short', leave_m: 1.2 } },
    );
    expect(round.holes.map(({ side, leave_m }) => [side, leave_m])).toEqual([
      [null, null],
      ['short', 1.2],
    ]);
  });

  test('undo takes the last hole back and gives its length to be put right', () => {
    const round = played({ type: 'first', metres: 4 }, { type: 'putts', putts: 4 }, { type: 'undo' });
    expect(round).toEqual({ holes: [], first: 4 });
    expect(noted(NOTHING_NOTED, { type: 'undo' })).toEqual(NOTHING_NOTED);
  });
});
