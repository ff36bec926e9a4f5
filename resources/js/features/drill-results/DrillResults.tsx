import { Link } from 'react-router';
import styled from 'styled-components';
import type { DrillResult, Finding } from '../../api/types';
import { color, Fold, Part, QuietText, SentenceText, type } from '../../design';
import { inWords } from '../../lane/drillWords';
import { day } from '../../units/dates';
import type { Units } from '../../units/useUnits';
import { FigureBar, FigureRows, figureWords, intervalWords } from './figures';

const One = styled.article`
  display: grid; gap: 6px; padding: 10px 0 14px; border-bottom: 1px solid ${color.rule};
  &:last-child { border-bottom: 0; }
  h3 { font: 600 1.05rem ${type.serif}; margin: 0; }
  & > svg { display: block; width: 100%; max-width: 420px; height: 34px; }
`;

/** Beside one another where there is room. */
const Ones = styled.div`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 360px), 1fr)); gap: 0 28px; align-items: start;
  & > article { border-bottom: 0; }
`;

interface FoundProps {
  findings: readonly Finding[];
  /** Scores are kept out of sight of a student who is treated gently. */
  isGentle: boolean;
  units: Units;
}

/** What a drill found: each figure with how sure it is, in a sentence; first tries and the last time beside it. */
export function DrillResults({ findings, isGentle, units }: FoundProps) {
  const shown = findings.filter(({ is_score }) => !(isGentle && is_score));
  return shown.length === 0 ? (
    <QuietText>No results yet.</QuietText>
  ) : (
    <Ones>
      {shown.map((finding) => (
        <DrillResultRow key={finding.kind} finding={finding} units={units} />
      ))}
    </Ones>
  );
}

/**
 * @param isOpen whether its parts are in sight at once
 * @param isSaid whether its sentence is; not where it was said just above
 */
export function DrillResultRow({
  finding,
  units,
  isOpen = false,
  isSaid = true,
}: {
  finding: Finding;
  units: Units;
  isOpen?: boolean;
  isSaid?: boolean;
}) {
  const { question, sentence, first, since, rows } = finding;
  return (
    <One>
      <h3>{question}</h3>
      {isSaid && <SentenceText>{inWords(sentence, units)}</SentenceText>}
      <FigureBar finding={finding} units={units} />
      {first !== null && first.value !== null && (
        <QuietText>
          First attempts only: {figureWords(first, units)}
          {intervalWords(first, units)}, from {first.n}.
        </QuietText>
      )}
      {since !== null && (
        <QuietText>
          {inWords(since.sentence, units)} ({day(new Date(since.at_ms).toISOString())})
        </QuietText>
      )}
      {rows.length > 0 && (
        <Fold label="By part" isOpen={isOpen}>
          <FigureRows rows={rows} units={units} />
        </Fold>
      )}
    </One>
  );
}

interface FoundRunsProps {
  runs: readonly DrillResult[];
  isGentle: boolean;
  /** By student id; null where all are of one student. */
  names: ReadonlyMap<string, string> | null;
  /** Whether a run is told with its day, where they are of many. */
  isDated: boolean;
  units: Units;
}

/** Runs with the one figure of each, to be opened again. */
export function FoundRuns({ runs, isGentle, names, isDated, units }: FoundRunsProps) {
  return (
    <Part>
      <h2>Drill results</h2>
      {runs.map((run) => {
        const own = run.findings.find(({ is_score }) => !(isGentle && is_score));
        const who = names === null || run.student_id === null ? null : names.get(run.student_id);
        return (
          <One key={`${run.run_id} ${run.student_id}`}>
            <h3>
              <Link to={`/sessions/${run.session_id}/drill/${run.run_id}`}>{run.name}</Link>
            </h3>
            {own !== undefined && <SentenceText>{inWords(own.sentence, units)}</SentenceText>}
            <QuietText>
              {[
                who,
                isDated ? day(new Date(run.at_ms).toISOString()) : null,
                `${run.balls} ${run.balls === 1 ? 'ball' : 'balls'}`,
                run.phase === 'capped' ? 'stopped at the ball limit' : run.phase === 'done' ? null : 'not finished',
                own?.since == null ? null : inWords(own.since.sentence, units).replace(/[.]$/, ''),
              ]
                .filter((part) => part != null)
                .join(' · ')}
            </QuietText>
          </One>
        );
      })}
    </Part>
  );
}
