import { useState } from 'react';
import {
  AnyOf,
  ButtonLink,
  Columns,
  Entry,
  Margin,
  MarginWord,
  Notice,
  OneOf,
  Page,
  Part,
  Quiet,
  Row,
  Stack,
} from '../design';
import { fieldError } from '../server/api';
import { useBench, useChangeSession } from '../server/queries';
import { useLog } from '../server/useOutbox';
import type { WaypointProps } from '../walk/walk';

const CONDITIONS = [
  { value: 'dew', label: 'Dew' },
  { value: 'rain', label: 'Rain' },
  { value: 'fresh_cut', label: 'Fresh cut' },
  { value: 'rolled', label: 'Rolled' },
  { value: 'top_dressed', label: 'Top-dressed' },
  { value: 'cored', label: 'Cored' },
  { value: 'grain', label: 'Grain' },
  { value: 'wind', label: 'Wind' },
  { value: 'sun', label: 'Strong sun' },
  { value: 'cold', label: 'Cold' },
  { value: 'storm', label: 'Storm about' },
] as const;

const USUAL_MINUTES = ['5', '15', '30', '60'];

/** Who, where, how long, what for, and in what state the green is. */
export function Arrive({ session }: WaypointProps) {
  const bench = useBench();
  const change = useChangeSession(session.id);
  const log = useLog(session);
  const [minutes, setMinutes] = useState(session.minutes === null ? '' : String(session.minutes));
  const [purpose, setPurpose] = useState(session.purpose ?? '');
  const [minutesError, setMinutesError] = useState<string | null>(null);
  const keepMinutes = (text: string) => {
    const whole = text.trim() === '' ? null : Number(text.trim().replace(',', '.'));
    if (whole !== null && Number.isNaN(whole)) {
      setMinutesError(`“${text.trim()}” is not a number of minutes. Type 45, say.`);
      return;
    }
    setMinutesError(null);
    change.mutate({ minutes: whole });
  };
  return (
    <Page data-margin>
      <Stack $gap="l">
        <h1>{session.student === null ? 'Who has come?' : `${session.student.name} has come`}</h1>
        {change.isError && Object.keys(fieldsOf(change.error)).length === 0 && (
          <Notice kind="wrong">{change.error.message}</Notice>
        )}
        <Part>
          <h2>Who and where</h2>
          <OneOf
            label="Student"
            options={(bench.data?.students ?? []).map((student) => ({
              value: student.id,
              label: student.name,
            }))}
            value={session.student?.id ?? null}
            onChange={(id) => change.mutate({ student_id: id })}
            error={fieldError(change.error, 'student_id')}
          />
          <OneOf
            label="Green"
            options={(bench.data?.greens ?? []).map((green) => ({ value: green.id, label: green.name }))}
            value={session.green?.id ?? null}
            onChange={(id) => change.mutate({ green_id: id })}
            error={fieldError(change.error, 'green_id')}
          />
          <Row>
            <ButtonLink look="bare" to="/students/new">
              Add a student
            </ButtonLink>
            <ButtonLink look="bare" to="/greens">
              Add a green
            </ButtonLink>
          </Row>
        </Part>
        <Part>
          <h2>How long, and what for</h2>
          <Columns>
            <Stack $gap="s">
              <Entry
                label="Minutes at hand"
                value={minutes}
                onChange={setMinutes}
                onBlur={() => keepMinutes(minutes)}
                onEnter={() => keepMinutes(minutes)}
                inputMode="numeric"
                suffix="min"
                error={minutesError ?? fieldError(change.error, 'minutes')}
              />
              <OneOf
                label="Usual lengths"
                isLabelHidden
                options={USUAL_MINUTES.map((value) => ({ value, label: value }))}
                value={USUAL_MINUTES.includes(minutes) ? minutes : null}
                onChange={(value) => {
                  setMinutes(value);
                  keepMinutes(value);
                }}
              />
            </Stack>
            <Entry
              label="What for"
              value={purpose}
              onChange={setPurpose}
              onBlur={() => change.mutate({ purpose: purpose.trim() === '' ? null : purpose.trim() })}
              onEnter={() => change.mutate({ purpose: purpose.trim() === '' ? null : purpose.trim() })}
              hint="In a few words: a check before a round, distance, a first look."
              error={fieldError(change.error, 'purpose')}
            />
          </Columns>
        </Part>
        <Part>
          <h2>State of the green</h2>
          <AnyOf
            label="What you see"
            options={CONDITIONS}
            values={session.conditions as (typeof CONDITIONS)[number]['value'][]}
            onChange={(conditions) => changedCondition(session.conditions, conditions, log.noteCondition)}
          />
          <Quiet>A note beside the reading. It never changes a measured green speed.</Quiet>
        </Part>
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/green`}>
            On to the green
          </ButtonLink>
        </Row>
      </Stack>
      <Margin notes={[]}>
        {session.last_note !== null && (
          <MarginWord>
            <h2>From last time</h2>
            <p>{session.last_note}</p>
          </MarginWord>
        )}
        <MarginWord>
          <h2>Take care</h2>
          <ul>
            {session.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </MarginWord>
      </Margin>
    </Page>
  );
}

/** Says what was touched: one condition seen, or no longer. */
function changedCondition(
  before: readonly string[],
  after: readonly string[],
  note: (condition: string, isSeen: boolean) => void,
): void {
  for (const condition of after.filter((each) => !before.includes(each))) {
    note(condition, true);
  }
  for (const condition of before.filter((each) => !after.includes(each))) {
    note(condition, false);
  }
}

function fieldsOf(error: unknown): Readonly<Record<string, string>> {
  return (error as { fields?: Record<string, string> } | null)?.fields ?? {};
}
