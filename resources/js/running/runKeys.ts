import { answerOfFace, facesOf } from '../balls/asked';
import type { KeyAct } from '../device/useKeys';
import type { RunState } from '../server/types';
import type { Rolling } from './useDrillRun';

const STARTED: Readonly<Record<string, string>> = {
  left: 'started left',
  through: 'started through or on the line',
  right: 'started right',
};

/**
 * The keys of a drill: only those for what it asks. Left hand calls (a s d), right hand says how it
 * started (j k l), as the fingers lie.
 */
export function runKeys(run: RunState, rolling: Rolling): KeyAct[] {
  const { needs, drill } = run;
  const { last, verdict } = rolling;
  const keys: (KeyAct | false)[] = [
    needs.includes('call') && { key: 'a', does: 'called short', act: () => rolling.setCall('short') },
    needs.includes('call') && { key: 's', does: 'called on', act: () => rolling.setCall('on') },
    needs.includes('call') && { key: 'd', does: 'called long', act: () => rolling.setCall('long') },
    ...rolling.kinds.first.flatMap((kind) =>
      kind.kind === 'metres'
        ? []
        : facesOf(kind).map(({ value, label, keyName }) => ({
            key: keyName,
            does:
              kind.name === 'gate'
                ? (STARTED[value] ?? label)
                : `${kind.question.toLowerCase()}: ${label.toLowerCase()}`,
            act: () => rolling.touchAnswer(kind.name, answerOfFace(kind, value)),
          })),
    ),
    drill.pass.kind === 'hit_or_near' && {
      key: 'y',
      does: 'struck it',
      act: () => rolling.logStoppedAt(rolling.next?.length_m ?? 0, 'target'),
    },
    rolling.canBeHoled &&
      (rolling.needsLane || drill.pass.kind === 'holed') && {
        key: 'h',
        does: 'holed',
        act: rolling.logHoled,
      },
    drill.pass.kind === 'holed' && !rolling.needsLane && { key: 'n', does: 'missed', act: rolling.logMissed },
    rolling.group.length > 0 && { key: 'g', does: 'the next student', act: rolling.chooseNextStudent },
    { key: 'u', does: 'undo the last ball', act: rolling.undo },
  ];
  if (last !== null) {
    keys.push(
      { key: 'v', does: 'the last ball was bumped', act: () => rolling.toggleMark(last, 'bumps') },
      { key: 'q', does: 'the last ball was struck in doubt', act: () => rolling.toggleMark(last, 'doubt') },
      { key: 'z', does: 'the student was distracted', act: () => rolling.toggleMark(last, 'distraction') },
      { key: 'x', does: 'the last ball was mishit', act: () => rolling.toggleMark(last, 'mishit') },
      { key: 't', does: 'held still to the end', act: () => rolling.toggleHeld(last) },
    );
  }
  const proposed = verdict?.cause ?? null;
  if (last !== null && proposed !== null) {
    keys.push({ key: 'c', does: 'take the proposed cause', act: () => rolling.toggleCause(last, proposed) });
  }
  return keys.filter((key) => key !== false);
}
