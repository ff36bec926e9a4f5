import { Entry, OneOf, Stack } from '../../design';
import { readNumber } from '../../units/format';
import { stepped } from './typed';

/** Which way it goes, and how steep it is as it was typed. */
export interface TypedSlope {
  way: 'none' | 'plus' | 'minus';
  percent: string;
}

export const NO_SLOPE: TypedSlope = { way: 'none', percent: '' };

/** What the three ways are called: none, positive and negative. */
export const ALONG = { none: 'Level', plus: 'Uphill', minus: 'Downhill' } as const;
/** Ground that rises to the right, positive, sends the ball left. */
export const ACROSS = { none: 'No break', plus: 'Breaks left', minus: 'Breaks right' } as const;

export function typedSlope(percent: number | null): TypedSlope {
  return percent === null || percent === 0
    ? NO_SLOPE
    : { way: percent > 0 ? 'plus' : 'minus', percent: String(Math.abs(percent)) };
}

/** A slope out of a text with a sign, as a draft keeps it: "", "2", "-1.5"; "+" and "-" where no number is typed yet. */
export function slopeOfText(text: string): TypedSlope {
  const typed = text.trim();
  return typed === ''
    ? NO_SLOPE
    : { way: /^[-−]/.test(typed) ? 'minus' : 'plus', percent: typed.replace(/^[-−+]/, '') };
}

export function textOfSlope({ way, percent }: TypedSlope): string {
  return way === 'none' ? '' : `${way === 'minus' ? '-' : percent.trim() === '' ? '+' : ''}${percent}`;
}

/** @returns percent, signed by its way; null where there is none; and what to say at the field */
export function readSlope({ way, percent }: TypedSlope): { percent: number | null; error: string | null } {
  if (way === 'none') {
    return { percent: null, error: null };
  }
  const steep = readNumber(percent.replace('%', ''));
  if (steep === null || steep < 0) {
    return { percent: null, error: percent.trim() === '' ? 'Type how steep, like 2 %.' : notASlope(percent) };
  }
  return { percent: way === 'plus' ? steep : -steep, error: null };
}

function notASlope(text: string): string {
  return `“${text.trim()}” is not a slope. Type a number like 2.`;
}

interface SlopeEntryProps {
  label: string;
  /** What the ways are called. */
  words: Readonly<Record<TypedSlope['way'], string>>;
  value: TypedSlope;
  onChange: (value: TypedSlope) => void;
  onEnter?: () => void;
  error: string | null;
}

/** A slope in words and a number: never by a sign. */
export function SlopeEntry({ label, words, value, onChange, onEnter, error }: SlopeEntryProps) {
  return (
    <Stack $gap="s">
      <OneOf
        label={label}
        options={(['none', 'plus', 'minus'] as const).map((way) => ({ value: way, label: words[way] }))}
        value={value.way}
        onChange={(way) => onChange({ ...value, way })}
      />
      {value.way !== 'none' && (
        <Entry
          label={`${label}, percent`}
          value={value.percent}
          onChange={(percent) => onChange({ ...value, percent })}
          {...(onEnter !== undefined && { onEnter })}
          onStep={(by) => onChange({ ...value, percent: stepped(value.percent, by / 2) })}
          inputMode="decimal"
          suffix="%"
          error={error}
        />
      )}
    </Stack>
  );
}
