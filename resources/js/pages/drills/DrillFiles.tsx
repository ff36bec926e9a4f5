import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { ApiError } from '../../api/api';
import { fetchDrillsFile, useDrills, useImportDrills, usePreviewDrills } from '../../api/queries';
import type { DrillPreview } from '../../api/types';
import {
  Button,
  ButtonLink,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
} from '../../design';
import { problemWords } from './draft';

const WHAT = {
  new: 'New',
  changed: 'Updates yours',
  same: 'Unchanged',
  refused: 'Not valid',
} as const;

interface Chosen {
  name: string;
  file: { format: string; version: number; drills: unknown[] };
  told: DrillPreview[];
}

/** Drills in and out of files: first told drill by drill, then taken whole or not at all. */
export function DrillFiles() {
  const drills = useDrills();
  const preview = usePreviewDrills();
  const take = useImportDrills();
  const [chosen, choose] = useState<Chosen | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const own = drills.data?.own.length ?? 0;
  const open = async (files: FileList | null) => {
    const file = files?.item(0);
    if (file == null) {
      return;
    }
    take.reset();
    choose(null);
    setProblem(null);
    try {
      const read = JSON.parse(await file.text()) as Chosen['file'];
      choose({ name: file.name, file: read, told: await preview.mutateAsync(read) });
    } catch (error) {
      setProblem(
        error instanceof ApiError
          ? `“${file.name}” could not be read. ${Object.values(error.fields)[0] ?? error.message} Nothing was imported.`
          : `“${file.name}” is not a drill file: it is not JSON. Nothing was imported.`,
      );
    }
  };
  const takeIn = ({ file, told }: Chosen) => {
    // What was refused or stays the same is left where it is.
    const drillsToTake = file.drills.filter((_, at) => ['new', 'changed'].includes(told[at]?.what ?? ''));
    take.mutate({ ...file, drills: drillsToTake });
  };
  return (
    <Page>
      <Stack $gap="l">
        <Title page="Export and import drills">Export and import drills</Title>
        <Part>
          <h2>Export</h2>
          <QuietText>
            {own === 0
              ? 'You have no drills of your own yet. Built-in drills are in every workspace.'
              : `Your own ${own === 1 ? 'drill' : `${own} drills`}, as one open file for another coach.`}
          </QuietText>
          <Row>
            <Button
              isDisabled={own === 0}
              onPress={() => void fetchDrillsFile().then((file) => saveAs('drills.json', file))}
            >
              Export
            </Button>
          </Row>
        </Part>
        <Part>
          <h2>Import</h2>
          <QuietText>Choose a drill file. You see a preview before anything is imported.</QuietText>
          <Row>
            <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={(files) => void open(files)}>
              <Button isPending={preview.isPending}>Choose a file</Button>
            </FileTrigger>
          </Row>
          {problem !== null && <Notice kind="wrong">{problem}</Notice>}
          {take.isSuccess && (
            <Notice>
              {take.data.length === 1 ? 'One drill was' : `${take.data.length} drills were`} imported; you find{' '}
              {take.data.length === 1 ? 'it' : 'them'} under My drills.
            </Notice>
          )}
          {take.isError && <Notice kind="wrong">{take.error.message} Nothing was imported.</Notice>}
          {chosen !== null && !take.isSuccess && (
            <Told chosen={chosen} isPending={take.isPending} onTake={() => takeIn(chosen)} />
          )}
        </Part>
        <Row>
          <ButtonLink look="bare" to="/drills">
            Back to Drills
          </ButtonLink>
        </Row>
      </Stack>
    </Page>
  );
}

function Told({ chosen, isPending, onTake }: { chosen: Chosen; isPending: boolean; onTake: () => void }) {
  const count = chosen.told.filter(({ what }) => what === 'new' || what === 'changed').length;
  const refused = chosen.told.filter(({ what }) => what === 'refused').length;
  return (
    <>
      <SentenceText>
        “{chosen.name}”: {chosen.told.length === 1 ? 'one drill' : `${chosen.told.length} drills`}.
      </SentenceText>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Drill</th>
              <th scope="col">What it does</th>
              <th scope="col">Why not</th>
            </tr>
          </thead>
          <tbody>
            {chosen.told.map(({ key, name, what, field, why }, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a file may hold two drills of the same key.
              <tr key={`${key} ${at}`}>
                <th scope="row" style={{ whiteSpace: 'normal' }}>
                  {name}
                </th>
                <td>{WHAT[what]}</td>
                <td style={{ whiteSpace: 'normal' }}>
                  {why === null ? '' : field === null ? why : problemWords(`drill.${field}`, why)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
      <Row>
        <Button look="main" isDisabled={count === 0} isPending={isPending} onPress={onTake}>
          {count === 0
            ? 'Nothing to import'
            : `Import ${count === 1 ? 'one drill' : `${count} drills`}${refused > 0 ? ', skip the rest' : ''}`}
        </Button>
      </Row>
    </>
  );
}

function saveAs(name: string, content: unknown): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([JSON.stringify(content, null, 1)], { type: 'application/json' }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
