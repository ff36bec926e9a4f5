import type { UnitsSlip } from '../api/types';
import { formatFeet } from './length';
import type { Units } from './useUnits';

/** What does not agree between a length as it was said and the paces counted to it. */
export function slipWords(slip: NonNullable<UnitsSlip['slip']>, length: number, units: Units): string {
  const paced = units.choice.unit === 'metres' ? `${slip.paced_m.toFixed(1)} m` : formatFeet(slip.paced_m);
  return `Your count makes ${paced}, not ${units.show(length, 'station')}. ${
    slip.likely === null
      ? 'Step it again.'
      : `The same number in ${slip.likely} would fit: was it said in ${slip.likely}?`
  }`;
}
