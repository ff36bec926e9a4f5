/** Lengths as a coach says and reads them. Metres inside; feet, inches, metres or paces at the edge. */

export type Unit = 'feet' | 'metres' | 'paces';

export interface UnitChoice {
  unit: Unit;
  /** Length of one pace in metres; needed for paces only. */
  paceLength: number | null;
}

/** What kind of length is meant: it decides the unit of a bare number and how finely it is shown. */
export type LengthKind = 'roll' | 'station' | 'backstroke' | 'width';

export const METRES_PER_FOOT = 0.3048;
export const METRES_PER_INCH = 0.0254;

/** An average pace, used only until the coach's own is measured. */
export const USUAL_PACE = 0.76;

export type ParsedLength =
  | { status: 'ok'; metres: number }
  | { status: 'empty' }
  | { status: 'unreadable' }
  /** Two lengths in one field, metres each: which one is meant only the coach can say. */
  | { status: 'two'; first: number; second: number };

/** Rounding of a part that is as large as its unit, metres. */
const SLACK = 1e-9;

const NUMBER = String.raw`(-?\d+(?:[.,]\d+)?|-?[.,]\d+)`;
const UNIT_METRES: [RegExp, (choice: UnitChoice) => number][] = [
  [/^(?:'|′|ft|foot|feet)$/, () => METRES_PER_FOOT],
  [/^(?:"|″|''|in|inch|inches)$/, () => METRES_PER_INCH],
  [/^(?:m|metre|metres|meter|meters)$/, () => 1],
  [/^(?:cm)$/, () => 0.01],
  [/^(?:mm)$/, () => 0.001],
  [/^(?:step|steps|p|pace|paces)$/, (choice) => choice.paceLength ?? USUAL_PACE],
];

/**
 * Reads what a person types for a length: "18", "18.5", `17' 6"`, "5.2 m", "40cm", "7 paces 1 ft".
 *
 * A bare number is in the coach's own unit for that kind of length; a bare number after feet is
 * inches. Signs are kept, so that the server can say what is wrong with a negative one.
 */
export function parseLength(text: string, kind: LengthKind, choice: UnitChoice): ParsedLength {
  const trimmed = text
    .trim()
    .toLowerCase()
    .replaceAll('¼', '.25')
    .replaceAll('½', '.5')
    .replaceAll('−', '-')
    .replaceAll('¾', '.75')
    .replaceAll(' and a foot', ' 1 ft');
  if (trimmed === '') {
    return { status: 'empty' };
  }
  const pattern = new RegExp(String.raw`\s*${NUMBER}\s*('{1,2}|[a-z"′″]*)\s*`, 'y');
  let metres = 0;
  let before: number | null = null;
  while (pattern.lastIndex < trimmed.length) {
    const at = pattern.lastIndex;
    const match = pattern.exec(trimmed);
    if (match === null || pattern.lastIndex === at) {
      return { status: 'unreadable' };
    }
    const size = unitSize(match[2] ?? '', before, kind, choice);
    if (size === null) {
      return { status: 'unreadable' };
    }
    const part: number = Number((match[1] ?? '').replace(',', '.')) * size;
    // Parts of one length grow smaller, and none is as large as one of the unit before it: "7 paces 25 ft" are two
    // lengths.
    if (before !== null && (size >= before || Math.abs(part) >= before - SLACK || !isPartOf(size, before))) {
      return { status: 'two', first: metres, second: part };
    }
    metres += part;
    before = size;
  }
  return Number.isFinite(metres) ? { status: 'ok', metres } : { status: 'unreadable' };
}

/** Whether a smaller unit goes with a larger one: inches with feet, centimetres with metres, feet and inches with paces. */
function isPartOf(size: number, before: number): boolean {
  const isMetric = (metres: number) => [1, 0.01, 0.001].includes(metres);
  return before === METRES_PER_FOOT ? size === METRES_PER_INCH : isMetric(before) === isMetric(size);
}

/** Shows a length in the coach's unit, rounded to what a person can judge. */
export function formatLength(metres: number, kind: LengthKind, choice: UnitChoice): string {
  if (kind === 'backstroke') {
    return choice.unit === 'metres' ? `${Math.round(metres * 100)} cm` : `${halves(metres / METRES_PER_INCH)} in`;
  }
  if (kind === 'width') {
    return choice.unit === 'metres' ? `${Math.round(metres * 1000)} mm` : `${quarters(metres / METRES_PER_INCH)} in`;
  }
  if (metres === 0) {
    return '0';
  }
  if (choice.unit === 'metres') {
    return metres < 1 ? `${Math.round(metres * 100)} cm` : `${metres.toFixed(kind === 'station' ? 1 : 2)} m`;
  }
  return choice.unit === 'paces' && kind === 'station' ? formatPaces(metres, choice) : formatFeet(metres);
}

/** Feet and whole inches: "17 ft 6 in". */
export function formatFeet(metres: number): string {
  const inches = Math.round(metres / METRES_PER_INCH);
  const [feet, rest] = [Math.trunc(inches / 12), Math.abs(inches % 12)];
  if (feet === 0) {
    return `${inches} in`;
  }
  return rest === 0 ? `${feet} ft` : `${feet} ft ${rest} in`;
}

/** How a length is stepped out by someone of this pace: "7 paces and a foot", to the nearest foot. */
export function formatPaces(metres: number, choice: UnitChoice): string {
  const [paces, feet] = stepped(metres, choice);
  const words = paces === 1 ? '1 step' : `${paces} steps`;
  const extra = feet === 1 ? 'a foot' : `${feet} feet`;
  if (paces === 0) {
    return extra;
  }
  return feet === 0 ? words : `${words} and ${extra}`;
}

/** Whole paces, and the feet that are left over. */
function stepped(metres: number, choice: UnitChoice): [number, number] {
  const pace = choice.paceLength ?? USUAL_PACE;
  const paces = Math.floor(metres / pace);
  const feet = Math.round((metres - paces * pace) / METRES_PER_FOOT);
  // A remainder within half a foot of a whole pace is one more pace.
  return feet * METRES_PER_FOOT > pace - METRES_PER_FOOT / 2 ? [paces + 1, 0] : [paces, feet];
}

/** The unit a bare number is read in, as a suffix for an entry. */
export function bareUnit(kind: LengthKind, choice: UnitChoice): string {
  if (kind === 'backstroke') {
    return choice.unit === 'metres' ? 'cm' : 'in';
  }
  if (kind === 'width') {
    return choice.unit === 'metres' ? 'mm' : 'in';
  }
  if (choice.unit === 'metres') {
    return 'm';
  }
  return choice.unit === 'paces' && kind === 'station' ? 'steps' : 'ft';
}

/** A length as it was typed, with the unit it was meant in where none was. */
export function asEntered(text: string, kind: LengthKind, choice: UnitChoice): string {
  const typed = text.trim();
  return /^[-+\d.,¼½¾]+$/.test(typed) ? `${typed} ${bareUnit(kind, choice)}` : typed;
}

/** How to type a length of this kind, for a field's error. */
export function lengthExample(kind: LengthKind, choice: UnitChoice): string {
  if (kind === 'backstroke') {
    return choice.unit === 'metres' ? '25 or 25 cm' : '10 or 10 in';
  }
  if (kind === 'width') {
    return choice.unit === 'metres' ? '80 or 80 mm' : '3.5 or 3½ in';
  }
  if (choice.unit === 'metres') {
    return '5.4 or 5 m 40 cm';
  }
  return choice.unit === 'paces' && kind === 'station' ? '7 or 7 steps 1 ft' : `18 or 17' 6"`;
}

/**
 * A length as one would type it, in round numbers of the unit: half inches, inches, centimetres, paces and feet.
 * It reads back as the length it shows, which is not always the length it was given.
 */
export function roundText(metres: number, kind: LengthKind, choice: UnitChoice): string {
  const unit = bareUnit(kind, choice);
  switch (unit) {
    case 'in':
      return String(Math.round((metres / METRES_PER_INCH) * (kind === 'width' ? 4 : 2)) / (kind === 'width' ? 4 : 2));
    case 'cm':
      return String(Math.round(metres * 100));
    case 'mm':
      return String(Math.round(metres * 1000));
    case 'm':
      return String(Math.round(metres * 100) / 100);
    case 'steps':
      return pacesText(metres, choice);
    default:
      return feetText(metres);
  }
}

/** "18", "17.5", "17' 7\"": quarters of a foot as a number, other inches as inches. */
function feetText(metres: number): string {
  const inches = Math.round(metres / METRES_PER_INCH);
  return inches % 3 === 0 ? String(inches / 12) : `${Math.floor(inches / 12)}' ${inches % 12}"`;
}

/** "7", "7 paces 1 ft". */
function pacesText(metres: number, choice: UnitChoice): string {
  const [paces, feet] = stepped(metres, choice);
  return feet === 0 ? String(paces) : `${paces} steps ${feet} ft`;
}

/** A bare number that parses back to this very length, for filling an entry whose length must not move. */
export function entryText(metres: number, kind: LengthKind, choice: UnitChoice): string {
  const size = unitSize('', null, kind, choice) ?? 1;
  return String(Number((metres / size).toFixed(size < 0.1 ? 1 : 2)));
}

function unitSize(word: string, before: number | null, kind: LengthKind, choice: UnitChoice): number | null {
  if (word !== '') {
    const found = UNIT_METRES.find(([pattern]) => pattern.test(word));
    return found === undefined ? null : found[1](choice);
  }
  if (before === METRES_PER_FOOT) {
    return METRES_PER_INCH;
  }
  if (before === 1) {
    return 0.01;
  }
  if (before !== null) {
    return null;
  }
  switch (bareUnit(kind, choice)) {
    case 'mm':
      return 0.001;
    case 'cm':
      return 0.01;
    case 'in':
      return METRES_PER_INCH;
    case 'm':
      return 1;
    case 'steps':
      return choice.paceLength ?? USUAL_PACE;
    default:
      return METRES_PER_FOOT;
  }
}

function quarters(inches: number): string {
  const whole = Math.trunc(Math.round(inches * 4) / 4);
  const rest = ['', '¼', '½', '¾'][Math.round(inches * 4) - whole * 4] ?? '';
  return whole === 0 && rest !== '' ? rest : `${whole}${rest}`;
}

function halves(inches: number): string {
  const doubled = Math.round(inches * 2);
  const whole = Math.trunc(doubled / 2);
  if (doubled % 2 === 0) {
    return String(whole);
  }
  return whole === 0 ? '½' : `${whole}½`;
}

/** How a length that is asked for is said, by its unit: in inches or centimetres, or as the length of a putt. */
export function lengthKind({ unit }: { unit: string | null }): 'backstroke' | 'roll' {
  return unit === 'small_m' ? 'backstroke' : 'roll';
}
