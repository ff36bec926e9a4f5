import styled from 'styled-components';
import { useChangeSession, usePlanProgress } from '../../api/queries';
import type { PlanProgress, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import { Button, ButtonLink, color, narrow, space } from '../../design';
import { announce } from '../../device/announce';

const Band = styled.section`
  display: flex; flex-wrap: wrap; align-items: center; gap: 4px ${space.m}; justify-content: space-between; max-width: 1240px; margin: 0 auto; padding: 4px ${space.l};
  font-size: 1rem; color: ${color.ink};
  strong { overflow-wrap: anywhere; }
  & > span:last-child { display: inline-flex; flex-wrap: wrap; gap: 2px; align-items: center; }
  [data-brief] { display: none; }
  /* In the hand the lane needs the room: one line, one row. */
  ${narrow} {
    padding: 2px ${space.m}; font-size: 0.95rem; gap: 0;
    [data-full] { display: none; } [data-brief] { display: inline; }
    & > span:first-child { flex: 1 1 0; min-width: 0; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
    & > span:last-child { flex-wrap: nowrap; a, button { padding: 0 8px; white-space: nowrap; } [data-let-go] { display: none; } }
  }
  @media print { display: none; }
`;

type ShownProgress = NonNullable<PlanProgress['progress']>;
type Block = ShownProgress['blocks'][number];

/** The plan under the path of steps: what is next, what time is left, and what could go where it runs short. */
export function PlanBand({ session }: { session: Session }) {
  const told = usePlanProgress(session.id, session.plan !== null).data?.progress ?? null;
  if (session.plan === null || told === null) {
    return null;
  }
  const next = told.blocks.find(({ id }) => id === told.next);
  return (
    <Band aria-label="The plan">
      <span role="status">
        {next !== undefined && (
          <>
            Next: <strong>{next.name}</strong>, {next.minutes} min.{' '}
          </>
        )}
        <span data-full>{told.says}</span>
        <span data-brief>{briefly(told)}</span>
      </span>
      <span>
        {told.let_go.length > 0 && (
          <span data-let-go>
            <LetGo session={session} told={told} />
          </span>
        )}
        {next !== undefined && <GoTo session={session} block={next} />}
        <ButtonLink look="bare" to={`/sessions/${session.id}/plan`}>
          The plan
        </ButtonLink>
      </span>
    </Band>
  );
}

function briefly({ over_minutes, left_minutes, next }: ShownProgress): string {
  return next === null
    ? 'All done.'
    : over_minutes > 1
      ? `Over time by ${Math.ceil(over_minutes)} min.`
      : `${Math.floor(left_minutes)} min left.`;
}

function LetGo({ session, told }: { session: Session; told: ShownProgress }) {
  const change = useChangeSession(session.id);
  const { plan } = session;
  const first = told.blocks.find(({ id }) => id === told.let_go[0]);
  return plan === null || first === undefined ? null : (
    <Button
      look="bare"
      onPress={() => {
        const blocks = plan.blocks.map((block) => (block.id === first.id ? { ...block, is_dropped: true } : block));
        void change({ plan: { ...plan, blocks } });
        announce(`${first.name} is skipped`);
      }}
    >
      Skip “{first.name}”
    </Button>
  );
}

/** To where a block is done. */
function GoTo({ session, block }: { session: Session; block: Block }) {
  const log = useLog(session);
  const at = `/sessions/${session.id}`;
  if (block.drill !== null) {
    const isOn = block.state === 'now' && session.run !== null && !session.run.is_over;
    return (
      <ButtonLink to={isOn ? `${at}/drill/${session.run?.id}` : `${at}/drills/${block.drill}?${capOf(block)}`}>
        {isOn ? 'Continue' : 'Set up'}
      </ButtonLink>
    );
  }
  switch (block.kind) {
    case 'measure':
      return <ButtonLink to={`${at}/green-speed`}>Measure</ButtonLink>;
    case 'check':
      return <ButtonLink to={`${at}/checks/aim`}>Check</ButtonLink>;
    default:
      return (
        <span onClickCapture={() => void log.beginPart(block.kind === 'baseline' ? 'baseline' : 'retest')}>
          <ButtonLink to={`${at}/putt`}>Putt</ButtonLink>
        </span>
      );
  }
}

/** As much of a drill as the plan has room for, at the plan's lengths. */
function capOf({ balls, minutes, lengths_m }: Block): string {
  return new URLSearchParams({
    ...(balls === null ? {} : { balls: String(balls) }),
    minutes: String(minutes),
    ...(lengths_m === null ? {} : { lengths: lengths_m.map((metres) => metres.toFixed(4)).join(',') }),
  }).toString();
}
