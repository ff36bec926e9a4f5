import { useState } from 'react';
import { fieldError } from '../../api/api';
import { type BenchmarkDraft, useDeleteBenchmark, useSaveBenchmark } from '../../api/queries';
import type { ComparedWith } from '../../api/types';
import {
  Button,
  Columns,
  Entry,
  Fold,
  Notice,
  Part,
  Pick,
  QuietText,
  Row,
  Stack,
  TableFrame,
  useFirstError,
} from '../../design';
import { readNumber } from '../../units/format';
import type { Units } from '../../units/useUnits';

const FIGURES = [
  { value: 'putts_per_18', label: 'Putts in 18 holes' },
  { value: 'three_putts_per_18', label: 'Three-putts in 18 holes' },
  { value: 'holed_share', label: 'Holed from a length, %' },
  { value: 'three_putt_share', label: 'Three putts from a length, %' },
] as const;

type Figure = (typeof FIGURES)[number]['value'];

const isOfLength = (figure: Figure) => figure === 'holed_share' || figure === 'three_putt_share';

/** The coach's own yardsticks, each with its source, beside this student's figure; nobody calls either good. */
export function Benchmarks({ benchmarks, units }: { benchmarks: readonly ComparedWith[]; units: Units }) {
  const drop = useDeleteBenchmark();
  const shown = (figure: Figure, value: number | null) =>
    value === null ? 'no data' : isOfLength(figure) ? `${Math.round(value * 100)} %` : value.toFixed(1);
  return (
    <Part>
      <h2>Benchmarks</h2>
      {benchmarks.length === 0 ? (
        <QuietText>Add reference figures of your choice, each with its source.</QuietText>
      ) : (
        <TableFrame>
          <table>
            <thead>
              <tr>
                <th scope="col">Figure</th>
                <th scope="col">This student</th>
                <th scope="col">Others, not verified</th>
                <th scope="col">
                  <span hidden>Actions</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {benchmarks.map((each) => (
                <tr key={each.id}>
                  <th scope="row" style={{ whiteSpace: 'normal' }}>
                    {FIGURES.find(({ value }) => value === each.figure)?.label.replace(', %', '')}
                    {each.length_m === null ? '' : `, ${units.show(each.length_m, 'station')}`}
                  </th>
                  <td>{shown(each.figure, each.own)}</td>
                  <td>
                    {shown(each.figure, each.value)}
                    <QuietText as="div">
                      {each.source}
                      {each.sample === null ? '' : `, from ${each.sample} putts`}
                    </QuietText>
                  </td>
                  <td>
                    <Button
                      look="bare"
                      aria-label={`Delete: ${each.source}`}
                      isPending={drop.isPending}
                      onPress={() => drop.mutate(each.id)}
                    >
                      Delete
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
      )}
      <Fold label="Add a benchmark">
        <NewBenchmark units={units} />
      </Fold>
    </Part>
  );
}

function NewBenchmark({ units }: { units: Units }) {
  const keep = useSaveBenchmark();
  const [figure, setFigure] = useState<Figure>('putts_per_18');
  const [length, setLength] = useState('');
  const [value, setValue] = useState('');
  const [source, setSource] = useState('');
  const [sample, setSample] = useState('');
  const [local, setLocal] = useState<Record<string, string>>({});
  useFirstError(keep.error ?? (Object.keys(local).length > 0 ? local : null));
  const submit = () => {
    const read = readNumber(value);
    const from = isOfLength(figure) ? units.read(length, 'station') : { metres: null, error: null };
    const putts = sample.trim() === '' ? null : readNumber(sample);
    const wrong: Record<string, string> = {};
    if (read === null) {
      wrong.value = value.trim() === '' ? 'Enter the figure.' : `“${value.trim()}” is not a number.`;
    }
    if (from.error !== null) {
      wrong.length_m = from.error;
    }
    if (sample.trim() !== '' && putts === null) {
      wrong.sample = `“${sample.trim()}” is not a number of putts.`;
    }
    setLocal(wrong);
    if (read !== null && Object.keys(wrong).length === 0) {
      const draft: BenchmarkDraft = {
        figure,
        length_m: from.metres,
        value: isOfLength(figure) ? read / 100 : read,
        source: source.trim(),
        sample: putts,
      };
      keep.mutate(
        { id: null, draft },
        {
          onSuccess: () => {
            setValue('');
            setSource('');
            setSample('');
          },
        },
      );
    }
  };
  const errorAt = (field: string) => local[field] ?? fieldError(keep.error, field);
  return (
    <Stack>
      {keep.isError && ['value', 'length_m', 'source', 'sample'].every((field) => errorAt(field) === null) && (
        <Notice kind="wrong">{keep.error.message}</Notice>
      )}
      <Pick label="Figure" options={FIGURES} value={figure} onChange={setFigure} />
      <Columns>
        {isOfLength(figure) && (
          <Entry
            label="From"
            value={length}
            onChange={setLength}
            suffix={units.suffix('station')}
            error={errorAt('length_m')}
          />
        )}
        <Entry label="Value" value={value} onChange={setValue} error={errorAt('value')} />
        <Entry
          label="Source"
          value={source}
          onChange={setSource}
          error={errorAt('source')}
          hint="A book, your own count, hearsay."
        />
        <Entry
          label="Putts it is based on"
          value={sample}
          onChange={setSample}
          inputMode="numeric"
          error={errorAt('sample')}
        />
      </Columns>
      <Row>
        <Button onPress={submit} isPending={keep.isPending}>
          Add benchmark
        </Button>
      </Row>
    </Stack>
  );
}
