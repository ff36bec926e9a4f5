import type { CheckAttempt, CheckField } from '../../api/types';
import { smallKind } from '../../lane/drillWords';
import { readNumber } from '../../units/format';
import { lengthKind } from '../../units/length';
import type { Units } from '../../units/useUnits';

/** One answer in words: "2 cm left", "A mirror", "76". */
export function answerWords(field: CheckField, answer: CheckAttempt['answers'][string], units: Units): string {
  if (typeof answer !== 'number') {
    return field.answers.find(({ value }) => value === String(answer))?.label ?? String(answer);
  }
  if (field.kind !== 'metres') {
    return field.kind === 'number' ? `${answer} ${field.unit}` : String(answer);
  }
  const length = units.show(Math.abs(answer), lengthKind(field) === 'roll' ? 'roll' : smallKind(answer));
  return field.sides === null ? length : `${length} ${field.sides[answer < 0 ? 0 : 1].toLowerCase()}`;
}

/** A try in one line, in the order its check asks. */
export function tryWords(fields: readonly CheckField[], answers: CheckAttempt['answers'], units: Units): string {
  return fields
    .flatMap((field) => {
      const answer = answers[field.name];
      return answer === undefined ? [] : [answerWords(field, answer, units)];
    })
    .join(' · ');
}

/** What is typed and chosen of the next try, by field: a length as its text, apart from its side. */
export interface Draft {
  texts: Record<string, string>;
  sides: Record<string, 0 | 1>;
}

export const NOTHING: Draft = { texts: {}, sides: {} };

/** After a try is kept, what was measured is measured anew; how and where stay as they were. */
export function nextDraft(fields: readonly CheckField[], { texts, sides }: Draft): Draft {
  const [measured] = fields;
  const kept = Object.entries(texts).filter(([name]) => name !== measured?.name);
  return { texts: Object.fromEntries(kept), sides };
}

export type Read =
  | { answers: CheckAttempt['answers']; errors: null }
  | { answers: null; errors: Record<string, string> };

/** Reads a draft as a try, or says at each field what is missing or cannot be. */
export function readDraft(fields: readonly CheckField[], draft: Draft, units: Units): Read {
  const answers: CheckAttempt['answers'] = {};
  const errors: Record<string, string> = {};
  for (const field of fields) {
    const text = (draft.texts[field.name] ?? '').trim();
    if (text === '') {
      if (field.is_needed) {
        errors[field.name] = 'Enter this to save the attempt.';
      }
      continue;
    }
    const read = readField(field, text, draft.sides[field.name], units);
    if (typeof read === 'object') {
      errors[field.name] = read.error;
    } else {
      answers[field.name] = read;
    }
  }
  return Object.keys(errors).length > 0 ? { answers: null, errors } : { answers, errors: null };
}

function readField(
  field: CheckField,
  text: string,
  side: 0 | 1 | undefined,
  units: Units,
): string | number | { error: string } {
  switch (field.kind) {
    case 'count': {
      const count = Number(text.replace(',', '.'));
      return Number.isInteger(count) && count >= (field.least ?? 0) && count <= (field.most ?? 0)
        ? count
        : { error: `“${text}” is outside the range. Type ${field.least} to ${field.most}.` };
    }
    case 'number': {
      const number = readNumber(text);
      return number !== null && number >= (field.least ?? 0) && number <= (field.most ?? 0)
        ? number
        : { error: `“${text}” is outside the range. Type ${field.least} to ${field.most} ${field.unit}.` };
    }
    case 'metres': {
      const kind = lengthKind(field);
      const { metres, error } = units.read(text, kind);
      if (metres === null) {
        return { error: error ?? 'Enter this to save the attempt.' };
      }
      if (field.sides !== null && side === undefined && metres !== 0) {
        return {
          error: `Choose a side: ${field.sides[0].toLowerCase()} or ${field.sides[1].toLowerCase()}.`,
        };
      }
      const value = field.sides !== null && side === 0 ? -metres : metres;
      return value >= (field.least ?? 0) && value <= (field.most ?? 0)
        ? value
        : { error: `That is beyond ${units.show(field.most ?? 0, kind)}: is the unit right?` };
    }
    default:
      return text;
  }
}
