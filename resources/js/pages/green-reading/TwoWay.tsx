import { OneOf, Stack } from '../../design';
import { Measured } from './Measured';

interface TwoWayProps {
  label: string;
  /** What a positive value is called, and a negative one. */
  ways: readonly [string, string];
  suffix: string;
  value: number;
  onChange: (value: number) => void;
  error: string | null;
}

/** A number with its direction in a word: a sign is never typed. */
export function TwoWay({ label, ways: [plus, minus], suffix, value, onChange, error }: TwoWayProps) {
  const isMinus = value < 0 || Object.is(value, -0);
  return (
    <Stack $gap="s">
      <Measured
        label={label}
        suffix={suffix}
        value={Math.abs(value)}
        onChange={(typed) => onChange(isMinus ? -Math.abs(typed) : Math.abs(typed))}
        error={error}
      />
      <OneOf
        label={`${label}: which way`}
        isLabelHidden
        options={[
          { value: 'plus', label: plus },
          { value: 'minus', label: minus },
        ]}
        value={isMinus ? 'minus' : 'plus'}
        onChange={(way) => onChange(way === 'minus' ? -Math.abs(value) : Math.abs(value))}
      />
    </Stack>
  );
}
