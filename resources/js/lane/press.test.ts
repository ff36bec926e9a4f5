import { describe, expect, test } from 'vitest';
import { NO_PRESS, type Point, type PressEvent, type PressState, pressed } from './press';

const at = (y: number, x = 100): Point => ({ x, y });
const down = (y: number, time = 0, isTouch = true): PressEvent => ({
  type: 'down',
  at: at(y),
  time,
  isTouch,
});
const move = (y: number, time = 200, isInside = true): PressEvent => ({
  type: 'move',
  at: at(y),
  time,
  isInside,
});
const rested: PressEvent = { type: 'rested' };
const up = (time = 300): PressEvent => ({ type: 'up', time });

/** Every ball a series of events logs, by how far down the lane it lies. */
function balls(...events: PressEvent[]): number[] {
  let state: PressState = NO_PRESS;
  const logged: number[] = [];
  for (const event of events) {
    const next = pressed(state, event);
    state = next.state;
    if (next.logged !== null) {
      logged.push(next.logged.y);
    }
  }
  return logged;
}

describe('a hand on the lane', () => {
  test('a finger held down is a ball, where it is lifted', () => {
    expect(balls(down(200), rested, up())).toEqual([200]);
    expect(balls(down(200), rested, move(230), move(226), up())).toEqual([226]);
  });

  test('a finger may tremble while it settles', () => {
    expect(balls(down(200), move(204, 50), rested, up())).toEqual([200]);
  });

  test('a swipe scrolls and logs nothing', () => {
    expect(balls(down(200), move(214, 40), move(280, 60), rested, up())).toEqual([]);
    expect(balls(down(200), { type: 'cancel' }, rested, up())).toEqual([]);
  });

  test('nine pixels before it rests are a tremble, ten a swipe', () => {
    expect(balls(down(200), move(209, 50), rested, up())).toEqual([200]);
    expect(balls(down(200), move(210, 50), rested, up())).toEqual([]);
    // Askew as well: what counts is the way.
    expect(balls(down(200), { type: 'move', at: at(207, 107), time: 50, isInside: true }, rested, up())).toEqual([]);
  });

  test('a short tap is a ball', () => {
    expect(balls(down(200), up(30))).toEqual([200]);
    expect(balls(down(200), move(204, 20), up(40))).toEqual([200]);
  });

  test('sliding off takes it back; coming back does not lose it', () => {
    expect(balls(down(200), rested, move(-20, 200, false), up())).toEqual([]);
    expect(balls(down(200), rested, move(-20, 200, false), move(180), up())).toEqual([180]);
  });

  test('a double tap is one ball, with a finger and with a mouse', () => {
    expect(balls(down(200, 0), rested, up(150), down(204, 300), rested, up(450))).toEqual([200]);
    expect(balls(down(200, 0, false), up(80), down(200, 220, false), up(300))).toEqual([200]);
    expect(balls(down(200, 0), up(40), down(200, 530), up(560))).toEqual([200]);
  });

  test('the next ball may follow at once elsewhere, and soon in the same place', () => {
    expect(balls(down(200, 0, false), up(80), down(260, 200, false), up(280))).toEqual([200, 260]);
    expect(balls(down(200, 0, false), up(80), down(200, 600, false), up(700))).toEqual([200, 200]);
  });

  test('a busy screen that hears of it late changes nothing: the hand’s own times count', () => {
    expect(balls(down(200), rested, move(240, 60), up())).toEqual([]);
    expect(balls(down(200), up(300))).toEqual([200]);
    expect(balls(down(200), move(230, 250), up(300))).toEqual([230]);
  });

  test('a mouse need not rest', () => {
    expect(balls(down(200, 0, false), up(30))).toEqual([200]);
  });
});
