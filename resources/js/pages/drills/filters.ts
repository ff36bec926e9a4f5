/** What may be at hand today; which drills that allows is the server's to say. */

import type { AtHand } from '../../api/queries';

export const ANYTHING: AtHand = {
  trained: null,
  minutes: null,
  place: null,
  hole: null,
  people: null,
  bag: null,
  purpose: null,
};
