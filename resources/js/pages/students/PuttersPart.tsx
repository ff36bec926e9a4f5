import { type PutterDraft, useDeletePutter, usePutters, useSavePutter, useTakePutter } from '../../api/queries';
import type { Putter } from '../../api/types';
import { Button, Columns, EditRow, labelOf, Notice, QuietText, Row } from '../../design';
import { ChoiceField, LengthField, NumberField, TextField } from '../../features/forms/fields';
import { SheetForm } from '../../features/forms/SheetForm';
import {
  metresOf,
  numberOf,
  summed,
  type TypedLength,
  textOf,
  typedLength,
  typedNumber,
} from '../../features/forms/typed';
import type { Units } from '../../units/useUnits';

/** A student's putters: one is in use, every ball carries it, and a change of it is a change marker. */
export function PuttersPart({ student, units }: { student: string; units: Units }) {
  const putters = usePutters(student);
  return (
    <>
      {putters.isError && (
        <li>
          <Notice kind="wrong">{putters.error.message}</Notice>
        </li>
      )}
      {putters.data?.map((putter) => (
        <EditRow
          key={putter.id}
          label={`Putter: ${putter.name}`}
          summary={summed(putter.is_in_use && 'in use', putterWords(putter, units))}
        >
          {(close) => <PutterSheet student={student} putter={putter} units={units} onDone={close} />}
        </EditRow>
      ))}
      <EditRow label="Add a putter" summary="">
        {(close) => <PutterSheet student={student} putter={null} units={units} onDone={close} />}
      </EditRow>
    </>
  );
}

const SOLES = [
  { value: 'none', label: 'Not checked' },
  { value: 'flat', label: 'Flat' },
  { value: 'toe_up', label: 'Toe up' },
  { value: 'heel_up', label: 'Heel up' },
] as const;

/** What is measured of a putter, as far as a row has room for it. */
function putterWords({ length_m, lie_deg, loft_deg, sole }: Putter, units: Units): string {
  const facts = summed(
    length_m !== null && units.show(length_m, 'backstroke'),
    lie_deg !== null && `lie ${lie_deg}°`,
    loft_deg !== null && `loft ${loft_deg}°`,
    sole !== null && `sole ${labelOf(SOLES, sole).toLowerCase()}`,
  );
  return facts === '' ? 'not measured' : facts;
}

interface PutterValues {
  name: string;
  length_m: TypedLength;
  lie_deg: string;
  loft_deg: string;
  head_g: string;
  mark: string;
  sole: (typeof SOLES)[number]['value'];
}

interface PutterSheetProps {
  student: string;
  putter: Putter | null;
  units: Units;
  onDone: () => void;
}

function PutterSheet({ student, putter, units, onDone }: PutterSheetProps) {
  const save = useSavePutter(student);
  const [take, drop] = [useTakePutter(student), useDeletePutter(student)];
  const error = take.error ?? drop.error;
  const values: PutterValues = {
    name: putter?.name ?? '',
    length_m: typedLength(units, putter?.length_m ?? null, 'backstroke'),
    lie_deg: typedNumber(putter?.lie_deg ?? null),
    loft_deg: typedNumber(putter?.loft_deg ?? null),
    head_g: typedNumber(putter?.head_g ?? null),
    mark: putter?.mark ?? '',
    sole: putter?.sole ?? 'none',
  };
  const draft = (filled: PutterValues): { id: string | null; draft: PutterDraft } => ({
    id: putter?.id ?? null,
    draft: {
      name: filled.name.trim(),
      length_m: metresOf(units, filled.length_m, 'backstroke'),
      lie_deg: numberOf(filled.lie_deg),
      loft_deg: numberOf(filled.loft_deg),
      head_g: numberOf(filled.head_g),
      sole: filled.sole === 'none' ? null : filled.sole,
      mark: textOf(filled.mark),
    },
  });
  return (
    <>
      <SheetForm values={values} save={save} draft={draft} onDone={onDone}>
        {(control) => (
          <>
            <TextField control={control} name="name" label="Name" autoFocus={putter === null} />
            <Columns>
              <LengthField control={control} name="length_m" label="Length" units={units} kind="backstroke" />
              <NumberField control={control} name="head_g" label="Head weight" suffix="g" />
              <NumberField control={control} name="lie_deg" label="Lie" suffix="°" />
              <NumberField control={control} name="loft_deg" label="Loft" suffix="°" />
            </Columns>
            <TextField control={control} name="mark" label="Mark to aim with" />
            <ChoiceField control={control} name="sole" label="Sole at address" options={SOLES} />
          </>
        )}
      </SheetForm>
      {error !== null && <Notice kind="wrong">{error.message}</Notice>}
      {putter !== null && !putter.is_in_use && (
        <Row>
          <Button onPress={() => take.mutate(putter.id, { onSuccess: onDone })}>Use {putter.name}</Button>
          <Button look="bare" onPress={() => drop.mutate(putter.id, { onSuccess: onDone })}>
            Delete {putter.name}
          </Button>
        </Row>
      )}
      <QuietText>Every ball is saved with the putter in use. Changing it adds a change marker to the charts.</QuietText>
    </>
  );
}
