import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useChangeSession, useDebrief, useDelete, usePlanProgress } from '../../api/queries';
import type { Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  Button,
  ButtonLink,
  Columns,
  Entry,
  Head,
  InsightCard,
  MarginWord,
  NoteEntry,
  Notice,
  offerUndo,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
} from '../../design';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import { Book } from '../../features/booking/Book';
import { SessionFigures } from '../../features/reports/SessionFigures';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import type { StepProps } from '../../features/session-steps/steps';
import { ShareCard } from '../../features/share/ShareCard';
import { inWords } from '../../lane/drillWords';
import { day } from '../../units/dates';
import { useUnitsOf } from '../../units/useUnits';

/** As long as a note may be. */
const LONGEST = 4000;

/** What the student takes home, and what to begin with next time: written from what happened, until the coach writes. */
export function WrapUpStep({ session }: StepProps) {
  const log = useLog(session);
  const carried = useCarried(session);
  const isOver = session.ended_at !== null;
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Ending session={session} onEnd={carried.end} />
        <OutboxNotices log={log} words={() => ''} />
        <SessionFigures session={session} />
        {isOver && <Summary session={session} onReopen={carried.reopen} />}
        <Columns>
          <NoteEntry
            label={session.student === null ? 'For the student' : `For ${session.student.name}`}
            value={carried.forStudent}
            onChange={carried.writeForStudent}
            onBlur={carried.keep}
            hint="One or two things, not seven. What to do at home, and for how long."
            error={carried.wrong(carried.forStudent)}
          />
          <NoteEntry
            label="For next time"
            value={carried.forNext}
            onChange={carried.writeForNext}
            onBlur={carried.keep}
            hint="You see this at the start of the next session."
            error={carried.wrong(carried.forNext)}
          />
        </Columns>
        <QuietText role="status">{carried.state(log.waitingCount)}</QuietText>
        {session.student !== null && !isOver && <OnTheCard carried={carried} />}
        {session.student !== null && !isOver && <Book student={session.student} />}
        {session.plan !== null && <Planned session={session} />}
      </Stack>
      <InsightCard notes={[]}>
        <MarginWord>
          <h2>Before you leave</h2>
          <p>Count the equipment: a tee left flush in the turf is a hazard.</p>
          <p>End on a few short ones that go in.</p>
        </MarginWord>
        <SafetyNotes session={session} at="wrap-up" />
        {session.group_members.length > 1 && (
          <MarginWord>
            <h2>Who was here</h2>
            <p>{session.group_members.map(({ name }) => name).join(', ')}</p>
          </MarginWord>
        )}
      </InsightCard>
    </Page>
  );
}

/** What is left to do once a session has ended: hand on the card, book the next lesson, or go on with it after all. */
function Summary({ session, onReopen }: { session: Session; onReopen: () => void }) {
  const putAway = useDelete();
  const navigate = useNavigate();
  const { student } = session;
  return (
    <Stack>
      <Notice>This session has ended. You can still edit its balls and notes.</Notice>
      <Row>
        {student !== null && <ShareCard student={student} />}
        {student !== null && <Book student={student} />}
        <Button onPress={onReopen}>Reopen</Button>
        <Button
          look="bare"
          isPending={putAway.isPending}
          onPress={() =>
            putAway.mutate(
              { record: `sessions/${session.id}`, isAway: true },
              {
                onSuccess: () => {
                  offerUndo('The session is deleted.', () =>
                    putAway.mutate({ record: `sessions/${session.id}`, isAway: false }),
                  );
                  void navigate('/sessions');
                },
              },
            )
          }
        >
          Delete this session
        </Button>
      </Row>
      {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
    </Stack>
  );
}

interface EndingProps {
  session: Session;
  onEnd: (kit: { kit_word?: string }) => boolean;
}

/** The title with the end of the session beside it: what went out comes back first, or a word says why not. */
function Ending({ session: { student, kit_out, kit_word, ended_at }, onEnd }: EndingProps) {
  const [word, setWord] = useState(kit_word ?? '');
  const [error, setError] = useState<string | null>(null);
  const end = () => {
    const isMissing = kit_out.length > 0 && word.trim() === '';
    setError(isMissing ? 'Count it under its drill, or enter why it stays.' : null);
    if (!isMissing) {
      onEnd(kit_out.length === 0 ? {} : { kit_word: word.trim() });
    }
  };
  return (
    <>
      <Head>
        <Title page={`Wrap-up · ${student?.name ?? 'A session'}`}>
          {ended_at === null ? 'Wrap-up' : `Session of ${student?.name ?? 'no student'}, ${day(ended_at)}`}
        </Title>
        {ended_at === null ? (
          <Button look="main" onPress={end}>
            End session
          </Button>
        ) : (
          <ButtonLink look="main" to="/">
            Today
          </ButtonLink>
        )}
      </Head>
      {ended_at === null && kit_out.length > 0 && (
        <>
          <Notice>
            Not collected yet: {kit_out.map(({ name, count }) => `${count} of ${name}`).join(', ')}. Count it under its
            drill, or enter why it stays.
          </Notice>
          <Entry label="Reason it stays" value={word} onChange={setWord} maxLength={300} error={error} />
        </>
      )}
    </>
  );
}

/** What is carried on with: what was written, else the draft of what happened. */
function useCarried(session: Session) {
  const change = useChangeSession(session.id);
  const units = useUnitsOf(session.student);
  const isDrafted = session.student !== null && session.putts.length > 0 && session.ended_at === null;
  const draft = useDebrief(session.id, isDrafted).data?.debrief ?? null;
  const drafted = (text: string | null | undefined) => (text == null ? '' : inWords(text, units));
  const [written, write] = useState<{ student?: string; next?: string }>({});
  const [card, setCard] = useState<{ work_on?: string; home_task?: string; next?: string }>({});
  const forStudent = written.student ?? session.note_for_student ?? drafted(draft?.for_student);
  const forNext = written.next ?? session.note_for_next ?? drafted(draft?.for_next);
  const notes = { note_for_student: kept(forStudent), note_for_next: kept(forNext) };
  const isWritten =
    (written.student !== undefined && kept(written.student) !== session.note_for_student) ||
    (written.next !== undefined && kept(written.next) !== session.note_for_next);
  const isUsable = wrongNote(forStudent) === null && wrongNote(forNext) === null;
  const onCard = {
    work_on: card.work_on ?? drafted(draft?.work_on),
    home_task: card.home_task ?? drafted(draft?.home_task),
    next: card.next ?? '',
  };
  return {
    forStudent,
    forNext,
    writeForStudent: (student: string) => write({ ...written, student }),
    writeForNext: (next: string) => write({ ...written, next }),
    wrong: wrongNote,
    keep: () => {
      // Only what was written is kept before the end: a draft goes on with what happens.
      if (isWritten && isUsable) {
        void change({
          ...(written.student !== undefined && { note_for_student: notes.note_for_student }),
          ...(written.next !== undefined && { note_for_next: notes.note_for_next }),
        });
      }
    },
    state: (waiting: number) => {
      if (isWritten) {
        return 'Not saved yet.';
      }
      if (draft !== null && session.note_for_student === null) {
        return 'A draft from this session: edit it as you like. It is saved when the session ends.';
      }
      return waiting > 0 ? 'Saved on this device, not synced yet.' : 'Saved.';
    },
    onCard,
    setOnCard: (more: typeof card) => setCard({ ...card, ...more }),
    end: (kit: { kit_word?: string }) => {
      if (isUsable) {
        const isDraftsTask = card.home_task === undefined;
        // What is left empty here stays as it is on the card.
        const filled = {
          ...(kept(onCard.work_on) !== null && { work_on: kept(onCard.work_on) }),
          ...(kept(onCard.home_task) !== null && {
            home_task: kept(onCard.home_task),
            // A task of the coach's own has a dose of its own.
            home_balls: isDraftsTask ? (draft?.home_balls ?? null) : null,
            home_drill: isDraftsTask ? (draft?.home_drill ?? null) : null,
            home_days: isDraftsTask ? (draft?.home_days ?? null) : null,
            home_target: null,
            home_cue: null,
          }),
          ...(onCard.next !== '' && { next_on: onCard.next }),
        };
        void change({
          ...notes,
          ...kit,
          ...(session.student !== null && Object.keys(filled).length > 0 && { pocket: filled }),
          ended: true,
        });
      }
      return isUsable;
    },
    reopen: () => void change({ ended: false }),
  };
}

const kept = (text: string) => (text.trim() === '' ? null : text.trim());

function wrongNote(text: string): string | null {
  return text.trim().length > LONGEST ? `A note is at most ${LONGEST} letters long.` : null;
}

/** As long as a line of the card may be. */
const LONGEST_LINE = 300;

/** What of it goes on the take-home card, and to whoever holds its link. */
function OnTheCard({ carried }: { carried: ReturnType<typeof useCarried> }) {
  const { onCard, setOnCard } = carried;
  return (
    <Part>
      <h2>On the take-home card</h2>
      <Columns>
        <Entry
          label="Homework"
          value={onCard.home_task}
          onChange={(home_task) => setOnCard({ home_task })}
          maxLength={LONGEST_LINE}
        />
        <Entry
          label="Working on (one or two things)"
          value={onCard.work_on}
          onChange={(work_on) => setOnCard({ work_on })}
          maxLength={LONGEST_LINE}
        />
        <Entry
          label="Next lesson"
          type="date"
          value={onCard.next}
          onChange={(next) => setOnCard({ next })}
          hint="Fields left empty do not change the card."
        />
      </Columns>
    </Part>
  );
}

const STATES = { done: 'done', now: 'begun', to_come: 'not done', dropped: 'skipped' } as const;

/** The plan held against what happened. */
function Planned({ session }: StepProps) {
  const told = usePlanProgress(session.id, true).data?.progress ?? null;
  return told === null ? null : (
    <Part>
      <h2>Plan and what happened</h2>
      <SentenceText>{told.says}</SentenceText>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Block</th>
              <th scope="col">Planned</th>
              <th scope="col">Took</th>
              <th scope="col">State</th>
            </tr>
          </thead>
          <tbody>
            {told.blocks.map(({ id, name, minutes, took_minutes, state }) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                <td>{minutes} min</td>
                <td>{took_minutes === null ? '–' : `${Math.round(took_minutes)} min`}</td>
                <td>{STATES[state]}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
    </Part>
  );
}
