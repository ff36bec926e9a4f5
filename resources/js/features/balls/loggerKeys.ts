import type { RunProgress } from '../../api/types';
import type { KeyAction } from '../../device/useKeys';
import { answerOfFace, facesOf } from './answerFaces';
import type { Place } from './Outcome';
import type { Logger } from './useLogger';

const STARTED: Readonly<Record<string, string>> = {
  left: 'started left',
  through: 'started through or on the line',
  right: 'started right',
};

/**
 * The keys of entering a ball: only those for what is asked. Left hand calls (a s d), right hand says how it
 * started (j k l), as the fingers lie.
 *
 * @param verdict how the server judged the last ball; null outside a drill
 */
export function loggerKeys(logger: Logger, place: Place, verdict: RunProgress['last']): KeyAction[] {
  const { task, last } = logger;
  const needs = task?.needs ?? [];
  const keys: (KeyAction | false)[] = [
    needs.includes('call') && { key: 'a', does: 'called short', act: () => logger.setCall('short') },
    needs.includes('call') && { key: 's', does: 'called on target', act: () => logger.setCall('on') },
    needs.includes('call') && { key: 'd', does: 'called past', act: () => logger.setCall('long') },
    ...(task?.kinds.first ?? []).flatMap((kind) =>
      kind.kind === 'metres'
        ? []
        : facesOf(kind).map(({ value, label, keyName }) => ({
            key: keyName,
            does:
              kind.name === 'gate'
                ? (STARTED[value] ?? label)
                : `${kind.question.toLowerCase()}: ${label.toLowerCase()}`,
            act: () => logger.touchAnswer(kind.name, answerOfFace(kind, value)),
          })),
    ),
    place.canStrike && {
      key: 'y',
      does: 'hit it',
      act: () => logger.logStoppedAt(task?.target_m ?? 0, 'target'),
    },
    place.canBeHoled &&
      (task?.asksLength === true || place.isHoledOrMissed) && {
        key: 'h',
        does: 'holed',
        act: () => logger.logHoled(),
      },
    place.isHoledOrMissed && { key: 'n', does: 'missed', act: logger.logMissed },
    { key: 'u', does: 'undo the last ball', act: logger.undo },
  ];
  if (last !== null) {
    keys.push(
      { key: 'v', does: 'the last ball was bumped', act: () => logger.toggleMark(last, 'bumps') },
      { key: 'q', does: 'the last putt was not committed', act: () => logger.toggleMark(last, 'doubt') },
      { key: 'z', does: 'the student was distracted', act: () => logger.toggleMark(last, 'distraction') },
      { key: 'x', does: 'the last ball was mishit', act: () => logger.toggleMark(last, 'mishit') },
      task?.runId != null && {
        key: 't',
        does: 'finish held',
        act: () => logger.toggleHeld(last),
      },
    );
  }
  const proposed = verdict?.cause ?? null;
  if (last !== null && proposed !== null) {
    keys.push({ key: 'c', does: 'take the proposed cause', act: () => logger.toggleCause(last, proposed) });
  }
  return keys.filter((key) => key !== false);
}
