import { useState } from 'react';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import { type PutterDraft, useDeletePutter, usePutters, useSavePutter, useTakePutter } from '../../api/queries';
import type { Putter } from '../../api/types';
import {
  Button,
  Columns,
  color,
  Entry,
  Notice,
  OneOf,
  Part,
  QuietText,
  Row,
  Stack,
  space,
  useFirstError,
} from '../../design';
import { readNumber } from '../../units/format';
import type { Units } from '../../units/useUnits';

const Lines = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; gap: ${space.xs}; padding: ${space.s} 0; border-bottom: 1px solid ${color.rule}; }
`;

/** A student's putters: one is in use, every ball carries it, and a change of it breaks the path. */
export function PuttersPart({ student, units }: { student: string; units: Units }) {
  const putters = usePutters(student);
  const take = useTakePutter(student);
  const drop = useDeletePutter(student);
  const [open, setOpen] = useState<string | null>(null);
  const close = () => setOpen(null);
  const error = putters.error ?? take.error ?? drop.error;
  return (
    <Part>
      <h2>Putters</h2>
      {error !== null && <Notice kind="wrong">{error.message}</Notice>}
      <Lines>
        {putters.data?.map((putter) => (
          <li key={putter.id}>
            <Row style={{ justifyContent: 'space-between' }}>
              <b>
                {putter.name}
                {putter.is_in_use && ' · in use'}
              </b>
              <Row>
                {!putter.is_in_use && <Button onPress={() => take.mutate(putter.id)}>Use {putter.name}</Button>}
                <Button look="bare" aria-label={`Edit ${putter.name}`} onPress={() => setOpen(putter.id)}>
                  Edit
                </Button>
                {!putter.is_in_use && (
                  <Button look="bare" aria-label={`Delete ${putter.name}`} onPress={() => drop.mutate(putter.id)}>
                    Delete
                  </Button>
                )}
              </Row>
            </Row>
            <QuietText>{putterWords(putter, units)}</QuietText>
            {open === putter.id && <PutterForm student={student} putter={putter} units={units} onDone={close} />}
          </li>
        ))}
      </Lines>
      {open === 'new' ? (
        <PutterForm student={student} putter={null} units={units} onDone={close} />
      ) : (
        <Row>
          <Button onPress={() => setOpen('new')}>Add a putter</Button>
        </Row>
      )}
      <QuietText>Every ball is saved with the putter in use. Changing it adds a change marker to the charts.</QuietText>
    </Part>
  );
}

const SOLES = [
  { value: 'none', label: 'Not checked' },
  { value: 'flat', label: 'Flat' },
  { value: 'toe_up', label: 'Toe up' },
  { value: 'heel_up', label: 'Heel up' },
] as const;

function putterWords({ length_m, lie_deg, loft_deg, head_g, sole, mark }: Putter, units: Units): string {
  const facts = [
    length_m === null ? null : units.show(length_m, 'backstroke'),
    lie_deg === null ? null : `lie ${lie_deg}°`,
    loft_deg === null ? null : `loft ${loft_deg}°`,
    head_g === null ? null : `head ${head_g} g`,
    sole === null ? null : `sole ${SOLES.find(({ value }) => value === sole)?.label.toLowerCase()}`,
    mark,
  ].filter((fact) => fact !== null);
  return facts.length === 0 ? 'not measured' : facts.join(' · ');
}

const NUMBERS = [
  { name: 'lie_deg', label: 'Lie', suffix: '°' },
  { name: 'loft_deg', label: 'Loft', suffix: '°' },
  { name: 'head_g', label: 'Head weight', suffix: 'g' },
] as const;

interface PutterFormProps {
  student: string;
  putter: Putter | null;
  units: Units;
  onDone: () => void;
}

function PutterForm({ student, putter, units, onDone }: PutterFormProps) {
  const keep = useSavePutter(student);
  const [name, setName] = useState(putter?.name ?? '');
  const [mark, setMark] = useState(putter?.mark ?? '');
  const [sole, setSole] = useState(putter?.sole ?? null);
  const [length, setLength] = useState(units.text(putter?.length_m ?? null, 'backstroke'));
  const [typed, setTyped] = useState<Record<string, string>>(
    Object.fromEntries(NUMBERS.map((field) => [field.name, String(putter?.[field.name] ?? '')])),
  );
  const [local, setLocal] = useState<Record<string, string>>({});
  useFirstError(keep.error ?? (Object.keys(local).length > 0 ? local : null));
  const errorAt = (field: string) => local[field] ?? fieldError(keep.error, field);
  const submit = () => {
    const wrong: Record<string, string> = {};
    const read = units.reread(length, putter?.length_m ?? null, 'backstroke');
    if (read.error !== null) {
      wrong.length_m = read.error;
    }
    const number = (field: string) => {
      const text = (typed[field] ?? '').trim();
      const value = text === '' ? null : readNumber(text);
      if (text !== '' && value === null) {
        wrong[field] = `“${text}” is not a number.`;
      }
      return value;
    };
    const draft: PutterDraft = {
      name: name.trim(),
      length_m: read.metres,
      lie_deg: number('lie_deg'),
      loft_deg: number('loft_deg'),
      head_g: number('head_g'),
      sole,
      mark: mark.trim() === '' ? null : mark.trim(),
    };
    setLocal(wrong);
    if (Object.keys(wrong).length === 0) {
      keep.mutate({ id: putter?.id ?? null, draft }, { onSuccess: onDone });
    }
  };
  return (
    <Stack role="group" aria-label={putter === null ? 'Putter' : putter.name}>
      <Columns>
        <Entry label="Name" value={name} onChange={setName} onEnter={submit} error={errorAt('name')} autoFocus />
        <Entry
          label="Length"
          value={length}
          onChange={setLength}
          onEnter={submit}
          suffix={units.suffix('backstroke')}
          error={errorAt('length_m')}
        />
        {NUMBERS.map((field) => (
          <Entry
            key={field.name}
            label={field.label}
            value={typed[field.name] ?? ''}
            onChange={(text) => setTyped({ ...typed, [field.name]: text })}
            onEnter={submit}
            suffix={field.suffix}
            error={errorAt(field.name)}
          />
        ))}
        <Entry label="Mark to aim with" value={mark} onChange={setMark} onEnter={submit} error={errorAt('mark')} />
      </Columns>
      <OneOf
        label="Sole at address"
        options={SOLES}
        value={sole ?? 'none'}
        onChange={(chosen) => setSole(chosen === 'none' ? null : chosen)}
      />
      <Row>
        <Button isPending={keep.isPending} onPress={submit}>
          Save putter
        </Button>
        <Button look="bare" onPress={onDone}>
          Cancel
        </Button>
      </Row>
    </Stack>
  );
}
