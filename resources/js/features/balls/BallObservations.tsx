import { useState } from 'react';
import { useObservationTypes } from '../../api/queries';
import { type Ball, type Observations, type ObservationType, observedNumber } from '../../api/types';
import { Entry, Fold, OneOf, QuietText, Stack } from '../../design';
import { readNumber } from '../../units/format';
import { lengthKind } from '../../units/length';
import type { Units } from '../../units/useUnits';
import { readSide } from './readStop';

interface SeenOfProps {
  /** The ball as it was logged: what was asked of it then stays in sight. */
  putt: Pick<Ball, 'seen'>;
  seen: Observations;
  /** An answer of null takes an earlier one back. */
  onSee: (answers: Observations) => void;
  units: Units;
}

/** What was seen of a ball, from the server's list of what can be: asked first, the rest one touch further. */
export function BallObservations({ putt, seen, onSee, units }: SeenOfProps) {
  const kinds = useObservationTypes();
  const all = kinds.data ?? [];
  const asked = all.filter(({ name }) => putt.seen[name] != null);
  const others = all.filter(({ name, of_any_ball }) => of_any_ball && putt.seen[name] == null);
  const more = others.filter(({ kind }) => kind !== 'number');
  const measured = others.filter(({ kind }) => kind === 'number');
  const one = (kind: ObservationType) => (
    <BallObservation
      key={kind.name}
      kind={kind}
      answer={seen[kind.name] ?? null}
      onAnswer={(answer) => onSee({ [kind.name]: answer })}
      units={units}
    />
  );
  return (
    <>
      {asked.map(one)}
      {kinds.isError && <QuietText>More questions need the server: {kinds.error.message}</QuietText>}
      {more.length > 0 && (
        <Fold label="Observations">
          <Stack>{more.map(one)}</Stack>
        </Fold>
      )}
      {measured.length > 0 && (
        <Fold label="Measured">
          <Stack>{measured.map(one)}</Stack>
        </Fold>
      )}
    </>
  );
}

interface SeenOneProps {
  kind: ObservationType;
  answer: Observations[string];
  onAnswer: (answer: Observations[string]) => void;
  units: Units;
}

/** Not said is an answer too. */
const NOT_SAID = { value: '', label: 'Not recorded' } as const;

/** One thing seen, with its answers. */
export function BallObservation({ kind, answer, onAnswer, units }: SeenOneProps) {
  switch (kind.kind) {
    case 'words':
      return (
        <OneOf<string>
          label={kind.question}
          options={[NOT_SAID, ...kind.answers]}
          value={answer === null ? '' : String(answer)}
          onChange={(value) => onAnswer(value === '' ? null : value)}
        />
      );
    case 'yes_no':
      return (
        <OneOf<string>
          label={kind.question}
          options={[NOT_SAID, ...kind.answers]}
          value={answer === null ? '' : answer === true ? 'yes' : 'no'}
          onChange={(value) => onAnswer(value === '' ? null : value === 'yes')}
        />
      );
    case 'count':
    case 'metres':
    case 'number':
      return <ObservedNumber kind={kind} answer={answer} onAnswer={onAnswer} units={units} />;
  }
}

/** A number seen of a ball, in the coach's unit where it is a length. */
export function ObservedNumber({ kind, answer, onAnswer, units }: SeenOneProps) {
  const isLength = kind.kind === 'metres';
  const given = observedNumber({ answer }, 'answer');
  const [error, setError] = useState<string | null>(null);
  const unit = lengthKind(kind);
  const show = (value: number | null) => (isLength ? units.show(value ?? 0, unit) : String(value ?? 0));
  const range = `${show(kind.least)} to ${show(kind.most)}`;
  return (
    <Entry
      label={kind.question}
      defaultValue={given === null ? '' : isLength ? units.text(given, unit) : String(given)}
      onChange={(text) => {
        const read = isLength
          ? ((kind.least ?? 0) < 0 ? readSide(text, unit, units) : units.read(text, unit)).metres
          : readNumber(text);
        const isPossible =
          read !== null &&
          (kind.kind !== 'count' || Number.isInteger(read)) &&
          text.trim() !== '' &&
          read >= (kind.least ?? 0) &&
          read <= (kind.most ?? 0);
        // What cannot be read takes no earlier answer away.
        const isEmpty = text.trim() === '';
        setError(isEmpty || isPossible ? null : `“${text.trim()}” is outside the range. Type ${range}.`);
        if (isEmpty || isPossible) {
          onAnswer(isPossible ? read : null);
        }
      }}
      inputMode={isLength ? 'text' : kind.kind === 'count' ? 'numeric' : 'decimal'}
      {...(isLength ? { suffix: units.suffix(unit) } : kind.kind === 'number' ? { suffix: kind.unit ?? '' } : {})}
      error={error}
      hint={`${range}.`}
    />
  );
}
