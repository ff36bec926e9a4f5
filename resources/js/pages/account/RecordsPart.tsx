import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { ApiError } from '../../api/api';
import { Cancelled, useImportRecords, useKeepRecords } from '../../api/queries';
import type { ImportResult } from '../../api/types';
import { Button, Fold, Notice, ProgressLine, QuietText, Row, SentenceText, Stack } from '../../design';
import { Changes } from '../../features/drill-results/Changes';

const NAMES: Readonly<Record<string, [string, string]>> = {
  students: ['student', 'students'],
  greens: ['green', 'greens'],
  practice_sessions: ['session', 'sessions'],
  green_speed_measurements: ['reading', 'readings'],
  drills: ['drill', 'drills'],
  drill_runs: ['drill run', 'drill runs'],
  session_events: ['log entry', 'log entries'],
  length_sets: ['set of lengths', 'sets of lengths'],
  rounds: ['round', 'rounds'],
  benchmarks: ['yardstick', 'yardsticks'],
  take_home_cards: ['take-home card', 'take-home cards'],
  cards: ['checklist', 'checklists'],
  putters: ['putter', 'putters'],
  saved_reads: ['read', 'reads'],
  hole_maps: ['hole map', 'hole maps'],
  guesses: ['reading-quiz', 'guesses'],
  bookings: ['booking', 'bookings'],
  homework_entries: ['note from home', 'notes from home'],
};

/** What is going on, in words. */
const PHASES: Readonly<Record<string, string>> = {
  sending: 'Uploading the file',
  preparing: 'Preparing the file',
  fetching: 'Downloading the file',
  reading: 'Reading the file',
  checking: 'Checking the records',
  writing: 'Importing the records',
};

/** Everything entered at this workspace as one file, and a file taken in: first what it would bring, then all of it or nothing. */
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
      setUnreadable(`${first.name} is not an Amble export: it is not JSON. Nothing was imported.`);
    }
  };
  const isTrial = taking.variables?.isTrial === true;
  const brings = (taking.data ?? []).some(({ new: count }) => count > 0);
  return (
    <Stack $gap="s">
      <QuietText>
        All records of this workspace in one file that any Amble can import. Figures are computed again from it.
      </QuietText>
      <Row $gap="m">
        <Button isDisabled={under !== null} onPress={() => kept.keeping.mutate()}>
          Export all records
        </Button>
        <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={choose}>
          <Button isDisabled={under !== null}>Import records</Button>
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
            {isTrial ? 'This file adds ' : 'Imported: '}
            {broughtWords(taking.data)}
          </SentenceText>
          {isTrial && brings && (
            <Row>
              <Button look="main" onPress={() => taking.mutate({ file, isTrial: false })}>
                Import
              </Button>
              <Button onPress={() => taking.reset()}>Cancel</Button>
            </Row>
          )}
        </>
      )}
      <Fold label="Change history">
        <Changes student={null} />
      </Fold>
    </Stack>
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
  return `${brought.length === 0 ? 'nothing new' : brought.join(', ')}.${there === 0 ? '' : ` ${there} exist already and stay unchanged.`}`;
}

/** Where in the file, and what is wrong there. */
function refusalWords(error: Error): string {
  const fields = error instanceof ApiError ? Object.entries(error.fields) : [];
  const first = fields[0];
  return first === undefined ? error.message : `At ${first[0]}: ${first[1]} Nothing was imported.`;
}
