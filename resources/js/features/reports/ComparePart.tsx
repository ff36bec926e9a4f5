import { useState } from 'react';
import { type ComparedSelection, comparePath, useComparison } from '../../api/queries';
import type { Comparison, Student } from '../../api/types';
import { Columns, Entry, Name, OneOf, Part, Pick, QuietText, TableFrame } from '../../design';
import { daysAfter } from '../../units/dates';
import type { Units } from '../../units/useUnits';
import { figureWords, intervalWords } from '../drill-results/figures';

const NOBODY = 'nobody';

interface ComparePartProps {
  student: Student;
  others: readonly Student[];
  surface: string | null;
  units: Units;
}

/** Two or three students, or two times of one, on the same scale. */
export function ComparePart({ student, others, surface, units }: ComparePartProps) {
  const [kind, setKind] = useState<'times' | 'students'>('times');
  const [picked, pick] = useState<readonly [string, string]>([NOBODY, NOBODY]);
  const [until, setUntil] = useState('');
  const asked: ComparedSelection =
    kind === 'students'
      ? { with: picked.filter((id) => id !== NOBODY), surface: surface ?? undefined }
      : {
          with: [],
          surface: surface ?? undefined,
          ...(until === '' ? {} : { then_to: until, from: daysAfter(until, 1) }),
        };
  const beside = useComparison(student.id, asked);
  const options = [
    { value: NOBODY, label: 'No student' },
    ...others.map(({ id, name }) => ({ value: id, label: name })),
  ];
  const isAsked = asked.with.length > 0 || asked.then_to !== undefined;
  return (
    <Part>
      <h2>Compare</h2>
      <OneOf
        label="Compare"
        isLabelHidden
        isRow
        options={[
          { value: 'times', label: 'Two periods' },
          { value: 'students', label: 'Other students' },
        ]}
        value={kind}
        onChange={setKind}
      />
      {kind === 'times' ? (
        <Entry
          label="First period ends on"
          type="date"
          value={until}
          onChange={setUntil}
          hint="Everything up to that day is compared with everything after it."
        />
      ) : (
        <Columns>
          <Pick label="With" options={options} value={picked[0]} onChange={(id) => pick([id, picked[1]])} />
          <Pick label="And" options={options} value={picked[1]} onChange={(id) => pick([picked[0], id])} />
        </Columns>
      )}
      {isAsked && beside.data !== undefined && (
        <>
          <Table data={beside.data} units={units} />
          <QuietText>
            <a href={`/api/${comparePath(student.id, asked, '.csv')}`} download>
              Export figures (CSV)
            </a>
          </QuietText>
        </>
      )}
    </Part>
  );
}

function Table({ data: { who, rows }, units }: { data: Comparison; units: Units }) {
  return rows.length === 0 ? (
    <QuietText>No measure has balls on both sides.</QuietText>
  ) : (
    <TableFrame>
      <table>
        <thead>
          <tr>
            <th scope="col">Measure</th>
            {who.map(({ name, n }) => (
              <th scope="col" key={name}>
                <Name>{name}</Name>, {n} balls
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, question, findings, verdicts }) => (
            <tr key={key}>
              <th scope="row" style={{ whiteSpace: 'normal' }}>
                {question}
              </th>
              {findings.map((finding, index) => (
                <td key={who[index]?.name}>
                  {finding === null || finding.value === null ? (
                    'no data'
                  ) : (
                    <>
                      <strong>{figureWords(finding, units)}</strong>
                      {intervalWords(finding, units)}
                      <QuietText as="div">
                        from {finding.n}
                        {verdicts[index] === null ? '' : `; ${verdicts[index]}`}
                      </QuietText>
                    </>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </TableFrame>
  );
}
