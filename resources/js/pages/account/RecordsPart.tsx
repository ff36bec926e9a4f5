import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { ApiError } from '../../api/api';
import { Cancelled, useImportRecords, useKeepRecords } from '../../api/queries';
import type { ImportResult } from '../../api/types';
import { Button, Fold, Notice, Part, ProgressLine, QuietText, Row, SentenceText, Stack } from '../../design';
import { Changes } from '../../features/drill-results/Changes';

const NAMES: Readonly<Record<string, [string, string]>> = {
  students: ['student', 'students'],
  greens: ['green', 'greens'],
  practice_sessions: ['session', 'sessions'],
  green_speed_measurements: ['reading', 'readings'],
  drills: ['drill', 'drills'],
  drill_runs: ['drill rolled', 'drills rolled'],
  session_events: ['line of a log', 'lines of logs'],
  length_sets: ['set of lengths', 'sets of lengths'],
  rounds: ['round', 'rounds'],
  benchmarks: ['yardstick', 'yardsticks'],
  take_home_cards: ['pocket card', 'pocket cards'],
  cards: ['card of points', 'cards of points'],
  putters: ['putter', 'putters'],
  saved_reads: ['read', 'reads'],
  guesses: ['reading-quiz', 'guesses'],
  bookings: ['booking', 'bookings'],
  homework_entries: ['note from home', 'notes from home'],
};

/** What is going on, in words. */
const PHASES: Readonly<Record<string, string>> = {
  sending: 'Sending the file',
  preparing: 'Preparing the file',
  fetching: 'Fetching the file',
  reading: 'Reading the file',
  checking: 'Checking the records',
  writing: 'Taking the records in',
};

/** Everything entered at this bench as one file, and a file taken in: first what it would bring, then all of it or nothing. */
export function RecordsPart() {
  const { taking, progress, cancel } = useImportRecords();
  const kept = useKeepRecords();
  const under = progress ?? kept.progress;
  const [file, setFile] = useState<unknown>(null);
  const [unreadable, setUnreadable] = useState<string | null>(null);
  const choose = async (chosen: FileList | null) => {
    const first = chosen?.[0];
    if (first === undefined) {
      return;
    }
    taking.reset();
    try {
      const told: unknown = JSON.parse(await first.text());
      setUnreadable(null);
      setFile(told);
      taking.mutate({ file: told, isTrial: true });
    } catch {
      setFile(null);
      setUnreadable(`${first.name} is no file of records: it is not JSON. Nothing was taken in.`);
    }
  };
  const isTrial = taking.variables?.isTrial === true;
  const brings = (taking.data ?? []).some(({ new: count }) => count > 0);
  return (
    <Part>
      <h2>Records</h2>
      <Stack $gap="s">
        <QuietText>
          Everything entered at this bench, as one file that any Amble takes in again. What is worked out from it is
          worked out anew.
        </QuietText>
        <Row $gap="m">
          <Button isDisabled={under !== null} onPress={() => kept.keeping.mutate()}>
            Keep all records as a file
          </Button>
          <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={choose}>
            <Button isDisabled={under !== null}>Take in a file of records</Button>
          </FileTrigger>
        </Row>
        {under !== null && (
          <Row>
            <ProgressLine label={PHASES[under.phase] ?? 'Working'} done={under.done} of={under.of} />
            <Button onPress={progress === null ? kept.cancel : cancel}>Cancel</Button>
          </Row>
        )}
        {kept.keeping.isError && <Outcome error={kept.keeping.error} />}
        {unreadable !== null && <Notice kind="wrong">{unreadable}</Notice>}
        {taking.isError && <Outcome error={taking.error} />}
        {taking.isSuccess && (
          <>
            <SentenceText role="status">
              {isTrial ? 'It would bring ' : 'Taken in: '}
              {broughtWords(taking.data)}
            </SentenceText>
            {isTrial && brings && (
              <Row>
                <Button look="main" onPress={() => taking.mutate({ file, isTrial: false })}>
                  Take it in
                </Button>
                <Button onPress={() => taking.reset()}>Leave it</Button>
              </Row>
            )}
          </>
        )}
        <Fold label="Who changed what">
          <Changes student={null} />
        </Fold>
      </Stack>
    </Part>
  );
}

/** Why it ended: cancelled on purpose, or refused. */
function Outcome({ error }: { error: Error }) {
  return error instanceof Cancelled ? (
    <SentenceText role="status">{error.message}</SentenceText>
  ) : (
    <Notice kind="wrong">{refusalWords(error)}</Notice>
  );
}

function broughtWords(taken: readonly ImportResult[]): string {
  const count = (n: number, table: string) => `${n} ${NAMES[table]?.[n === 1 ? 0 : 1] ?? table}`;
  const brought = taken.filter((one) => one.new > 0).map((one) => count(one.new, one.table));
  const there = taken.reduce((sum, one) => sum + one.there, 0);
  return `${brought.length === 0 ? 'nothing new' : brought.join(', ')}.${there === 0 ? '' : ` ${there} are here already and stay as they are.`}`;
}

/** Where in the file, and what is wrong there. */
function refusalWords(error: Error): string {
  const fields = error instanceof ApiError ? Object.entries(error.fields) : [];
  const first = fields[0];
  return first === undefined ? error.message : `At ${first[0]}: ${first[1]} Nothing was taken in.`;
}
