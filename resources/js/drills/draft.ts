/** A drill as it is typed: texts as they stand in the fields, read into the drill's JSON and back. */

import type { Drill, DrillStation, Task } from '../app/types';
import type { Units } from '../app/useUnits';
import type { LengthKind } from '../units/length';

export interface StationDraft {
  /** Steady over edits, so that fields keep their focus. */
  id: number;
  length: string;
  /** The longer end of a range that lengths are drawn from; empty for a fixed one. */
  to: string;
  grade: string;
  across: string;
}

type PassKind = Drill['pass']['kind'];
type AidKind = NonNullable<Drill['aid']>['kind'];

export interface DrillDraft {
  name: string;
  why: string;
  kit: string;
  trains: string[];
  places: ('green' | 'mat')[];
  minutes: string;
  isGroup: boolean;
  stations: StationDraft[];
  target: Drill['target'];
  aid: AidKind | 'none';
  aidWidth: string;
  aidDistance: string;
  steps: string;
  order: NonNullable<Drill['order']>;
  ballsEach: string;
  pass: PassKind;
  /** The pass rule's one figure: percent for a share, a length otherwise. */
  figure: string;
  tasks: Task[];
  onMiss: NonNullable<Drill['on_miss']>;
  isCalledFirst: boolean;
  points: { holed: string; past: string; long: string; short: string; within: string };
  end: Drill['end']['kind'];
  endFigure: string;
  capBalls: string;
  capMinutes: string;
}

/** Which figure of its own each pass rule has, and how it is said. */
export const FIGURES: Record<
  PassKind,
  { field: keyof Drill['pass']; label: string; kind: LengthKind | 'percent' } | null
> = {
  share: { field: 'share', label: 'Short or long by at most', kind: 'percent' },
  radius: { field: 'radius_m', label: 'Radius of the ring', kind: 'roll' },
  between: { field: 'behind_m', label: 'The rod lies behind by', kind: 'roll' },
  past_only: { field: 'within_m', label: 'Past by at most', kind: 'roll' },
  task: { field: 'little_m', label: 'A little is at most', kind: 'roll' },
  on_line: null,
  through_gate: null,
  holed: null,
  hit: null,
  nearer_than_last: null,
};

let lastId = 0;

export function stationDraft(part: Partial<Omit<StationDraft, 'id'>> = {}): StationDraft {
  lastId += 1;
  return { id: lastId, length: '', to: '', grade: '', across: '', ...part };
}

/** A drill laid into its fields. */
export function draftOf(drill: Drill, units: Units): DrillDraft {
  const text = (metres: number | undefined, kind: LengthKind) => units.text(metres ?? null, kind);
  const number = (value: number | undefined) => (value === undefined || value === 0 ? '' : String(value));
  const figure = FIGURES[drill.pass.kind];
  const value = figure === null ? undefined : (drill.pass[figure.field] as number | undefined);
  return {
    name: drill.name,
    why: drill.why ?? '',
    kit: (drill.kit ?? []).join(', '),
    trains: drill.trains ?? [],
    places: drill.places ?? [],
    minutes: number(drill.minutes),
    isGroup: drill.group ?? false,
    stations: drill.stations.map((station) =>
      stationDraft({
        length: text(station.length_m ?? station.from_m, 'station'),
        to: text(station.to_m, 'station'),
        grade: number(station.grade_percent),
        across: number(station.across_percent),
      }),
    ),
    target: drill.target,
    aid: drill.aid?.kind ?? 'none',
    aidWidth: text(drill.aid?.width_m, 'width'),
    aidDistance: text(drill.aid?.distance_m, 'roll'),
    steps: (drill.steps_m ?? []).map((width) => text(width, 'width')).join(', '),
    order: drill.order ?? 'as_laid',
    ballsEach: String(drill.balls_per_station),
    pass: drill.pass.kind,
    figure:
      value === undefined || figure === null
        ? ''
        : figure.kind === 'percent'
          ? String(Math.round(value * 1000) / 10)
          : text(value, figure.kind),
    tasks: drill.tasks ?? [],
    onMiss: drill.on_miss ?? 'nothing',
    isCalledFirst: drill.call_first ?? false,
    points: {
      holed: String(drill.points?.holed ?? 3),
      past: String(drill.points?.past ?? 1),
      long: String(drill.points?.long ?? -1),
      short: String(drill.points?.short ?? -2),
      within: text(drill.points?.past_within_m ?? 0.6, 'roll'),
    },
    end: drill.end.kind,
    endFigure: number(drill.end.balls ?? drill.end.points ?? drill.end.minutes),
    capBalls: number(drill.cap.balls),
    capMinutes: number(drill.cap.minutes),
  };
}

/** The drill that the fields say, and what could not be read, by the same paths as the server's refusals. */
export interface ReadDraft {
  drill: Drill;
  errors: Record<string, string>;
}

/**
 * Reads the fields.
 *
 * @param base the drill it began from: what no field shows (a step in the green, cautions) is kept
 * @param key under which the drill is found
 */
export function readDraft(draft: DrillDraft, base: Drill, key: string, units: Units): ReadDraft {
  const errors: Record<string, string> = {};
  const length = (text: string, kind: LengthKind, path: string): number | undefined => {
    const read = units.read(text, kind);
    if (read.error !== null) {
      errors[path] = read.error;
    }
    return read.metres === null ? undefined : round(read.metres);
  };
  const number = (text: string, path: string): number | undefined => {
    const value = Number(text.trim().replace(',', '.').replace('%', '').replace('−', '-'));
    if (text.trim() === '') {
      return undefined;
    }
    if (Number.isNaN(value)) {
      errors[path] = `“${text.trim()}” is not a number.`;
      return undefined;
    }
    return value;
  };
  const figure = FIGURES[draft.pass];
  const value =
    figure === null
      ? undefined
      : figure.kind === 'percent'
        ? scaled(number(draft.figure, `drill.pass.${figure.field}`), 0.01)
        : length(draft.figure, figure.kind, `drill.pass.${figure.field}`);
  const {
    tasks: _,
    aid: __,
    steps_m: ___,
    points: ____,
    call_first: _____,
    on_miss: ______,
    kit: _______,
    ...kept
  } = base;
  const kit = words(draft.kit);
  const drill: Drill = {
    ...kept,
    key,
    name: draft.name.trim(),
    ...(draft.why.trim() === '' ? { why: '' } : { why: draft.why.trim() }),
    kit,
    trains: draft.trains,
    places: draft.places,
    group: draft.isGroup,
    stations: draft.stations.map((station, index) =>
      readStation(station, base.stations[index], length, number, `drill.stations.${index}`),
    ),
    target: draft.target,
    order: draft.order,
    balls_per_station: number(draft.ballsEach, 'drill.balls_per_station') ?? 0,
    pass: {
      ...(base.pass.kind === draft.pass ? base.pass : {}),
      kind: draft.pass,
      ...(figure === null || value === undefined ? {} : { [figure.field]: value }),
    },
    end: { kind: draft.end, ...endFigure(draft.end, number(draft.endFigure, `drill.end.${draft.end}`)) },
    cap: {
      ...given('balls', number(draft.capBalls, 'drill.cap.balls')),
      ...given('minutes', number(draft.capMinutes, 'drill.cap.minutes')),
    },
    ...given('minutes', number(draft.minutes, 'drill.minutes')),
    ...(draft.aid === 'none'
      ? {}
      : {
          aid: {
            kind: draft.aid,
            ...given('width_m', length(draft.aidWidth, 'width', 'drill.aid.width_m')),
            ...given('distance_m', length(draft.aidDistance, 'roll', 'drill.aid.distance_m')),
          },
        }),
    ...(words(draft.steps).length === 0
      ? {}
      : { steps_m: words(draft.steps).map((each) => length(each, 'width', 'drill.steps_m') ?? 0) }),
    ...(draft.tasks.length === 0 ? {} : { tasks: draft.tasks }),
    ...(draft.onMiss === 'nothing' ? {} : { on_miss: draft.onMiss }),
    ...(draft.isCalledFirst ? { call_first: true } : {}),
    ...(draft.end === 'points'
      ? {
          points: {
            holed: number(draft.points.holed, 'drill.points.holed') ?? 0,
            past: number(draft.points.past, 'drill.points.past') ?? 0,
            long: number(draft.points.long, 'drill.points.long') ?? 0,
            short: number(draft.points.short, 'drill.points.short') ?? 0,
            past_within_m: length(draft.points.within, 'roll', 'drill.points.past_within_m') ?? 0,
          },
        }
      : {}),
  };
  if (draft.minutes.trim() === '') {
    delete drill.minutes;
  }
  if (drill.why === '') {
    delete drill.why;
  }
  return { drill, errors };
}

function readStation(
  station: StationDraft,
  before: DrillStation | undefined,
  length: (text: string, kind: LengthKind, path: string) => number | undefined,
  number: (text: string, path: string) => number | undefined,
  path: string,
): DrillStation {
  const [from, to] = [
    length(station.length, 'station', `${path}.length_m`),
    length(station.to, 'station', `${path}.to_m`),
  ];
  return {
    ...(to === undefined
      ? given('length_m', from)
      : { ...given('from_m', from), to_m: to, ...given('step_m', before?.step_m) }),
    ...given('grade_percent', number(station.grade, `${path}.grade_percent`)),
    ...given('across_percent', number(station.across, `${path}.across_percent`)),
    ...given('tier', before?.tier),
  };
}

function endFigure(kind: Drill['end']['kind'], figure: number | undefined): Partial<Drill['end']> {
  return kind === 'all_stations' || figure === undefined ? {} : { [kind]: figure };
}

function given<K extends string, V>(key: K, value: V | undefined): { [P in K]?: V } {
  return value === undefined ? {} : ({ [key]: value } as { [P in K]?: V });
}

function scaled(value: number | undefined, by: number): number | undefined {
  return value === undefined ? undefined : round(value * by);
}

/** Tenths of a millimetre: finer than anybody sets out, short in a file. */
function round(metres: number): number {
  return Math.round(metres * 1e4) / 1e4;
}

function words(text: string): string[] {
  return text
    .split(',')
    .map((word) => word.trim())
    .filter((word) => word !== '');
}

/** A key of its own for a drill's address: its name in plain letters, and something that tells copies apart. */
export function keyFor(name: string, id: string): string {
  const plain = name
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 44);
  return `${plain === '' ? 'drill' : plain}-${id.slice(-6).toLowerCase()}`;
}

/** Field names for a sentence that does not name its own: by the end of the path. */
const NAMES: readonly [RegExp, string][] = [
  [/\.name$/, 'The name'],
  [/stations\.(\d+)/, 'Station'],
  [/stations$/, 'The stations'],
  [/aid\.width_m$/, 'The width'],
  [/aid\.distance_m$/, 'The distance'],
  [/steps_m/, 'The steps'],
  [/balls_per_station$/, 'Balls at each station'],
  [/pass\.kind$/, 'What passes'],
  [/pass\./, 'The figure of what passes'],
  [/on_miss$/, 'After a miss'],
  [/tasks/, 'What each ball is told'],
  [/points/, 'The points'],
  [/end\./, 'The end'],
  [/cap/, 'The cap'],
  [/minutes$/, 'The minutes'],
];

/** A refusal with the field it is about in front: "Station 2: This must be above 0." */
export function problemWords(path: string, sentence: string): string {
  const [pattern, name] = NAMES.find(([each]) => each.test(path)) ?? [null, null];
  if (pattern === null) {
    return sentence;
  }
  const number = pattern.exec(path)?.[1];
  return `${name}${number === undefined ? '' : ` ${Number(number) + 1}`}: ${sentence}`;
}
