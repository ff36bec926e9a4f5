/** How what is asked of a ball stands on large faces, and under which key. */

import type { Observations, ObservationType } from '../../api/types';
import { GATES } from './ballWords';

export interface FaceOption {
  value: string;
  label: string;
  keyName: string;
}

/** Keys of a choice that has none of its own, in the order of its answers. */
const KEYS = ['e', 'f', 'm', 'o', 'p'] as const;

/** A whole number is offered from one up to here: more levels a green hardly has. */
const MOST_COUNTED = 3;

const YES_NO_KEYS: Readonly<Record<string, string>> = { yes: 'y', no: 'n' };

export function facesOf(kind: ObservationType): readonly FaceOption[] {
  if (kind.name === 'gate') {
    return GATES;
  }
  if (kind.kind === 'count') {
    return Array.from({ length: Math.min(MOST_COUNTED, kind.most ?? 1) }, (_, at) => ({
      value: String(at + 1),
      label: String(at + 1),
      keyName: KEYS[at] ?? '',
    }));
  }
  return kind.answers.map(({ value, label }, at) => ({
    value,
    label,
    keyName: kind.kind === 'yes_no' ? (YES_NO_KEYS[value] ?? '') : (KEYS[at] ?? ''),
  }));
}

/** The face an answer stands on. */
export function faceOf(answer: NonNullable<Observations[string]>): string {
  return typeof answer === 'boolean' ? (answer ? 'yes' : 'no') : String(answer);
}

/** The answer a face gives. */
export function answerOfFace({ kind }: ObservationType, face: string): string | number | boolean {
  switch (kind) {
    case 'yes_no':
      return face === 'yes';
    case 'count':
    case 'metres':
    case 'number':
      return Number(face);
    case 'words':
      return face;
  }
}
