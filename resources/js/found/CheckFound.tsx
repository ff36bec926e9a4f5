import { Quiet, Said, Stack } from '../design';
import { inWords } from '../lane/drillWords';
import type { CheckLook } from '../server/types';
import type { Units } from '../units/useUnits';
import { CheckPicture } from './CheckPicture';
import { FigureRows } from './figures';

interface CheckFoundProps {
  check: CheckLook;
  units: Units;
}

/** What a check found when it was last made: drawn, in words, against the time before. */
export function CheckFound({ check, units }: CheckFoundProps) {
  const label = check.findings.map(({ sentence }) => inWords(sentence, units)).join(' ');
  return (
    <Stack $gap="s">
      <CheckPicture check={check} label={label === '' ? `${check.n} tries.` : label} units={units} />
      {check.findings.map((finding) => (
        <Stack $gap="s" key={finding.question}>
          {finding.question !== check.question && <h3>{finding.question}</h3>}
          <Said>{inWords(finding.sentence, units)}</Said>
          {finding.rows.length > 0 && check.picture !== 'words' && (
            <FigureRows rows={finding.rows} units={units} />
          )}
        </Stack>
      ))}
      {check.since !== null && <Quiet>{inWords(check.since, units)}</Quiet>}
      {check.cue !== null && <p>{inWords(check.cue, units)}</p>}
      {check.is_past_dose && check.dose !== null && (
        <p role="status">
          That is the dose, {check.dose}: stop here, and do something else. It can be gone on with another
          day.
        </p>
      )}
    </Stack>
  );
}
