import { useEffect, useState } from 'react';
import { Entry } from '../../design';
import type { LengthKind } from '../../units/length';
import type { Units } from '../../units/useUnits';

interface LengthEntryProps {
  label: string;
  kind: LengthKind;
  metres: number | null;
  onChange: (metres: number | null) => void;
  units: Units;
  error: string | null;
  hint?: string;
}

/** A length that can be typed here and dragged elsewhere: what is half typed stands until it can be read. */
export function LengthEntry({ label, kind, metres, onChange, units, error, hint }: LengthEntryProps) {
  const [text, setText] = useState(units.text(metres, kind));
  const read = units.reread(text, metres, kind);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a length that came from elsewhere is written over.
  useEffect(() => {
    const typed = units.reread(text, metres, kind).metres;
    if (typed === null || metres === null || Math.abs(typed - metres) > 0.0005) {
      setText(units.text(metres, kind));
    }
  }, [metres]);
  return (
    <Entry
      label={label}
      suffix={units.suffix(kind)}
      value={text}
      hint={hint}
      onChange={(typed) => {
        setText(typed);
        const { metres: told, error: wrong } = units.read(typed, kind);
        if (wrong === null && (told !== null || typed.trim() === '')) {
          onChange(told);
        }
      }}
      error={read.error ?? error}
    />
  );
}
