import { useReminders } from '../../api/queries';
import { MarginWord } from '../../design';
import { inWords } from '../../lane/drillWords';
import { useUnits } from '../../units/useUnits';

interface LanePromptsProps {
  /** Whose the next ball is. */
  student: string | null;
  /** How long the putt is, metres; null where there is no target. */
  length: number | null;
}

/** What this student's routine and school say beside the lane, at this length. */
export function LanePrompts({ student, length }: LanePromptsProps) {
  const units = useUnits();
  const prompts = useReminders(student).data?.prompts ?? [];
  const here = prompts.filter(
    ({ from_m, to_m }) =>
      (from_m === null || (length !== null && length > from_m)) && (to_m === null || length === null || length <= to_m),
  );
  return here.length === 0 ? null : (
    <MarginWord>
      <h2>Before and after each ball</h2>
      {here.map(({ text }) => (
        <p key={text}>{inWords(text, units)}</p>
      ))}
    </MarginWord>
  );
}
