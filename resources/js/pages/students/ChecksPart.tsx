import styled from 'styled-components';
import { useStudentChecks } from '../../api/queries';
import type { ChecklistReport, CheckReport } from '../../api/types';
import { color, Notice, Part, QuietText, Row, SentenceText, space, Waiting } from '../../design';
import { CheckResult } from '../../features/drill-results/CheckResult';
import { figureWords, intervalWords } from '../../features/drill-results/figures';
import { day } from '../../units/dates';
import type { Units } from '../../units/useUnits';

const Grid = styled.div`
  display: grid; gap: ${space.l} ${space.xl}; grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr)); align-items: start;
`;

const Points = styled.ul`
  margin: 0; padding-left: 1.1em;
  [data-sight='attention'] { font-weight: 700; }
  span { color: ${color.pencil}; }
`;

/** What was checked of a student: each check drawn as it was last made, each card as it was last looked at. */
export function ChecksPart({ student, units }: { student: string; units: Units }) {
  const query = useStudentChecks(student);
  if (query.data === undefined) {
    return query.isError ? (
      <Notice kind="wrong">{query.error.message}</Notice>
    ) : (
      <Waiting>Loading the checks …</Waiting>
    );
  }
  const { checks, cards } = query.data;
  const seen = cards.filter(({ points }) => points.some(({ sight }) => sight !== null));
  return checks.length === 0 && seen.length === 0 ? (
    <Part>
      <h2>Checks</h2>
      <SentenceText>
        Aim, eyes, stance, tempo and other checks appear here once they are done in a session, under Stations.
      </SentenceText>
    </Part>
  ) : (
    <>
      <Grid>
        {checks.map((check) => (
          <OneCheck key={check.key} check={check} units={units} />
        ))}
        {seen.map((card) => (
          <OneCard key={card.key} card={card} />
        ))}
      </Grid>
      <Row>
        <a href={`/api/students/${student}/checks.csv`} download>
          Export figures (CSV)
        </a>
      </Row>
    </>
  );
}

function OneCheck({ check, units }: { check: CheckReport; units: Units }) {
  const { unit } = check;
  const earlier = check.points.slice(0, -1);
  return (
    <Part>
      <h2>{check.question}</h2>
      <QuietText>{day(new Date(check.at_ms).toISOString())}</QuietText>
      <CheckResult check={check} units={units} />
      {unit !== null && earlier.length > 0 && (
        <QuietText>
          Before:{' '}
          {earlier
            .map(
              ({ at_ms, value, interval, n }) =>
                `${day(new Date(at_ms).toISOString())} ${figureWords({ unit, value }, units)}${intervalWords({ unit, interval }, units)}, from ${n}`,
            )
            .join('; ')}
          .
        </QuietText>
      )}
    </Part>
  );
}

function OneCard({ card }: { card: ChecklistReport }) {
  const seen = card.points.filter(({ sight }) => sight !== null);
  const last = Math.max(...seen.map(({ at_ms }) => at_ms ?? 0));
  return (
    <Part>
      <h2>{card.title}</h2>
      <QuietText>
        {day(new Date(last).toISOString())}: {seen.length} of {card.points.length} points checked
      </QuietText>
      <Points>
        {seen.map(({ key, text, sight, word, before }) => (
          <li key={key} data-sight={sight}>
            {text}: {sight === 'good' ? 'good' : `attention${word === null ? '' : `, ${word}`}`}
            {before !== null && before !== sight && <span> (before: {before === 'good' ? 'good' : 'attention'})</span>}
          </li>
        ))}
      </Points>
    </Part>
  );
}
