import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { NO_PRESS, type Point, type PressEvent, type PressState, pressed, REST_MS } from './press';

/**
 * Follows a hand on a drawing.
 *
 * @param onBall called with the point where a ball was let go, pixels on the screen
 * @returns props of the drawing, and where the hand aims while it rests there
 */
export function useLanePress(onBall: (at: Point, on: SVGSVGElement) => void) {
  const state = useRef<PressState>(NO_PRESS);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const drawing = useRef<SVGSVGElement>(null);
  const [aim, setAim] = useState<Point | null>(null);
  const take = (event: PressEvent) => {
    const next = pressed(state.current, event);
    state.current = next.state;
    setAim(next.state.press.phase === 'aiming' ? next.state.press.at : null);
    if (next.logged !== null && drawing.current !== null) {
      onBall(next.logged, drawing.current);
    }
  };
  useEffect(() => {
    const svg = drawing.current;
    // Once a finger rests it aims: from then on its moves no longer scroll.
    const hold = (event: TouchEvent) => {
      if (state.current.press.phase === 'aiming' || state.current.press.phase === 'off') {
        event.preventDefault();
      }
    };
    svg?.addEventListener('touchmove', hold, { passive: false });
    return () => {
      svg?.removeEventListener('touchmove', hold);
      clearTimeout(resting.current);
    };
  }, []);
  const pointOf = ({ clientX, clientY }: PointerEvent): Point => ({ x: clientX, y: clientY });
  return {
    aim,
    drawing,
    pointerProps: {
      onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
        if (!event.isPrimary || event.button !== 0) {
          return;
        }
        const isTouch = event.pointerType === 'touch';
        if (!isTouch) {
          event.currentTarget.setPointerCapture(event.pointerId);
        }
        take({ type: 'down', at: pointOf(event), time: event.timeStamp, isTouch });
        clearTimeout(resting.current);
        resting.current = setTimeout(() => take({ type: 'rested' }), REST_MS);
      },
      onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
        if (state.current.press.phase !== 'none') {
          const box = event.currentTarget.getBoundingClientRect();
          const isInside =
            event.clientX >= box.left &&
            event.clientX <= box.right &&
            event.clientY >= box.top &&
            event.clientY <= box.bottom;
          take({ type: 'move', at: pointOf(event), time: event.timeStamp, isInside });
        }
      },
      onPointerUp: (event: PointerEvent<SVGSVGElement>) => {
        clearTimeout(resting.current);
        take({ type: 'up', time: event.timeStamp });
      },
      onPointerCancel: () => {
        clearTimeout(resting.current);
        take({ type: 'cancel' });
      },
    },
  };
}
