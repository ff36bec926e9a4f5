import type { Drill, Station } from '../app/types';
import type { Units } from '../app/useUnits';
import type { Scenery } from '../lane/SetOutLane';
import { ruleWords } from './drillWords';

/** What a drill puts on its lane, besides the stations. */
export function sceneryOf(drill: Drill, units: Units): Scenery {
  return {
    target: drill.target,
    windowOf: windowOf(drill),
    ring: drill.pass.kind === 'radius' ? (drill.pass.radius_m ?? null) : null,
    aid: drill.aid === undefined ? null : { kind: drill.aid.kind, distance: drill.aid.distance_m ?? 0.5 },
    words: ruleWords(drill, units),
  };
}

/** The stretch that passes at a given length: as the rule's own figures say. */
function windowOf({ pass }: Drill): Scenery['windowOf'] {
  switch (pass.kind) {
    case 'share':
      return (length) => [-(pass.share ?? 0.1) * length, (pass.share ?? 0.1) * length];
    case 'between':
      return () => [0, pass.behind_m ?? 0.5];
    case 'past_only':
      return () => [0, pass.within_m ?? 0.9];
    case 'task':
      return () => [-(pass.little_m ?? 0.6), pass.little_m ?? 0.6];
    default:
      return null;
  }
}

/** Stations as the lane draws them, each once; a scattered one by the ends of its range. */
export function drawnStations(drill: Drill): Station[] {
  const all = drill.stations.flatMap(({ length_m, from_m, to_m, grade_percent }) =>
    (length_m === undefined ? [from_m ?? 0, to_m ?? 0] : [length_m]).map((metres) => ({
      length_m: metres,
      said: '',
      grade_percent: grade_percent ?? null,
    })),
  );
  return all.filter(
    (station, index) =>
      station.length_m > 0 &&
      all.findIndex(
        (other) => other.length_m === station.length_m && other.grade_percent === station.grade_percent,
      ) === index,
  );
}
