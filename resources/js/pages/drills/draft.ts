/** A drill as it is typed: texts as they stand in the fields, read into the drill's JSON and back. */

import type {
  Drill,
  DrillKinds,
  DrillLevel,
  DrillStation,
  EquipmentItem,
  RuleFigure,
  RuleKind,
  Task,
} from '../../api/types';
import type { LengthKind } from '../../units/length';
import type { Units } from '../../units/useUnits';

/** Steady over edits, so that fields keep their focus. */
interface Kept {
  id: number;
}

export interface StationDraft extends Kept {
  length: string;
  /** The longer end of a range that lengths are drawn from; empty for a fixed one. */
  to: string;
  grade: string;
  across: string;
  /** 'weak' where it is turned to break to the student's weak side; else empty. */
  breaks: string;
  name: string;
  backstroke: string;
  tierHeight: string;
  tierRun: string;
  tierStart: string;
  /** To what a drawn length is rounded, metres: the unit's own, which nobody types. */
  step: number | undefined;
}

export interface EquipmentDraft extends Kept {
  piece: EquipmentItem['piece'];
  count: string;
  name: string;
  for: string;
}

export interface LevelDraft extends Kept {
  says: string;
  order: string;
  lengths: string;
  figure: string;
  width: string;
}

type AidKind = NonNullable<Drill['aid']>['kind'];

export interface DrillDraft {
  name: string;
  why: string;
  meaning: string;
  dose: string;
  cautions: string;
  kit: EquipmentDraft[];
  trains: string[];
  purpose: NonNullable<Drill['purpose']> | '';
  places: ('green' | 'mat')[];
  schools: NonNullable<Drill['schools']>;
  minutes: string;
  isGroup: boolean;
  asks: NonNullable<Drill['asks']>;
  finds: NonNullable<Drill['finds']>;
  levels: LevelDraft[];
  /** Of the last ten, to earn a step and to lose one; empty for the usual. */
  earn: string;
  lose: string;
  stations: StationDraft[];
  target: Drill['target'];
  aid: AidKind | 'none';
  aidWidth: string;
  aidDistance: string;
  steps: string;
  order: NonNullable<Drill['order']>;
  ballsEach: string;
  pass: Drill['pass']['kind'];
  /** The figures of what passes, by field. */
  figures: Readonly<Record<string, string>>;
  tasks: Task[];
  onMiss: NonNullable<Drill['on_miss']>;
  isCalledFirst: boolean;
  putOut: NonNullable<Drill['putt_out']>;
  hasPoints: boolean;
  points: { holed: string; past: string; long: string; short: string; within: string };
  end: Drill['end']['kind'];
  endFigure: string;
  capBalls: string;
  capMinutes: string;
  restAfter: string;
}

let lastId = 0;

function newId(): number {
  lastId += 1;
  return lastId;
}

export function stationDraft(part: Partial<Omit<StationDraft, 'id'>> = {}): StationDraft {
  return {
    id: newId(),
    length: '',
    to: '',
    grade: '',
    across: '',
    breaks: '',
    name: '',
    backstroke: '',
    tierHeight: '',
    tierRun: '',
    tierStart: '',
    step: undefined,
    ...part,
  };
}

export function equipmentDraft(part: Partial<Omit<EquipmentDraft, 'id'>> = {}): EquipmentDraft {
  return { id: newId(), piece: 'tee', count: '', name: '', for: '', ...part };
}

export function levelDraft(part: Partial<Omit<LevelDraft, 'id'>> = {}): LevelDraft {
  return { id: newId(), says: '', order: '', lengths: '', figure: '', width: '', ...part };
}

/** How a kind of rule describes itself; without figures where it is not known yet. */
export function kindOf(kinds: readonly RuleKind[], kind: string): RuleKind {
  return kinds.find((each) => each.kind === kind) ?? { kind, label: kind, words: '', figures: [] };
}

/** How finely and in what unit a figure is typed: percent of the length, a length, or a plain number. */
export function figureSuffix({ kind }: RuleFigure, units: Units): string {
  switch (kind) {
    case 'share':
      return '% of the length';
    case 'roll':
      return units.suffix('roll');
    default:
      return '';
  }
}

/** What a figure is where a drill says nothing: "10 % of the length", "2 ft 11 in". */
export function usualWords(figure: RuleFigure, units: Units): string {
  const usual = figure.usual ?? 0;
  return figure.kind === 'roll'
    ? units.show(usual, 'roll')
    : `${figureText(figure, usual, units)} ${figureSuffix(figure, units)}`.trim();
}

function figureText({ kind }: RuleFigure, value: number | undefined, units: Units): string {
  if (value === undefined) {
    return '';
  }
  switch (kind) {
    case 'share':
      return String(Math.round(value * 1000) / 10);
    case 'roll':
      return units.exactText(value, 'roll');
    default:
      return String(value);
  }
}

/** A drill laid into its fields. */
export function draftOf(drill: Drill, kinds: DrillKinds, units: Units): DrillDraft {
  const text = (metres: number | undefined, kind: LengthKind) => units.exactText(metres ?? null, kind);
  const number = (value: number | undefined) => (value === undefined || value === 0 ? '' : String(value));
  const pass = kindOf(kinds.pass, drill.pass.kind);
  const given = drill.pass as Readonly<Record<string, number | string>>;
  const [first] = pass.figures;
  return {
    name: drill.name,
    why: drill.why ?? '',
    meaning: drill.meaning ?? '',
    dose: drill.dose ?? '',
    cautions: (drill.cautions ?? []).join('\n'),
    kit: (drill.kit ?? []).map(({ piece, count, name, for: what }) =>
      equipmentDraft({ piece, count: number(count), name: name ?? '', for: what ?? '' }),
    ),
    trains: drill.trains ?? [],
    purpose: drill.purpose ?? '',
    places: drill.places ?? [],
    schools: drill.schools ?? [],
    minutes: number(drill.minutes),
    isGroup: drill.group ?? false,
    asks: drill.asks ?? [],
    finds: drill.finds ?? [],
    levels: (drill.progression ?? []).map((level) =>
      levelDraft({
        says: level.says,
        order: level.order ?? '',
        lengths: (level.lengths_m ?? []).map((metres) => text(metres, 'station')).join(', '),
        figure: first === undefined ? '' : figureText(first, level.figure, units),
        width: text(level.width_m, 'width'),
      }),
    ),
    stations: drill.stations.map((station) =>
      stationDraft({
        length: text(station.length_m ?? station.from_m, 'station'),
        to: text(station.to_m, 'station'),
        grade: number(station.grade_percent),
        across: number(station.across_percent),
        breaks: station.breaks ?? '',
        name: station.name ?? '',
        backstroke: text(station.backstroke_m, 'backstroke'),
        tierHeight: text(station.tier?.height_m, 'backstroke'),
        tierRun: text(station.tier?.run_m, 'roll'),
        tierStart: text(station.tier?.start_m, 'roll'),
        step: station.step_m,
      }),
    ),
    target: drill.target,
    aid: drill.aid?.kind ?? 'none',
    aidWidth: text(drill.aid?.width_m, 'width'),
    aidDistance: text(drill.aid?.distance_m, 'roll'),
    earn: drill.step_rule === undefined ? '' : String(drill.step_rule.earn),
    lose: drill.step_rule === undefined ? '' : String(drill.step_rule.lose),
    steps: (drill.steps_m ?? []).map((width) => text(width, stepKind(drill.aid !== undefined))).join(', '),
    order: drill.order ?? 'as_laid',
    ballsEach: String(drill.balls_per_station),
    pass: drill.pass.kind,
    figures: Object.fromEntries(
      pass.figures.map((figure) => {
        const value = given[figure.field];
        return [figure.field, figureText(figure, typeof value === 'number' ? value : undefined, units)];
      }),
    ),
    tasks: drill.tasks ?? [],
    onMiss: drill.on_miss ?? 'nothing',
    isCalledFirst: drill.call_first ?? false,
    putOut: drill.putt_out ?? 'none',
    hasPoints: drill.points !== undefined,
    points: {
      holed: String(drill.points?.holed ?? 3),
      past: String(drill.points?.past ?? 1),
      long: String(drill.points?.long ?? -1),
      short: String(drill.points?.short ?? -2),
      within: text(drill.points?.past_within_m ?? 0.6, 'roll'),
    },
    end: drill.end.kind,
    endFigure: drill.end.kind === 'all_stations' ? '' : String(Object.values(drill.end)[1]),
    capBalls: number(drill.cap.balls),
    capMinutes: number(drill.cap.minutes),
    restAfter: number(drill.rest_after_balls),
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
 * @param key under which the drill is found
 */
export function readDraft(draft: DrillDraft, key: string, kinds: DrillKinds, units: Units): ReadDraft {
  const read = new Reader(units);
  const pass = kindOf(kinds.pass, draft.pass);
  const [first] = pass.figures;
  const points = draft.hasPoints || draft.end === 'points';
  const drill = {
    key,
    name: draft.name.trim(),
    ...saidIn('why', draft.why),
    ...saidIn('meaning', draft.meaning),
    trains: draft.trains,
    ...(draft.purpose === '' ? {} : { purpose: draft.purpose }),
    places: draft.places,
    ...given('minutes', read.number(draft.minutes, 'drill.minutes')),
    ...saidIn('dose', draft.dose),
    kit: draft.kit.map((item, at) => readKit(item, at, read)),
    cautions: lines(draft.cautions),
    group: draft.isGroup,
    ...(draft.schools.length === 0 ? {} : { schools: draft.schools }),
    ...(draft.asks.length === 0 ? {} : { asks: draft.asks }),
    ...(draft.finds.length === 0 ? {} : { finds: draft.finds }),
    ...(draft.levels.length === 0
      ? {}
      : { progression: draft.levels.map((level, at) => readLevel(level, at, first, read)) }),
    stations: draft.stations.map((station, at) => readStation(station, read, `drill.stations.${at}`)),
    target: draft.target,
    ...(draft.aid === 'none'
      ? {}
      : {
          aid: {
            kind: draft.aid,
            ...given('width_m', read.length(draft.aidWidth, 'width', 'drill.aid.width_m')),
            ...given('distance_m', read.length(draft.aidDistance, 'roll', 'drill.aid.distance_m')),
          },
        }),
    order: draft.order,
    balls_per_station: read.number(draft.ballsEach, 'drill.balls_per_station') ?? 0,
    pass: {
      kind: draft.pass,
      ...Object.fromEntries(
        pass.figures.flatMap((figure) => {
          const value = read.figure(draft.figures[figure.field] ?? '', figure, `drill.pass.${figure.field}`);
          return value === undefined ? [] : [[figure.field, value]];
        }),
      ),
    },
    ...(draft.onMiss === 'nothing' ? {} : { on_miss: draft.onMiss }),
    ...(draft.tasks.length === 0 ? {} : { tasks: draft.tasks }),
    ...(draft.isCalledFirst ? { call_first: true } : {}),
    ...(points
      ? {
          points: {
            holed: read.number(draft.points.holed, 'drill.points.holed') ?? 0,
            past: read.number(draft.points.past, 'drill.points.past') ?? 0,
            long: read.number(draft.points.long, 'drill.points.long') ?? 0,
            short: read.number(draft.points.short, 'drill.points.short') ?? 0,
            past_within_m: read.length(draft.points.within, 'roll', 'drill.points.past_within_m') ?? 0,
          },
        }
      : {}),
    ...(draft.putOut === 'none' ? {} : { putt_out: draft.putOut }),
    ...(words(draft.steps).length === 0
      ? {}
      : {
          steps_m: words(draft.steps).map(
            (each) => read.length(each, stepKind(draft.aid !== 'none'), 'drill.steps_m') ?? 0,
          ),
        }),
    ...(draft.earn.trim() === '' && draft.lose.trim() === ''
      ? {}
      : {
          step_rule: {
            ...given('earn', read.number(draft.earn, 'drill.step_rule.earn')),
            ...given('lose', read.number(draft.lose, 'drill.step_rule.lose')),
          },
        }),
    end: {
      kind: draft.end,
      ...(draft.end === 'all_stations' ? {} : given(draft.end, read.number(draft.endFigure, `drill.end.${draft.end}`))),
    },
    cap: {
      ...given('balls', read.number(draft.capBalls, 'drill.cap.balls')),
      ...given('minutes', read.number(draft.capMinutes, 'drill.cap.minutes')),
    },
    ...given('rest_after_balls', read.number(draft.restAfter, 'drill.rest_after_balls')),
  };
  // Which figures go with which kind is the server's to check.
  return { drill: drill as Drill, errors: read.errors };
}

/** Reads texts and notes at which field one could not be read. */
class Reader {
  readonly errors: Record<string, string> = {};

  constructor(private readonly units: Units) {}

  length(text: string, kind: LengthKind, path: string): number | undefined {
    const read = this.units.read(text, kind);
    if (read.error !== null) {
      this.errors[path] = read.error;
    }
    return read.metres === null ? undefined : round(read.metres);
  }

  number(text: string, path: string): number | undefined {
    const value = Number(text.trim().replace(',', '.').replace('%', '').replace('−', '-'));
    if (text.trim() === '') {
      return undefined;
    }
    if (Number.isNaN(value)) {
      this.errors[path] = `“${text.trim()}” is not a number.`;
      return undefined;
    }
    return value;
  }

  figure(text: string, { kind }: RuleFigure, path: string): number | undefined {
    switch (kind) {
      case 'share': {
        const percent = this.number(text, path);
        return percent === undefined ? undefined : round(percent * 0.01);
      }
      case 'roll':
        return this.length(text, 'roll', path);
      default:
        return this.number(text, path);
    }
  }
}

function readStation(station: StationDraft, read: Reader, path: string): DrillStation {
  const [from, to] = [
    read.length(station.length, 'station', `${path}.length_m`),
    read.length(station.to, 'station', `${path}.to_m`),
  ];
  const hasTier = [station.tierHeight, station.tierRun, station.tierStart].some((text) => text.trim() !== '');
  return {
    ...(to === undefined
      ? given('length_m', from)
      : { ...given('from_m', from), to_m: to, ...given('step_m', station.step) }),
    ...saidIn('name', station.name),
    ...given('backstroke_m', read.length(station.backstroke, 'backstroke', `${path}.backstroke_m`)),
    ...given('grade_percent', read.number(station.grade, `${path}.grade_percent`)),
    ...given('across_percent', read.number(station.across, `${path}.across_percent`)),
    ...(station.breaks === 'weak' ? { breaks: 'weak' as const } : {}),
    ...(hasTier
      ? {
          tier: {
            height_m: read.length(station.tierHeight, 'backstroke', `${path}.tier.height_m`) ?? 0,
            run_m: read.length(station.tierRun, 'roll', `${path}.tier.run_m`) ?? 0,
            start_m: read.length(station.tierStart, 'roll', `${path}.tier.start_m`) ?? 0,
          },
        }
      : {}),
  };
}

function readKit(item: EquipmentDraft, at: number, read: Reader): EquipmentItem {
  return {
    piece: item.piece,
    ...given('count', read.number(item.count, `drill.kit.${at}.count`)),
    ...(item.piece === 'other' ? { name: item.name.trim() } : {}),
    ...saidIn('for', item.for),
  };
}

function readLevel(level: LevelDraft, at: number, first: RuleFigure | undefined, read: Reader): DrillLevel {
  const path = `drill.progression.${at}`;
  const lengths = words(level.lengths).map((each) => read.length(each, 'station', `${path}.lengths_m`) ?? 0);
  return {
    says: level.says.trim(),
    ...saidIn('order', level.order),
    ...(lengths.length === 0 ? {} : { lengths_m: lengths }),
    ...(first === undefined ? {} : given('figure', read.figure(level.figure, first, `${path}.figure`))),
    ...given('width_m', read.length(level.width, 'width', `${path}.width_m`)),
  };
}

/** What steps is the width of a gate where there is one, else the stretch that passes. */
function stepKind(hasAid: boolean): LengthKind {
  return hasAid ? 'width' : 'roll';
}

function given<K extends string, V>(key: K, value: V | undefined): { [P in K]?: V } {
  return value === undefined ? {} : ({ [key]: value } as { [P in K]?: V });
}

function saidIn<K extends string>(key: K, text: string): { [P in K]?: string } {
  return given(key, text.trim() === '' ? undefined : text.trim());
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

function lines(text: string): string[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
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
  [/kit\.(\d+)/, 'Equipment'],
  [/progression\.(\d+)/, 'Level'],
  [/aid\.width_m$/, 'The width'],
  [/aid\.distance_m$/, 'The distance'],
  [/steps_m/, 'The steps'],
  [/step_rule\.earn/, 'Balls to go up'],
  [/step_rule\.lose/, 'Balls to go down'],
  [/balls_per_station$/, 'Balls at each station'],
  [/pass\.kind$/, 'What passes'],
  [/pass\./, 'The figure of what passes'],
  [/on_miss$/, 'After a miss'],
  [/tasks/, 'The instructions'],
  [/points/, 'The points'],
  [/end\./, 'The end'],
  [/cap/, 'The ball limit'],
  [/minutes$/, 'The minutes'],
  [/rest_after_balls$/, 'The rest'],
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
