import { useEffect, useState } from 'react';
import { Entry } from '../../design';
import { readNumber } from '../../units/format';

interface MeasuredProps {
  label: string;
  suffix: string;
  value: number;
  onChange: (value: number) => void;
  error: string | null;
  hint?: string;
}

/** A bare number that can be typed here and dragged elsewhere: what is half typed stands until it is a number. */
export function Measured({ label, suffix, value, onChange, error, hint }: MeasuredProps) {
  const [text, setText] = useState(shown(value));
  useEffect(() => setText((typed) => (readNumber(typed) === value ? typed : shown(value))), [value]);
  const isUnreadable = text.trim() !== '' && readNumber(text) === null;
  return (
    <Entry
      label={label}
      suffix={suffix}
      value={text}
      hint={hint}
      inputMode="decimal"
      onChange={(typed) => {
        setText(typed);
        const read = readNumber(typed);
        if (read !== null) {
          onChange(read);
        }
      }}
      error={isUnreadable ? `“${text.trim()}” is not a number.` : error}
    />
  );
}

function shown(value: number): string {
  return String(Math.round(value * 100) / 100);
}
