import type { ReactNode } from 'react';
import { mergeProps, useFocusRing, useMove } from 'react-aria';
import { color } from '../../design';

interface HandleProps {
  label: string;
  /** What it stands at, in words. */
  words: string;
  value: number;
  least: number;
  most: number;
  at: readonly [number, number];
  /** Moved by so many units of the drawing from where it was; arrow keys move it by their own step. */
  onDrag: (dx: number, dy: number) => void;
  /** One step by key, up or down. */
  onStep: (by: 1 | -1) => void;
  onStart?: () => void;
  onEnd?: () => void;
  /** Pixels of the screen in one unit of the drawing. */
  pixels: () => number;
  children: ReactNode;
}

/** What can be taken hold of in a drawing: by finger, mouse, or arrow keys. */
export function Handle({ label, words, value, least, most, at, children, ...does }: HandleProps) {
  const { moveProps } = useMove({
    onMoveStart: () => does.onStart?.(),
    onMove: ({ deltaX, deltaY, pointerType }) => {
      if (pointerType === 'keyboard') {
        does.onStep(deltaX > 0 || deltaY < 0 ? 1 : -1);
      } else {
        does.onDrag(deltaX / does.pixels(), deltaY / does.pixels());
      }
    },
    onMoveEnd: () => does.onEnd?.(),
  });
  const { focusProps, isFocusVisible } = useFocusRing();
  return (
    <g
      {...mergeProps(moveProps, focusProps)}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuetext={words}
      transform={`translate(${at[0].toFixed(1)} ${at[1].toFixed(1)})`}
      style={{ cursor: 'grab', outline: 'none', touchAction: 'none' }}
    >
      <circle
        r={26}
        fill="transparent"
        stroke={isFocusVisible ? color.focus : 'none'}
        strokeWidth={4}
        pointerEvents="all"
      />
      {children}
    </g>
  );
}
