import type { CallOut, Drill, LibraryDrill, RunState, StationPlace } from '../api/types';
import type { Units } from '../units/useUnits';
import { inWords } from './drillWords';
import type { Scenery } from './StationLane';

/** What a drill puts on its lane, besides the stations; what passes is the server's to say. */
export function sceneryOf(
  { drill, rule, zones }: Pick<LibraryDrill, 'drill' | 'rule' | 'zones'>,
  units: Units,
): Scenery {
  const stretches = zones.flatMap(({ length_m, passes_if: { roll_m } }) =>
    roll_m === null ? [] : [{ length: length_m, low: roll_m[0] - length_m, high: roll_m[1] - length_m }],
  );
  return {
    ...standingOn({ drill, rule }, units),
    // Told past and short in turn, a length has several stretches; all of them are drawn as one.
    windowOf:
      stretches.length === 0
        ? null
        : (length) => {
            const here = stretches.filter((each) => Math.abs(each.length - length) < 0.001);
            return [Math.min(0, ...here.map(({ low }) => low)), Math.max(0, ...here.map(({ high }) => high))];
          },
    ring: zones[0]?.passes_if.ring_m?.[1] ?? null,
  };
}

/** The same for the next ball of a run, with its task and the step in force. */
export function sceneryOfNext(run: Pick<RunState, 'drill' | 'rule'>, next: CallOut, units: Units): Scenery {
  const stretch = next.passes_if?.roll_m ?? null;
  return {
    ...standingOn(run, units),
    windowOf: stretch === null ? null : (length) => [stretch[0] - length, stretch[1] - length],
    ring: next.passes_if?.ring_m?.[1] ?? null,
  };
}

function standingOn(
  { drill, rule }: Pick<LibraryDrill, 'drill' | 'rule'>,
  units: Units,
): Omit<Scenery, 'windowOf' | 'ring'> {
  return {
    target: drill.target,
    aid: drill.aid === undefined ? null : { kind: drill.aid.kind, distance: drill.aid.distance_m ?? 0.5 },
    words: inWords(rule, units),
  };
}

/** Stations as the lane draws them, each once; a scattered one by the ends of its range. */
export function drawnStations(drill: Drill): StationPlace[] {
  const all = drill.stations.flatMap(({ length_m, from_m, to_m, grade_percent }) =>
    (length_m === undefined ? [from_m ?? 0, to_m ?? 0] : [length_m]).map((metres) => ({
      length_m: metres,
      grade_percent: grade_percent ?? null,
    })),
  );
  return all.filter(
    (station, index) =>
      station.length_m > 0 &&
      all.findIndex((other) => other.length_m === station.length_m && other.grade_percent === station.grade_percent) ===
        index,
  );
}
