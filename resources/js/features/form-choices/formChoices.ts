/** Choices that several forms offer, with their labels. */

export const HANDS = [
  { value: 'right', label: 'Right' },
  { value: 'left', label: 'Left' },
] as const;
export const LEVELS = [
  { value: 'new', label: 'Beginner' },
  { value: 'club', label: 'Club' },
  { value: 'able', label: 'Advanced' },
  { value: 'tournament', label: 'Tournament' },
] as const;
export const UNITS = [
  { value: 'feet', label: 'Feet and inches' },
  { value: 'metres', label: 'Metres' },
  { value: 'paces', label: 'Steps' },
] as const;
/** How a backstroke is told to a student. */
export const BACKSTROKE_CUES = [
  { value: 'rule', label: 'By length' },
  { value: 'foot', label: 'By shoe' },
  { value: 'eye', label: 'By feel' },
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
