/** Choices that several forms offer, with their labels. */

export const HANDS = [
  { value: 'right', label: 'Right' },
  { value: 'left', label: 'Left' },
] as const;
export const LEVELS = [
  { value: 'new', label: 'New to it' },
  { value: 'club', label: 'Club' },
  { value: 'able', label: 'Able' },
  { value: 'tournament', label: 'Tournament' },
] as const;
export const UNITS = [
  { value: 'feet', label: 'Feet and inches' },
  { value: 'metres', label: 'Metres' },
  { value: 'paces', label: 'Paces' },
] as const;
/** How a backstroke is told to a student. */
export const BACKSTROKE_CUES = [
  { value: 'rule', label: 'By the rule' },
  { value: 'foot', label: 'By the foot' },
  { value: 'eye', label: 'By eye' },
] as const;
export const CURES = [
  { value: 'open', label: 'Not chosen' },
  { value: 'turn', label: 'Turning the whole stroke' },
  { value: 'face', label: 'Closing the face' },
] as const;
export const SURFACES = [
  { value: 'grass', label: 'Grass' },
  { value: 'mat', label: 'Mat' },
] as const;
