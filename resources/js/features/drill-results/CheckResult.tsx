import type { CheckReport } from '../../api/types';
import { QuietText, SentenceText, Stack } from '../../design';
import { inWords } from '../../lane/drillWords';
import type { Units } from '../../units/useUnits';
import { CheckPicture } from './CheckPicture';
import { FigureRows } from './figures';

interface CheckFoundProps {
  check: CheckReport;
  units: Units;
}

/** What a check found when it was last made: drawn, in words, against the time before. */
export function CheckResult({ check, units }: CheckFoundProps) {
  const label = check.findings.map(({ sentence }) => inWords(sentence, units)).join(' ');
  return (
    <Stack $gap="s">
      <CheckPicture check={check} label={label === '' ? `${check.n} tries.` : label} units={units} />
      {check.findings.map((finding) => (
        <Stack $gap="s" key={finding.question}>
          {finding.question !== check.question && <h3>{finding.question}</h3>}
          <SentenceText>{inWords(finding.sentence, units)}</SentenceText>
          {finding.rows.length > 0 && check.picture !== 'words' && <FigureRows rows={finding.rows} units={units} />}
        </Stack>
      ))}
      {check.since !== null && <QuietText>{inWords(check.since, units)}</QuietText>}
      {check.cue !== null && <p>{inWords(check.cue, units)}</p>}
      {check.is_past_dose && check.dose !== null && (
        <p role="status">
          That is the dose, {check.dose}: stop here, and do something else. It can be gone on with another day.
        </p>
      )}
    </Stack>
  );
}
