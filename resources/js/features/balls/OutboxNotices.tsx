import type { Pending } from '../../api/pending';
import { NO_REMARKS } from '../../api/types';
import type { ShownPutt, useLog } from '../../api/useOutbox';
import { Button, Notice, Row } from '../../design';

interface OutboxNoticesProps {
  log: ReturnType<typeof useLog>;
  words: (putt: ShownPutt) => string;
  /** Whether a form on the screen says it at its own fields. */
  isSaidAtField?: (item: Pending) => boolean;
}

/** What this device could not store, and what the server would not take: nothing is dropped without a word. */
export function OutboxNotices({ log, words, isSaidAtField = () => false }: OutboxNoticesProps) {
  return (
    <>
      {log.looseCount > 0 && (
        <Notice kind="wrong">
          This device has no room to store{' '}
          {log.looseCount === 1 ? 'the last entry' : `the last ${log.looseCount} entries`}. Keep this page open until
          they are synced; then free some space.
        </Notice>
      )}
      {log.refused
        .filter((item) => !isSaidAtField(item))
        .map((item) => (
          <Notice key={item.order} kind="wrong">
            <p>
              {told(item, words)}: {item.refused} It stays here until you dismiss it.
            </p>
            <Row>
              <Button onPress={() => void log.tryAgain(item.order ?? 0)}>Try again</Button>
              <Button onPress={() => void log.discard(item.order ?? 0)}>Dismiss</Button>
            </Row>
          </Notice>
        ))}
    </>
  );
}

/** What was not taken, as the coach would call it. */
function told(item: Pending, words: (putt: ShownPutt) => string): string {
  if (item.write !== undefined) {
    return `${item.write.what} was not saved`;
  }
  return item.event.type === 'putt_logged'
    ? `A ball was not saved (${words(asShown(item.event))})`
    : 'An entry was not saved';
}

function asShown(event: object): ShownPutt {
  return {
    student: null,
    outcome: null,
    corrections: 0,
    isWaiting: true,
    ...NO_REMARKS,
    seen: {},
    ...event,
  } as ShownPutt;
}
