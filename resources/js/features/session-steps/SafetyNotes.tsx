import type { Session } from '../../api/types';
import { Fold, MarginWord } from '../../design';
import type { StepKey } from './steps';

/** More than these are one touch further away. */
const MOST = 2;

/** What to take care of at this step, the most pressing in sight. */
export function SafetyNotes({ session, at }: { session: Session; at: StepKey }) {
  const cautions = session.care[at] ?? [];
  const [first, more] = [cautions.slice(0, MOST), cautions.slice(MOST)];
  return cautions.length === 0 ? null : (
    <>
      <MarginWord>
        <h2>Safety</h2>
        <Lines of={first} />
      </MarginWord>
      {more.length > 0 && (
        <Fold label="More safety notes">
          <MarginWord>
            <Lines of={more} />
          </MarginWord>
        </Fold>
      )}
    </>
  );
}

function Lines({ of }: { of: readonly string[] }) {
  return of.map((caution) => <p key={caution}>{caution}</p>);
}
