import { Button, Fold, Quiet, Row, Stack } from '../design';
import { useSeenKinds } from '../server/queries';
import type { Seen, SeenKind } from '../server/types';
import type { Units } from '../units/useUnits';
import { SeenOne } from './SeenOf';
import type { Logger } from './useLogger';

/** The read as it is called while walking on, before the ball is rolled: a few touches, kept with the next ball. */
export function ReadCard({ logger, units }: { logger: Logger; units: Units }) {
  const kinds = (useSeenKinds().data ?? []).filter(({ before }) => before);
  const called = kinds.filter(({ name }) => logger.seen[name] != null).length;
  const before = lastRead(logger.last?.seen ?? {}, kinds);
  return kinds.length === 0 ? null : (
    <Fold label={called === 0 ? 'Read card' : `Read card: ${called} noted for the next ball`}>
      <Stack>
        {called === 0 && before.length > 0 && (
          <Row>
            <Button
              onPress={() => {
                for (const [name, answer] of before) {
                  logger.note(name, answer);
                }
              }}
            >
              As for the last ball
            </Button>
          </Row>
        )}
        {kinds.map((kind) => (
          <SeenOne
            key={`${kind.name} ${logger.balls.length} ${called === 0}`}
            kind={kind}
            answer={logger.seen[kind.name] ?? null}
            onAnswer={(answer) => logger.note(kind.name, answer)}
            units={units}
          />
        ))}
        <Quiet>Kept with the next ball alone. Look back holds it against what the ball did.</Quiet>
      </Stack>
    </Fold>
  );
}

function lastRead(seen: Seen, kinds: readonly SeenKind[]) {
  return kinds.flatMap(({ name }) => (seen[name] == null ? [] : [[name, seen[name]] as const]));
}
