import type { PuttSituation } from '../../api/types';
import { Button, Columns, Fold, OneOf, Pick, QuietText, Stack } from '../../design';
import type { Units } from '../../units/useUnits';
import { LengthEntry } from './LengthEntry';

type Worn = NonNullable<PuttSituation['grain']>['worn'];

const WORN = [
  { value: 'none', label: 'None' },
  { value: 'far', label: 'The far side' },
  { value: 'far_right', label: 'Far, right' },
  { value: 'right', label: 'The right side' },
  { value: 'near_right', label: 'Near, right' },
  { value: 'near', label: 'The near side' },
  { value: 'near_left', label: 'Near, left' },
  { value: 'left', label: 'The left side' },
  { value: 'far_left', label: 'Far, left' },
] as const satisfies readonly { value: Worn | 'none'; label: string }[];

const STEPS = [
  { value: 'up', label: 'Up to the hole' },
  { value: 'down', label: 'Down to the hole' },
] as const;

interface GroundProps {
  putt: PuttSituation;
  onChange: (putt: PuttSituation) => void;
  units: Units;
  errorOf: (field: string) => string | null;
}

/** What lies on few putts: a step, a pace point before the hole, grain. */
export function Ground({ putt, onChange, units, errorOf }: GroundProps) {
  const { tier } = putt;
  const isDown = tier !== null && tier.height_m < 0;
  const error = (field: string) => errorOf(`tier.${field}`);
  return (
    <Fold label="Step, pace point, grain" isOpen={tier !== null || putt.pace_point_m !== null || putt.grain !== null}>
      <Stack $gap="s">
        {tier === null ? (
          <Button
            onPress={() => onChange({ ...putt, tier: { height_m: 0.15, run_m: 0.9, start_m: putt.length_m * 0.4 } })}
          >
            Add a step
          </Button>
        ) : (
          <>
            <OneOf
              label="The step goes"
              options={STEPS}
              value={isDown ? 'down' : 'up'}
              onChange={(way) =>
                onChange({ ...putt, tier: { ...tier, height_m: Math.abs(tier.height_m) * (way === 'down' ? -1 : 1) } })
              }
            />
            <Columns style={{ gridTemplateColumns: '1fr 1fr', gap: 12 }}>
              <LengthEntry
                label={isDown ? 'Step down by' : 'Step up by'}
                kind="backstroke"
                metres={Math.abs(tier.height_m)}
                onChange={(height) =>
                  height !== null && onChange({ ...putt, tier: { ...tier, height_m: isDown ? -height : height } })
                }
                units={units}
                error={error('height_m')}
              />
              <LengthEntry
                label="Length of the step"
                kind="roll"
                metres={tier.run_m}
                onChange={(run_m) => run_m !== null && onChange({ ...putt, tier: { ...tier, run_m } })}
                units={units}
                error={error('run_m')}
              />
              <LengthEntry
                label="Begins, from the ball"
                kind="roll"
                metres={tier.start_m}
                onChange={(start_m) => start_m !== null && onChange({ ...putt, tier: { ...tier, start_m } })}
                units={units}
                error={error('start_m')}
              />
            </Columns>
            <Button look="bare" onPress={() => onChange({ ...putt, tier: null })}>
              No step
            </Button>
          </>
        )}
        <LengthEntry
          label="Pace point, before the hole"
          kind="roll"
          hint="Where the ground falls away near the hole. It then replaces the finish past the hole."
          metres={putt.pace_point_m}
          onChange={(pace_point_m) => onChange({ ...putt, pace_point_m })}
          units={units}
          error={errorOf('pace_point_m')}
        />
        <Pick
          label="Worn edge of the hole, from the ball"
          options={WORN}
          value={putt.grain?.worn ?? 'none'}
          onChange={(worn) =>
            onChange({
              ...putt,
              grain: worn === 'none' ? null : { worn, strength: putt.grain?.strength ?? null },
            })
          }
        />
        {putt.grain !== null && (
          <Pick
            label="How strong"
            options={STRENGTHS}
            value={strengthKey(putt.grain.strength)}
            onChange={(key) =>
              putt.grain !== null &&
              onChange({ ...putt, grain: { ...putt.grain, strength: key === 'sign' ? null : Number(key) } })
            }
          />
        )}
        {putt.grain !== null && (
          <QuietText>Grass leans to the worn side. Without a strength grain is shown, but not calculated.</QuietText>
        )}
      </Stack>
    </Fold>
  );
}

const STRENGTHS = [
  { value: 'sign', label: 'Not known' },
  { value: '0.05', label: 'A little: 5 %' },
  { value: '0.1', label: 'Clear: 10 %' },
  { value: '0.15', label: 'Strong: 15 %' },
] as const;

function strengthKey(strength: number | null): (typeof STRENGTHS)[number]['value'] {
  return STRENGTHS.find(({ value }) => strength !== null && Number(value) === strength)?.value ?? 'sign';
}
