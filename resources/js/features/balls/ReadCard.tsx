import { useObservationTypes } from '../../api/queries';
import type { Observations, ObservationType } from '../../api/types';
import { Button, QuietText, Row, SheetButton, Stack } from '../../design';
import { ReadingHints } from '../../lane/ReadingHints';
import type { Units } from '../../units/useUnits';
import { BallObservation } from './BallObservations';
import { impliedBy, impliedForNext } from './impliedAnswers';
import type { Logger } from './useLogger';

interface ReadCardProps {
  logger: Logger;
  /** Where it is read; null where no green was chosen. */
  green: string | null;
  units: Units;
}

/** The read as it is called while walking on, before the ball is rolled: a few touches, kept with the next ball. */
export function ReadCard({ logger, green, units }: ReadCardProps) {
  const all = useObservationTypes().data ?? [];
  const kinds = all.filter(({ before }) => before);
  const called = kinds.filter(({ name }) => logger.seen[name] != null).length;
  const before = lastRead(logger.last?.seen ?? {}, kinds);
  const back = impliedForNext(logger.last?.seen ?? {}, all);
  const noteAll = (read: readonly (readonly [string, Observations[string]])[]) => {
    for (const [name, answer] of read) {
      logger.note(name, answer);
    }
  };
  /** What an answer says of another kind goes with it, where nobody said otherwise. */
  const say = (kind: ObservationType, answer: Observations[string]) =>
    noteAll([[kind.name, answer], ...impliedBy(kind, answer).filter(([name]) => logger.seen[name] == null)]);
  return kinds.length === 0 ? null : (
    <SheetButton
      label={called === 0 ? 'Read' : `Read: ${called} noted`}
      name={called === 0 ? 'Read before the putt' : `Read before the putt: ${called} noted for the next ball`}
      title="Read before the putt"
    >
      {() => (
        <Stack>
          {called === 0 && (
            <Row>
              {[
                { label: 'Same as the last ball', read: before },
                { label: 'The putt back, as the ball rolled past', read: back },
              ].map(
                ({ label, read }) =>
                  read.length > 0 && (
                    <Button key={label} onPress={() => noteAll(read)}>
                      {label}
                    </Button>
                  ),
              )}
            </Row>
          )}
          <ReadingHints green={green} student={logger.student ?? logger.ownStudent} />
          {kinds.map((kind) => (
            <BallObservation
              key={`${kind.name} ${logger.balls.length} ${called === 0}`}
              kind={kind}
              answer={logger.seen[kind.name] ?? null}
              onAnswer={(answer) => say(kind, answer)}
              units={units}
            />
          ))}
          <QuietText>Saved with the next ball only. Review compares it with what the ball did.</QuietText>
        </Stack>
      )}
    </SheetButton>
  );
}

function lastRead(seen: Observations, kinds: readonly ObservationType[]) {
  return kinds.flatMap(({ name }) => (seen[name] == null ? [] : [[name, seen[name]] as const]));
}
