import { useState } from 'react';
import { useProposedPlan } from '../../api/queries';
import type { PlanBlock, ProposedPlan, Session } from '../../api/types';
import { announce } from '../../device/announce';
import type { EquipmentKind } from '../../lane/equipment';
import { readNumber } from '../../units/format';

type Proposed = ProposedPlan['blocks'][number];

/** Nobody says how long: half an hour. */
const USUAL = 30;
const LONGEST = 480;

/** The plan that is being made: what the coach has set of it, and what the server plans round that. */
export function usePlanning(session: Session) {
  const kept = session.plan;
  const [minutesText, typeMinutes] = useState(String(kept?.minutes ?? session.minutes ?? USUAL));
  const [hasHole, setHasHole] = useState(true);
  const [bag, setBag] = useState<EquipmentKind[] | null>(null);
  const [set, setSet] = useState<PlanBlock[]>(() =>
    (kept?.blocks ?? []).filter(({ is_dropped }) => !is_dropped).map(locked),
  );
  const [without, setWithout] = useState<string[]>([]);
  const minutes = readNumber(minutesText);
  const isUsable = minutes !== null && Number.isInteger(minutes) && minutes >= 1 && minutes <= LONGEST;
  const proposed = useProposedPlan(
    session.id,
    isUsable ? { minutes, has_hole: hasHole, bag, blocks: set, without } : null,
  );
  const plan = proposed.data ?? null;
  const blocks = plan?.blocks ?? [];
  /** Everything in the order it is shown, with one block changed: that one is set. */
  const changed = (id: string, change: Partial<PlanBlock>) =>
    setSet(
      blocks.flatMap((block) =>
        block.id === id ? [locked({ ...bare(block), ...change })] : block.is_locked ? [bare(block)] : [],
      ),
    );
  return {
    plan,
    minutes: isUsable ? minutes : null,
    minutesText,
    typeMinutes,
    minutesError: isUsable ? null : `“${minutesText}” is not a number of minutes from 1 to ${LONGEST}.`,
    hasHole,
    setHasHole,
    bag,
    setBag,
    error: proposed.isError ? proposed.error.message : null,
    /** Whether the coach has set anything of it. */
    isSet: set.length > 0 || without.length > 0,
    startAnew: () => {
      setSet([]);
      setWithout([]);
    },
    /** The order is the coach's from then on: all of it is set. @param to place it comes to, 0-based */
    move: (id: string, to: number) => {
      const moved = blocks.find((block) => block.id === id);
      if (moved === undefined || to < 0 || to >= blocks.length) {
        return;
      }
      const rest = blocks.filter((block) => block.id !== id);
      setSet([...rest.slice(0, to), moved, ...rest.slice(to)].map((block) => locked(bare(block))));
      announce(`${moved.name} is number ${to + 1} of ${blocks.length} now`);
    },
    lock: (id: string, isLocked: boolean) =>
      isLocked ? changed(id, {}) : setSet(set.filter((block) => block.id !== id)),
    swap: (block: Proposed, to: Proposed['others'][number]) =>
      changed(block.id, {
        drill: to.drill,
        name: to.name,
        minutes: to.minutes,
        balls: to.balls,
        lengths_m: null,
      }),
    /** Balls follow the minutes; how many is the server's to say. */
    take: (block: Proposed, minutesNow: number) => changed(block.id, { minutes: minutesNow, balls: null }),
    drop: (block: Proposed) => {
      setSet(set.filter(({ id }) => id !== block.id));
      setWithout([...without, block.drill ?? block.kind]);
      announce(`${block.name} is removed`);
    },
    kept: (): Session['plan'] => (plan === null ? null : { minutes: plan.minutes, blocks: blocks.map(bare) }),
  };
}

export type Planning = ReturnType<typeof usePlanning>;

/** As it is kept, without what is only told of it. */
function bare({ id, kind, drill, name, minutes, balls, why, is_locked, is_dropped, lengths_m }: PlanBlock): PlanBlock {
  return { id, kind, drill, name, minutes, balls, why, is_locked, is_dropped, lengths_m };
}

function locked(block: PlanBlock): PlanBlock {
  return { ...block, is_locked: true };
}
