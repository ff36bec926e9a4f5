import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useParams } from 'react-router';
import { ApiError } from '../../api/api';
import { type SavedTable, useImportBalls, usePreviewBalls, useToday } from '../../api/queries';
import type { BallsImportResult, BallsTable } from '../../api/types';
import {
  Button,
  ButtonLink,
  Columns,
  Entry,
  Notice,
  Page,
  Part,
  Pick,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
} from '../../design';
import { isoDay } from '../../units/dates';
import { useUnits } from '../../units/useUnits';

/** A table of balls from a sensor or a sheet: its columns are named once, what it would bring is seen, then it is taken in. */
export function BallsTableScreen() {
  const { id = '' } = useParams();
  const today = useToday();
  const student = today.data?.students.find((each) => each.id === id);
  const table = useBallsTable(id);
  const { seen, said } = table;
  return (
    <Page>
      <Stack $gap="l">
        <Title page={`Import balls · ${student?.name ?? 'A student'}`}>Import balls from a table</Title>
        <Part>
          <QuietText>
            A CSV file with one ball a line and column names in the first line: from a stroke sensor, or a sheet of your
            own. You see a preview before anything is imported.
          </QuietText>
          <Row>
            <FileTrigger
              acceptedFileTypes={['text/csv', '.csv', '.txt', '.tsv']}
              onSelect={(files) => void table.open(files)}
            >
              <Button look={said === null ? 'main' : 'plain'}>Choose a file</Button>
            </FileTrigger>
            <a href={`/api/students/${id}/balls.csv`} download="balls.csv">
              Export all balls of {student?.name ?? 'this student'} as a CSV file
            </a>
          </Row>
          {table.problem !== null && <Notice kind="wrong">{table.problem}</Notice>}
        </Part>
        {said !== null && seen !== null && (
          <>
            <ColumnsOf seen={seen} onName={table.name} />
            <Where table={table} greens={today.data?.greens ?? []} />
            <Brings seen={seen} />
            {table.taken === null ? (
              <Row>
                <Button
                  look="main"
                  isDisabled={seen.taken === seen.there}
                  isPending={table.isTaking}
                  onPress={table.take}
                >
                  Import {seen.taken - seen.there} {seen.taken - seen.there === 1 ? 'ball' : 'balls'}
                </Button>
                <Button onPress={table.leave}>Cancel</Button>
              </Row>
            ) : (
              <Notice>
                <p role="status">{takenWords(table.taken)}</p>
                <ButtonLink to={`/students/${id}`}>See the review</ButtonLink>
              </Notice>
            )}
          </>
        )}
      </Stack>
    </Page>
  );
}

type Table = ReturnType<typeof useBallsTable>;

/** The table chosen, what is said of it so far, and what the server makes of it. */
function useBallsTable(student: string) {
  const preview = usePreviewBalls(student);
  const taking = useImportBalls(student);
  const [said, setSaid] = useState<SavedTable | null>(null);
  const [seen, setSeen] = useState<BallsTable | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const refuse = (error: unknown) =>
    setProblem(
      error instanceof ApiError
        ? `${Object.values(error.fields)[0] ?? error.message} Nothing was imported.`
        : error instanceof Error
          ? error.message
          : 'The file cannot be read.',
    );
  const look = async (next: SavedTable) => {
    setSaid(next);
    setProblem(null);
    taking.reset();
    try {
      setSeen(await preview.mutateAsync(next));
    } catch (error) {
      refuse(error);
    }
  };
  const change = (more: Partial<SavedTable>) => said !== null && void look({ ...said, ...more });
  return {
    said,
    seen,
    problem,
    taken: taking.data ?? null,
    isTaking: taking.isPending,
    change,
    open: async (files: FileList | null) => {
      const file = files?.item(0);
      if (file == null) {
        return;
      }
      setSeen(null);
      const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
      await look({
        text: await file.text(),
        day: isoDay(new Date(file.lastModified)),
        zone,
        green_id: null,
        speed_ft: null,
      });
    },
    name: (place: number, field: string, unit: string | null) =>
      seen !== null && change({ columns: named(seen, place, field, unit) }),
    take: () => said !== null && taking.mutate(said, { onError: refuse }),
    leave: () => {
      setSaid(null);
      setSeen(null);
      setProblem(null);
    },
  };
}

const ASIDE = 'aside';

/** The columns as they are named, one of them anew; a field that it takes from another leaves that one aside. */
function named(seen: BallsTable, place: number, field: string, unit: string | null) {
  return seen.columns.flatMap((column, at) => {
    const now =
      at === place ? { field, unit } : { field: column.field === field ? null : column.field, unit: column.unit };
    return now.field === null || now.field === ASIDE ? [] : [{ place: at, field: now.field, unit: now.unit }];
  });
}

function ColumnsOf({ seen, onName }: { seen: BallsTable; onName: Table['name'] }) {
  const fields = [
    { value: ASIDE, label: 'Ignored' },
    ...seen.fields.map(({ name, label }) => ({ value: name, label })),
  ];
  const unitsOf = (field: string | null) => seen.fields.find(({ name }) => name === field)?.units ?? [];
  return (
    <Part>
      <h2>Columns</h2>
      <QuietText>A table with the same column names is recognised next time.</QuietText>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Column</th>
              <th scope="col">First cell</th>
              <th scope="col">Meaning</th>
              <th scope="col">Unit</th>
            </tr>
          </thead>
          <tbody>
            {seen.columns.map(({ head, sample, field, unit }, place) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: columns are told apart by their place only.
              <tr key={place}>
                <th scope="row">{head}</th>
                <td>{sample ?? '–'}</td>
                <td>
                  <Pick
                    label={`Meaning of ${head}`}
                    isLabelHidden
                    options={fields}
                    value={field ?? ASIDE}
                    onChange={(next) => onName(place, next, unitsOf(next)[0] ?? null)}
                  />
                </td>
                <td>
                  {unitsOf(field).length > 1 ? (
                    <Pick
                      label={`Unit of ${head}`}
                      isLabelHidden
                      options={unitsOf(field).map((each) => ({ value: each, label: each }))}
                      value={unit ?? ''}
                      onChange={(next) => field !== null && onName(place, field, next)}
                    />
                  ) : (
                    (unit ?? '')
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
    </Part>
  );
}

function Where({ table, greens }: { table: Table; greens: readonly { id: string; name: string }[] }) {
  const units = useUnits();
  const { said, seen } = table;
  const [speed, setSpeed] = useState('');
  const hasMoments = seen?.columns.some(({ field }) => field === 'at') === true;
  const read = units.readSpeed(speed);
  return (
    <Part>
      <h2>Where and when</h2>
      <Columns>
        <Pick
          label="Green"
          options={[
            { value: '', label: 'Not recorded' },
            ...greens.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          value={said?.green_id ?? ''}
          onChange={(id) => table.change(id === '' ? { green_id: null, speed_ft: null } : { green_id: id })}
        />
        {said?.green_id != null && (
          <Entry
            label="Green speed that day (estimate)"
            value={speed}
            onChange={setSpeed}
            onBlur={() => table.change({ speed_ft: read === null ? null : read / 0.3048 })}
            inputMode="decimal"
            suffix={units.speedSuffix}
            hint="Without it these balls do not count for the backstroke table."
          />
        )}
        {!hasMoments && (
          <Entry
            label="Date"
            type="date"
            value={said?.day ?? ''}
            onChange={(day) => table.change({ day })}
            hint="The table has no date column."
          />
        )}
      </Columns>
    </Part>
  );
}

function Brings({ seen }: { seen: BallsTable }) {
  return (
    <Part>
      <h2>Preview</h2>
      <SentenceText role="status">
        Of {seen.rows} rows {seen.taken} are balls
        {seen.there === 0 ? '' : `, ${seen.there} of them imported already`}
        {seen.refused_count === 0 ? '.' : `; ${seen.refused_count} cannot be read and are skipped.`}
      </SentenceText>
      {seen.refused.length > 0 && (
        <TableFrame>
          <table>
            <thead>
              <tr>
                <th scope="col">Row</th>
                <th scope="col">Column</th>
                <th scope="col">Reason</th>
              </tr>
            </thead>
            <tbody>
              {seen.refused.map(({ row, column, reason }) => (
                <tr key={row}>
                  <td>{row}</td>
                  <td>{column === '' ? 'the whole row' : column}</td>
                  <td>{reason}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
      )}
      {seen.refused_count > seen.refused.length && (
        <QuietText>And {seen.refused_count - seen.refused.length} more like these.</QuietText>
      )}
    </Part>
  );
}

function takenWords({ taken, there, refused, sessions }: BallsImportResult): string {
  const balls = taken === 1 ? '1 ball was' : `${taken} balls were`;
  const where = sessions === 0 ? '' : `, in ${sessions === 1 ? 'a session' : `${sessions} sessions`} of their own`;
  return `${balls} imported${where}.${there === 0 ? '' : ` ${there} were imported already.`}${refused === 0 ? '' : ` ${refused} rows were skipped.`}`;
}
