import { useEffect, useRef, useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import type { BallMeasurement } from '../../api/types';
import { chip, color, Entry, isNarrow, narrow, SheetButton, Stack, type } from '../../design';
import { METRES_PER_INCH } from '../../units/length';
import { outsideLimits } from '../../units/limits';
import type { Units } from '../../units/useUnits';
import { recentBackstrokes } from './entry';
import { goToLength } from './fields';
import type { Logger } from './useLogger';

const ITEM = 44;
const REST_MS = 120;

const Frame = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) 112px; gap: 6px 10px; align-items: end; min-width: 0;
`;

const Ruler = styled.div`
  position: relative; min-width: 0;
  &::after { content: ''; position: absolute; left: 50%; top: 0; margin-left: -8px; border: 8px solid transparent; border-top: 12px solid ${color.copper}; border-bottom: 0; pointer-events: none; }
  &[data-unset] { opacity: 0.6; }
`;

/** A strip of marks under a fixed pointer; what lies under the pointer is the backstroke. */
const Strip = styled.div`
  display: flex; overflow-x: auto; scroll-snap-type: x mandatory; scrollbar-width: none; height: 60px; touch-action: pan-x;
  background: ${color.leaf}; border: 1.5px solid ${color.edge}; border-radius: 6px; padding: 0 calc(50% - ${ITEM / 2}px);
  &::-webkit-scrollbar { display: none; }
  span { flex: 0 0 ${ITEM}px; scroll-snap-align: center; display: grid; place-items: end center; padding-bottom: 6px; font: 400 1.1rem ${type.sans};
    background: linear-gradient(${color.edge}, ${color.edge}) center 14px / 1.5px 14px no-repeat; }
  span[data-half] { background-size: 1.5px 8px; font-size: 0; }
`;

const RecentChips = styled.div`
  display: flex; flex-wrap: wrap; align-items: center; gap: 6px;
  small { font-size: 0.95rem; color: ${color.pencil}; flex: none; }
  button { ${chip} min-width: 56px; padding: 0 8px; font: 700 1.05rem ${type.sans}; white-space: nowrap; }
  ${narrow} { flex-wrap: nowrap; overflow-x: auto; scrollbar-width: none; button { flex: 1 0 auto; } }
`;

interface BackstrokeRowProps {
  logger: Logger;
  /** Offered as chips, metres: lately used, or usual before any was. */
  offered: readonly number[];
  units: Units;
}

/** The backstroke of the next ball: it stays at the last one; lately used, a wheel, or digits. */
export function BackstrokeRow({ logger, offered, units }: BackstrokeRowProps) {
  const [text, setText] = useState<string | null>(null);
  const { backstroke } = logger;
  const [isPhone] = useState(isNarrow);
  const take = () => {
    const read = units.read(text ?? '', 'backstroke');
    const wrong = read.error ?? outsideLimits(read.metres, 'backstroke');
    if (wrong !== null) {
      logger.refuseBackstroke(wrong);
    } else if (text !== null) {
      logger.setBackstroke(read.metres);
      setText(null);
    }
  };
  const exact = (
    <Frame>
      <Wheel value={backstroke} onChange={logger.setBackstroke} isMetric={units.choice.unit === 'metres'} />
      <span data-keys data-backstroke>
        <Entry
          label="Backstroke"
          value={text ?? units.text(backstroke, 'backstroke')}
          onChange={setText}
          onEnter={() => {
            take();
            goToLength();
          }}
          onBlur={take}
          inputMode="decimal"
          suffix={units.suffix('backstroke')}
          error={text === null ? null : logger.wrongBackstroke}
        />
      </span>
    </Frame>
  );
  const shown = units.text(backstroke, 'backstroke');
  return (
    <Stack $gap="xs">
      <RecentChips role="group" aria-label="Recent backstrokes">
        <small aria-hidden="true">Backstroke</small>
        {offered.map((metres) => (
          <ToggleButton
            key={metres}
            isSelected={backstroke !== null && units.text(metres, 'backstroke') === shown}
            onPress={() => {
              setText(null);
              logger.setBackstroke(metres);
            }}
          >
            {units.show(metres, 'backstroke')}
          </ToggleButton>
        ))}
        {isPhone && (
          <SheetButton label="Other" name="Other backstroke" title="Other backstroke">
            {() => exact}
          </SheetButton>
        )}
      </RecentChips>
      {!isPhone && exact}
    </Stack>
  );
}

interface WheelProps {
  /** Metres; null while none is chosen: then it only shows where one would begin. */
  value: number | null;
  onChange: (metres: number) => void;
  isMetric: boolean;
}

/** For the thumb only: the field beside it says and takes the same. */
function Wheel({ value, onChange, isMetric }: WheelProps) {
  const strip = useRef<HTMLDivElement>(null);
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  const steps = isMetric ? METRIC : IMPERIAL;
  const hand = useRef(false);
  const index = nearest(steps, value ?? BEGINNING);
  useEffect(() => {
    if (strip.current !== null && Math.round(strip.current.scrollLeft / ITEM) !== index) {
      strip.current.scrollTo({ left: index * ITEM });
    }
  }, [index]);
  const settle = () => {
    clearTimeout(rest.current);
    rest.current = setTimeout(() => {
      const at = Math.round((strip.current?.scrollLeft ?? 0) / ITEM);
      const step = steps[at];
      // Only what a hand did is an entry: the strip also moves when the field beside it is typed in.
      if (hand.current && step !== undefined && (at !== index || value === null)) {
        onChange(step);
      }
    }, REST_MS);
  };
  return (
    <Ruler aria-hidden="true" data-unset={value === null || undefined}>
      <Strip
        ref={strip}
        onScroll={settle}
        onPointerDown={() => {
          hand.current = true;
        }}
        onWheel={() => {
          hand.current = true;
        }}
        tabIndex={-1}
        data-wheel
      >
        {steps.map((metres, at) => (
          <span key={metres} data-half={at % 2 === 1 || undefined}>
            {isMetric ? Math.round(metres * 100) : Math.round(metres / METRES_PER_INCH)}
          </span>
        ))}
      </Strip>
    </Ruler>
  );
}

/** Where the strip stands while nothing is chosen, metres: ten inches. */
const BEGINNING = 10 * METRES_PER_INCH;

/** Half inches to three feet; centimetres to ninety. */
const IMPERIAL = Array.from({ length: 71 }, (_, index) => (1 + index / 2) * METRES_PER_INCH);
const METRIC = Array.from({ length: 88 }, (_, index) => (2 + index) / 100);

function nearest(steps: readonly number[], value: number): number {
  return steps.reduce(
    (best, step, at) => (Math.abs(step - value) < Math.abs((steps[best] ?? 0) - value) ? at : best),
    0,
  );
}

const USUAL: Readonly<Record<Units['choice']['unit'], readonly number[]>> = {
  feet: [6, 8, 10, 12].map((inches) => inches * METRES_PER_INCH),
  metres: [0.15, 0.2, 0.25, 0.3],
  paces: [6, 8, 10, 12].map((inches) => inches * METRES_PER_INCH),
};
const MOST_OFFERED = 4;

/** Backstrokes to choose from at one touch, metres. */
export function offeredBackstrokes(putts: readonly Pick<BallMeasurement, 'backstroke_m'>[], units: Units): number[] {
  // As they are read: two that round alike are one chip.
  const rounded = putts.map(({ backstroke_m }) => ({
    backstroke_m:
      backstroke_m === null ? null : units.read(units.text(backstroke_m, 'backstroke'), 'backstroke').metres,
  }));
  return recentBackstrokes(rounded, USUAL[units.choice.unit], MOST_OFFERED);
}
