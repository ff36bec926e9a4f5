import { useState } from 'react';
import { useNavigate } from 'react-router';
import { OutboxNotices } from '../balls/OutboxNotices';
import {
  Button,
  Entry,
  Margin,
  MarginWord,
  Name,
  NoteEntry,
  Notice,
  Page,
  Quiet,
  Row,
  Stack,
  Title,
} from '../design';
import { useChangeSession, usePutAway } from '../server/queries';
import type { Session } from '../server/types';
import { useLog } from '../server/useOutbox';
import { Care } from '../walk/Care';
import type { WaypointProps } from '../walk/walk';

/** As long as a note may be. */
const LONGEST = 4000;

/** What the student takes home, and what to begin with next time. */
export function CarryOn({ session }: WaypointProps) {
  const change = useChangeSession(session.id);
  const putAway = usePutAway();
  const log = useLog(session);
  const navigate = useNavigate();
  const [forStudent, setForStudent] = useState(session.note_for_student ?? '');
  const [forNext, setForNext] = useState(session.note_for_next ?? '');
  const kept = (text: string) => (text.trim() === '' ? null : text.trim());
  const isChanged = kept(forStudent) !== session.note_for_student || kept(forNext) !== session.note_for_next;
  const wrong = (text: string) =>
    text.trim().length > LONGEST ? `A note is at most ${LONGEST} letters long.` : null;
  const isUsable = wrong(forStudent) === null && wrong(forNext) === null;
  const notes = { note_for_student: kept(forStudent), note_for_next: kept(forNext) };
  const keep = () => isChanged && isUsable && void change(notes);
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Title page={`Carry on · ${session.student?.name ?? 'A session'}`}>What to carry on with</Title>
        <OutboxNotices log={log} words={() => ''} />
        <NoteEntry
          label={session.student === null ? 'For the student' : `For ${session.student.name}`}
          value={forStudent}
          onChange={setForStudent}
          onBlur={keep}
          hint="One or two things, not seven. What to do at home, and for how long."
          error={wrong(forStudent)}
        />
        <NoteEntry
          label="For next time"
          value={forNext}
          onChange={setForNext}
          onBlur={keep}
          hint="You will see this when the student next arrives."
          error={wrong(forNext)}
        />
        <Quiet role="status">{noteState(isChanged, log.waitingCount)}</Quiet>
        {session.ended_at === null ? (
          <Ending
            session={session}
            onEnd={(kit) => {
              if (isUsable) {
                void change({ ...notes, ...kit, ended: true });
                void navigate('/');
              }
            }}
          />
        ) : (
          <>
            <Notice>This session has ended. Its balls and notes can still be corrected.</Notice>
            <Row>
              <Button onPress={() => void change({ ended: false })}>Open it again</Button>
              <Button
                look="bare"
                isPending={putAway.isPending}
                onPress={() =>
                  putAway.mutate(
                    { record: `sessions/${session.id}`, isAway: true },
                    { onSuccess: () => void navigate('/ledger') },
                  )
                }
              >
                Put this session away
              </Button>
            </Row>
            {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
          </>
        )}
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>Before you go</h2>
          <ul>
            <li>Count the kit back in: a tee left flush in the turf is a hazard.</li>
            <li>End on a few short ones that go in.</li>
          </ul>
        </MarginWord>
        <Care session={session} at="carry-on" />
        {session.company.length > 1 && (
          <MarginWord>
            <h2>Who was here</h2>
            <ul>
              {session.company.map(({ student, name }) => (
                <li key={student}>
                  <Name>{name}</Name>
                </li>
              ))}
            </ul>
          </MarginWord>
        )}
      </Margin>
    </Page>
  );
}

/** What went out comes back first, or a word says why not. */
function Ending({
  session: { kit_out, kit_word },
  onEnd,
}: {
  session: Session;
  onEnd: (kit: { kit_word?: string }) => void;
}) {
  const [word, setWord] = useState(kit_word ?? '');
  const [error, setError] = useState<string | null>(null);
  const end = () => {
    const isMissing = kit_out.length > 0 && word.trim() === '';
    setError(isMissing ? 'Count it in under its drill, or say why it stays.' : null);
    if (!isMissing) {
      onEnd(kit_out.length === 0 ? {} : { kit_word: word.trim() });
    }
  };
  return (
    <Stack>
      {kit_out.length > 0 && (
        <>
          <Notice>
            Still out: {kit_out.map(({ name, count }) => `${count} of ${name}`).join(', ')}. Count it in under
            its drill, or say why it stays.
          </Notice>
          <Entry label="Why it stays out" value={word} onChange={setWord} maxLength={300} error={error} />
        </>
      )}
      <Row>
        <Button look="main" onPress={end}>
          End the session
        </Button>
      </Row>
    </Stack>
  );
}

function noteState(isChanged: boolean, waiting: number): string {
  if (isChanged) {
    return 'Not kept yet.';
  }
  return waiting > 0 ? 'On this device, not sent yet.' : 'Kept.';
}
