import { useState } from 'react';
import { type RollOrChipForm as Lies, useRollOrChip } from '../../api/queries';
import { ButtonLink, Columns, FoldRow, Notice, OneOf, QuietText, Row, SentenceText, Stack } from '../../design';
import type { Units } from '../../units/useUnits';
import { LengthEntry } from './LengthEntry';

const SLOPES = [
  { value: 'room', label: 'Room to run' },
  { value: 'levels', label: 'Down, then level' },
  { value: 'falls', label: 'Falls away all along' },
] as const satisfies readonly { value: Lies['slope']; label: string }[];

const LIES = [
  { value: 'fringe', label: 'Fringe' },
  { value: 'rough', label: 'Rough' },
  { value: 'bare', label: 'Bare ground' },
] as const satisfies readonly { value: Lies['lie']; label: string }[];

/** A ball that lies off the green: roll it, or chip it. */
export function RollOrChipForm({ student, units }: { student: string | null; units: Units }) {
  const [isOpen, setOpen] = useState(false);
  const [lies, setLies] = useState<Lies>({ slope: 'room', lie: 'fringe', rough_m: 0.5, room_m: 6 });
  const told = useRollOrChip(lies, student, isOpen);
  return (
    <FoldRow label="Off the green: roll it or chip it" summary="" onToggle={setOpen}>
      <Stack $gap="s">
        <OneOf
          label="The ground to the hole"
          options={SLOPES}
          value={lies.slope}
          onChange={(slope) => setLies({ ...lies, slope })}
        />
        <OneOf label="The ball lies on" options={LIES} value={lies.lie} onChange={(lie) => setLies({ ...lies, lie })} />
        <Columns style={{ gridTemplateColumns: '1fr 1fr', gap: 12 }}>
          <LengthEntry
            label="Longer grass before the green"
            kind="roll"
            metres={lies.rough_m}
            onChange={(rough_m) => setLies({ ...lies, rough_m: rough_m ?? 0 })}
            units={units}
            error={null}
          />
          <LengthEntry
            label="Green from its edge to the hole"
            kind="roll"
            metres={lies.room_m}
            onChange={(room_m) => setLies({ ...lies, room_m: room_m ?? 0 })}
            units={units}
            error={null}
          />
        </Columns>
        {told.isError && <Notice kind="wrong">{told.error.message}</Notice>}
        {told.data !== undefined && (
          <>
            <SentenceText role="status">
              <strong>{told.data.advice === 'roll' ? 'Putt it.' : 'Chip it.'}</strong> {told.data.why.join(' ')}
            </SentenceText>
            {told.data.cautions.map((caution) => (
              <QuietText key={caution}>{caution}</QuietText>
            ))}
            <QuietText>{told.data.limits}</QuietText>
            <Row>
              <ButtonLink to="/drills/putt-or-chip">Putt or chip, as a drill</ButtonLink>
            </Row>
          </>
        )}
      </Stack>
    </FoldRow>
  );
}
