import { useState } from 'react';
import { useNavigate } from 'react-router';
import { OutboxNotices } from '../balls/OutboxNotices';
import {
  Button,
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
import { useLog } from '../server/useOutbox';
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
          <Row>
            <Button
              look="main"
              onPress={() => {
                if (isUsable) {
                  void change({ ...notes, ended: true });
                  void navigate('/');
                }
              }}
            >
              End the session
            </Button>
          </Row>
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

function noteState(isChanged: boolean, waiting: number): string {
  if (isChanged) {
    return 'Not kept yet.';
  }
  return waiting > 0 ? 'On this device, not sent yet.' : 'Kept.';
}
