import styled from 'styled-components';
import { useMeasureReport } from '../../api/queries';
import type { MeasureReport, Session } from '../../api/types';
import { color, space } from '../../design';
import { useUnitsOf } from '../../units/useUnits';
import { figureWords } from '../drill-results/figures';

const Figures = styled.dl`
  display: flex; flex-wrap: wrap; gap: ${space.s} ${space.xl}; margin: 0;
  div { display: grid; }
  dt { color: ${color.pencil}; font-size: 0.95rem; order: 2; }
  dd { margin: 0; font-size: 1.7rem; font-weight: 700; line-height: 1.15; }
`;

/** Figures of a session at most. */
const MOST = 3;

/** A session in a few figures: its balls, then the first figure of each question it answered. */
export function SessionFigures({ session }: { session: Session }) {
  const units = useUnitsOf(session.student);
  const report = useMeasureReport({ session: session.id, student: null }, {}).data;
  const isGentle = session.student?.is_gentle ?? false;
  const found = firstFigures(report, isGentle).slice(0, MOST - 1);
  return (
    <Figures aria-label="Figures of this session">
      <div>
        <dt>{session.putts.length === 1 ? 'ball' : 'balls'}</dt>
        <dd>{session.putts.length}</dd>
      </div>
      {found.map(({ title, finding }) => (
        <div key={title}>
          <dt>
            {title}: {finding.question.toLowerCase().replace('?', '')}
          </dt>
          <dd>{figureWords(finding, units)}</dd>
        </div>
      ))}
    </Figures>
  );
}

function firstFigures(report: MeasureReport | undefined, isGentle: boolean) {
  return (report?.questions ?? []).flatMap(({ title, findings }) => {
    const finding = findings.find(({ value, is_score }) => value !== null && !(isGentle && is_score));
    return finding === undefined ? [] : [{ title, finding }];
  });
}
