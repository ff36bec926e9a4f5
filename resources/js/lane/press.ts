/** What a hand on the lane means: a touch that rests is a ball, a swipe scrolls, sliding off takes it back. */

export interface Point {
  /** Pixels on the screen. */
  x: number;
  y: number;
}

export type Press =
  | { phase: 'none' }
  /** Down, and not yet known to rest. */
  | { phase: 'settling'; at: Point }
  /** Rests: it may be moved to aim, and logs when it is let go. */
  | { phase: 'aiming'; at: Point }
  /** Moved off the lane: let go there, nothing is logged. */
  | { phase: 'off' };

export interface PressState {
  press: Press;
  /** The last ball that was logged by a press, to tell a double tap. */
  last: { at: Point; time: number } | null;
}

export type PressEvent =
  | { type: 'down'; at: Point; time: number; isTouch: boolean }
  | { type: 'move'; at: Point; isInside: boolean }
  | { type: 'rested' }
  | { type: 'up'; time: number }
  | { type: 'cancel' };

/** A finger that stays so long rests, milliseconds; a swipe has moved by then. */
export const REST_MS = 120;
/** A finger that moves further before it rests is on its way elsewhere, pixels. */
const SWIPE_PX = 9;
/** A second tap so soon and so near is the same one said twice. */
const DOUBLE_MS = 380;
const DOUBLE_PX = 28;

export const NO_PRESS: PressState = { press: { phase: 'none' }, last: null };

/** The press after an event, and the point of a ball where one was logged. */
export function pressed(state: PressState, event: PressEvent): { state: PressState; logged: Point | null } {
  const become = (press: Press) => ({ state: { ...state, press }, logged: null });
  const { press } = state;
  switch (event.type) {
    case 'down':
      if (isSecondTap(state, event)) {
        return become({ phase: 'none' });
      }
      // A mouse is exact and scrolls by its wheel: it need not rest.
      return become({ phase: event.isTouch ? 'settling' : 'aiming', at: event.at });
    case 'move':
      if (press.phase === 'settling') {
        return become(distance(press.at, event.at) > SWIPE_PX ? { phase: 'none' } : press);
      }
      return press.phase === 'aiming' || press.phase === 'off'
        ? become(event.isInside ? { phase: 'aiming', at: event.at } : { phase: 'off' })
        : become(press);
    case 'rested':
      return become(press.phase === 'settling' ? { phase: 'aiming', at: press.at } : press);
    case 'up':
      return press.phase === 'aiming'
        ? {
            state: { press: { phase: 'none' }, last: { at: press.at, time: event.time } },
            logged: press.at,
          }
        : become({ phase: 'none' });
    case 'cancel':
      return become({ phase: 'none' });
  }
}

function isSecondTap({ last }: PressState, { at, time }: { at: Point; time: number }): boolean {
  return last !== null && time - last.time < DOUBLE_MS && distance(last.at, at) < DOUBLE_PX;
}

function distance(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
