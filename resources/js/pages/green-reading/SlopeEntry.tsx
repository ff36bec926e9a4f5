import type { PuttRead, PuttSituation } from '../../api/types';
import { Columns, OneOf, QuietText, Row, Stack } from '../../design';
import { TakeMeasurement } from '../../features/sensors/TakeMeasurement';
import type { Units } from '../../units/useUnits';
import { ClockDial, hourWords } from './ClockDial';
import { LengthEntry } from './LengthEntry';
import { Measured } from './Measured';
import { type SlopeWay, STANCE, saidBy, withClock } from './puttEntry';
import { TwoWay } from './TwoWay';

const WAYS = [
  { value: 'clock', label: 'Clock' },
  { value: 'grades', label: 'Grades' },
  { value: 'feet', label: 'Feet' },
] as const satisfies readonly { value: SlopeWay; label: string }[];

const HIGHER = [
  { value: 'left', label: 'Left foot' },
  { value: 'even', label: 'Level' },
  { value: 'right', label: 'Right foot' },
] as const;

/** The ground as a level read it, said by its grades. */
function levelled(
  putt: PuttSituation,
  { along_percent = 0, across_percent = 0 }: Record<string, number>,
  measured_by: string,
): PuttSituation {
  return { ...putt, slope: { by: 'grades', along_percent, across_percent, measured_by } };
}

interface SlopeEntryProps {
  putt: PuttSituation;
  look: PuttRead | undefined;
  onChange: (putt: PuttSituation) => void;
  units: Units;
  errorOf: (field: string) => string | null;
}

/** The ground as it was found: on the clock round the hole, by grades, or by which foot stands higher. */
export function SlopeEntry({ putt, look, onChange, units, errorOf }: SlopeEntryProps) {
  const { slope } = putt;
  const uphill = slope.by !== 'clock' && (
    <TwoWay
      label="Slope along the putt"
      ways={['Uphill', 'Downhill']}
      suffix="%"
      value={slope.along_percent}
      onChange={(along_percent) =>
        onChange({
          ...putt,
          // What was changed by hand is no longer the device's.
          slope: slope.by === 'grades' ? { ...slope, along_percent, measured_by: null } : { ...slope, along_percent },
        })
      }
      error={errorOf('slope.along_percent')}
    />
  );
  return (
    <Stack $gap="s">
      <OneOf
        label="Enter the slope by"
        options={WAYS}
        value={slope.by}
        onChange={(by) => look !== undefined && onChange(saidBy(putt, look, by))}
        isRow
      />
      <TakeMeasurement
        kind="level"
        scene={() => ({})}
        onRead={({ readings, source_label }) => onChange(levelled(putt, readings[0] ?? {}, source_label))}
      />
      {slope.by === 'clock' && (
        <Row $gap="m">
          <ClockDial
            hour={slope.hour}
            steep={slope.steep_percent}
            onChange={(hour, steep) => onChange(withClock(putt, hour, steep))}
          />
          <Stack $gap="s" style={{ flex: '1 1 130px' }}>
            <Measured
              label="Straight uphill is"
              suffix="% steep"
              value={slope.steep_percent}
              onChange={(steep_percent) => onChange({ ...putt, slope: { ...slope, steep_percent } })}
              error={errorOf('slope.steep_percent')}
            />
            <QuietText>
              Ball at {hourWords(slope.hour)} with uphill at 12. From 6 it goes straight up, at 3 and 9 it breaks most.
            </QuietText>
          </Stack>
        </Row>
      )}
      {slope.by === 'grades' && (
        <Columns>
          {uphill}
          <TwoWay
            label="Slope across"
            ways={['Breaks left', 'Breaks right']}
            suffix="%"
            value={slope.across_percent}
            onChange={(across_percent) => onChange({ ...putt, slope: { ...slope, across_percent, measured_by: null } })}
            error={errorOf('slope.across_percent')}
          />
        </Columns>
      )}
      {slope.by === 'feet' && (
        <Stack $gap="s">
          <OneOf
            label="Standing astride the line, which foot is higher?"
            options={HIGHER}
            value={slope.higher}
            onChange={(higher) =>
              onChange({ ...putt, slope: { ...slope, higher, by_m: slope.by_m === 0 ? 0.008 : slope.by_m } })
            }
          />
          <Columns>
            {slope.higher !== 'even' && (
              <LengthEntry
                label="Higher by"
                kind="width"
                hint={`Over feet ${units.show(slope.stance_m ?? STANCE, 'backstroke')} apart.`}
                metres={slope.by_m}
                onChange={(by_m) => by_m !== null && onChange({ ...putt, slope: { ...slope, by_m } })}
                units={units}
                error={errorOf('slope.by_m')}
              />
            )}
            {uphill}
          </Columns>
        </Stack>
      )}
    </Stack>
  );
}
