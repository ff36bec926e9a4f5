import { ArrowDown, ArrowUp, GripVertical, Lock, LockOpen, Minus, Plus, Trash2 } from 'lucide-react';
import { Button as DragButton, type DropTarget, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import type { ProposedPlan } from '../../api/types';
import { Button, color, narrow, OneOf, QuietText, SheetButton, space, type } from '../../design';
import { type Units, useUnits } from '../../units/useUnits';
import type { Planning } from './usePlanning';

const List = styled(GridList)`
  display: grid; gap: 0; outline: none;
  .react-aria-DropIndicator[data-drop-target] { outline: 2px solid ${color.copper}; }
`;

/** A stretch of the walk: as high as it is long, within reason. */
const Line = styled(GridListItem)`
  display: grid; grid-template-columns: 58px minmax(0, 1fr) auto; gap: 4px ${space.m}; align-items: start;
  padding: 10px 0 10px 14px; border-bottom: 1px solid ${color.rule}; border-left: 4px dotted ${color.copper}; outline: none;
  &[data-focus-visible] { box-shadow: inset 0 0 0 2px ${color.ink}; }
  &[data-locked] { border-left-style: solid; }
  &[data-dragging] { opacity: 0.5; }
  time { font: 700 1.05rem ${type.sans}; padding-top: 2px; }
  small { display: block; font-size: 0.95rem; color: ${color.pencil}; }
  [data-about] button { justify-content: flex-start; padding: 0; min-height: 44px; text-align: left; font: 600 1.12rem/1.3 ${type.serif}; overflow-wrap: anywhere; }
  ${narrow} { grid-template-columns: 44px minmax(0, 1fr); [data-hand] { grid-column: 2; } }
`;

const Hand = styled.div`
  display: flex; flex-wrap: wrap; gap: 4px; align-items: center; justify-content: flex-end;
  button { min-width: 44px; padding: 0 8px; }
  ${narrow} { justify-content: flex-start; gap: 0; [slot='drag'] { display: none; } }
`;

const Grip = styled(DragButton)`
  display: inline-grid; place-items: center; min-width: 32px; min-height: 48px; border: 0; background: none; color: ${color.pencil}; cursor: grab;
`;

type Block = ProposedPlan['blocks'][number];

interface BlockListProps {
  planning: Planning;
  plan: ProposedPlan;
}

/** The blocks in their order, each with its start; dragged by hand, or moved by keys. */
export function BlockList({ planning, plan }: BlockListProps) {
  const units = useUnits();
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (ids) => [...ids].map((id) => ({ 'text/plain': String(id) })),
    onReorder: ({ keys, target }) => {
      const [id] = keys;
      if (id !== undefined) {
        planning.move(String(id), placeOf(plan.blocks, String(id), target));
      }
    },
  });
  let start = 0;
  const rows = plan.blocks.map((block) => {
    const at = start;
    start += block.minutes;
    return { block, at };
  });
  return (
    <List aria-label="The plan" dragAndDropHooks={dragAndDropHooks} keyboardNavigationBehavior="tab">
      {rows.map(({ block, at }, place) => (
        <Line key={block.id} id={block.id} textValue={block.name} {...(block.is_locked && { 'data-locked': true })}>
          <time>{clockOf(at)}</time>
          <div>
            <About block={block} planning={planning} units={units} />
            <small>
              {block.name === block.label ? '' : `${block.label.toLowerCase()} · `}
              {block.minutes} min{block.balls === null ? '' : `, ${block.balls} balls`}
            </small>
            {plan.clashes
              .filter((clash) => clash.block === block.id)
              .map(({ says }) => (
                <QuietText key={says} style={{ color: color.warn, fontWeight: 700 }}>
                  {says}
                </QuietText>
              ))}
          </div>
          <HandOf block={block} place={place} count={rows.length} planning={planning} />
        </Line>
      ))}
    </List>
  );
}

/** Where a dragged block comes to, 0-based, once it has left its old place. */
function placeOf(blocks: readonly Block[], id: string, target: DropTarget): number {
  const from = blocks.findIndex((block) => block.id === id);
  const onto = blocks.findIndex((block) => target.type === 'item' && block.id === target.key);
  const at = target.type === 'item' && target.dropPosition === 'after' ? onto + 1 : onto;
  return from < at ? at - 1 : at;
}

function clockOf(minutes: number): string {
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}

interface HandProps {
  block: Block;
  place: number;
  count: number;
  planning: Planning;
}

function HandOf({ block, place, count, planning }: HandProps) {
  const { name, minutes } = block;
  return (
    <Hand data-hand>
      <Button
        look="bare"
        aria-label={`Shorten ${name}`}
        isDisabled={minutes <= 1}
        onPress={() => planning.take(block, minutes - 1)}
      >
        <Minus size={18} aria-hidden="true" />
      </Button>
      <Button look="bare" aria-label={`Lengthen ${name}`} onPress={() => planning.take(block, minutes + 1)}>
        <Plus size={18} aria-hidden="true" />
      </Button>
      <Button
        look="bare"
        aria-label={`Move ${name} up`}
        isDisabled={place === 0}
        onPress={() => planning.move(block.id, place - 1)}
      >
        <ArrowUp size={18} aria-hidden="true" />
      </Button>
      <Button
        look="bare"
        aria-label={`Move ${name} down`}
        isDisabled={place === count - 1}
        onPress={() => planning.move(block.id, place + 1)}
      >
        <ArrowDown size={18} aria-hidden="true" />
      </Button>
      <Button
        look="bare"
        aria-label={block.is_locked ? `Unlock ${name}` : `Lock ${name}`}
        onPress={() => planning.lock(block.id, !block.is_locked)}
      >
        {block.is_locked ? <Lock size={18} aria-hidden="true" /> : <LockOpen size={18} aria-hidden="true" />}
      </Button>
      <Button look="bare" aria-label={`Remove ${name}`} onPress={() => planning.drop(block)}>
        <Trash2 size={18} aria-hidden="true" />
      </Button>
      <Grip slot="drag" aria-label={`Drag ${name}`}>
        <GripVertical size={18} aria-hidden="true" />
      </Grip>
    </Hand>
  );
}

/** A block's name opens why it is there, and what could stand in its place. */
function About({ block, planning, units }: { block: Block; planning: Planning; units: Units }) {
  return (
    <span data-about>
      <SheetButton look="bare" label={block.name} title={block.name}>
        {(close) => (
          <>
            <p>
              {block.why}
              {block.lengths_m !== null &&
                ` At ${block.lengths_m.map((metres) => units.show(metres, 'station')).join(', ')}: the lengths that matter here.`}
            </p>
            {block.others.length > 0 && <Others block={block} planning={planning} onDone={close} />}
          </>
        )}
      </SheetButton>
    </span>
  );
}

function Others({ block, planning, onDone }: { block: Block; planning: Planning; onDone: () => void }) {
  return (
    <OneOf
      label="Choose another drill"
      options={block.others.map(({ drill, name, minutes, learned_from, spread_minutes }) => ({
        value: drill,
        label: `${name}, ${minutes} min${learned_from === 0 ? '' : ` (from ${learned_from} here${spread_minutes === null ? '' : `, give or take ${spread_minutes.toFixed(0)}`})`}`,
      }))}
      value={null}
      onChange={(drill) => {
        const to = block.others.find((other) => other.drill === drill);
        if (to !== undefined) {
          planning.swap(block, to);
          onDone();
        }
      }}
    />
  );
}
