import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, Margin, MarginWord, NoteEntry, Notice, Page, Quiet, Row, Stack } from '../design';
import { fieldError } from '../server/api';
import { useChangeSession } from '../server/queries';
import type { WaypointProps } from '../walk/walk';

/** What the student takes home, and what to begin with next time. */
export function CarryOn({ session }: WaypointProps) {
  const change = useChangeSession(session.id);
  const navigate = useNavigate();
  const [forStudent, setForStudent] = useState(session.note_for_student ?? '');
  const [forNext, setForNext] = useState(session.note_for_next ?? '');
  const kept = (text: string) => (text.trim() === '' ? null : text.trim());
  const keep = () => change.mutate({ note_for_student: kept(forStudent), note_for_next: kept(forNext) });
  const isChanged = kept(forStudent) !== session.note_for_student || kept(forNext) !== session.note_for_next;
  return (
    <Page data-margin>
      <Stack $gap="l">
        <h1>What to carry on with</h1>
        {change.isError && <Notice kind="wrong">{change.error.message}</Notice>}
        <NoteEntry
          label={session.student === null ? 'For the student' : `For ${session.student.name}`}
          value={forStudent}
          onChange={setForStudent}
          onBlur={() => isChanged && keep()}
          hint="One or two things, not seven. What to do at home, and for how long."
          error={fieldError(change.error, 'note_for_student')}
        />
        <NoteEntry
          label="For next time"
          value={forNext}
          onChange={setForNext}
          onBlur={() => isChanged && keep()}
          hint="You will see this when the student next arrives."
          error={fieldError(change.error, 'note_for_next')}
        />
        <Quiet role="status">{change.isPending ? 'Keeping …' : isChanged ? 'Not kept yet.' : 'Kept.'}</Quiet>
        <Row>
          {session.ended_at === null ? (
            <Button
              look="main"
              isPending={change.isPending}
              onPress={() =>
                change.mutate(
                  { note_for_student: kept(forStudent), note_for_next: kept(forNext), ended: true },
                  { onSuccess: () => void navigate('/') },
                )
              }
            >
              End the session
            </Button>
          ) : (
            <>
              <Notice>This session has ended. Its balls and notes can still be corrected.</Notice>
              <Button onPress={() => change.mutate({ ended: false })}>Open it again</Button>
            </>
          )}
        </Row>
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>Before you go</h2>
          <ul>
            <li>Count the kit back in: a tee left flush in the turf is a hazard.</li>
            <li>End on a few short ones that go in.</li>
          </ul>
        </MarginWord>
      </Margin>
    </Page>
  );
}
