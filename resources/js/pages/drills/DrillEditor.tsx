import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { ApiError } from '../../api/api';
import { newId } from '../../api/outbox';
import { useDrillCheck, useDrillKinds, useSaveDrill } from '../../api/queries';
import type { Drill, DrillKinds } from '../../api/types';
import {
  AnyOf,
  Button,
  Columns,
  color,
  EditList,
  Entry,
  Facts,
  FoldRow,
  Head,
  InsightCard,
  labelOf,
  Notice,
  OneOf,
  Page,
  QuietText,
  Stack,
  Title,
  Waiting,
} from '../../design';
import { inWords } from '../../lane/drillWords';
import { StationLane } from '../../lane/StationLane';
import { drawnStations, sceneryOf } from '../../lane/scenery';
import { firstWords } from '../../units/format';
import { type Units, useUnits } from '../../units/useUnits';
import { type DrillDraft, draftOf, figureSuffix, keyFor, kindOf, problemWords, readDraft, usualWords } from './draft';
import {
  AsksAndFinds,
  CardWords,
  type EditorPartProps,
  EquipmentList,
  Levels,
  PointsPart,
  Stations,
  Tasks,
} from './EditorParts';
import { AIDS, blankDrill, MISSES, TARGETS } from './editorChoices';
import { useDrill } from './useDrill';

/** Stays in sight while fields below it are changed. */
const Drawn = styled.div`
  position: sticky; top: 0; z-index: 2; display: grid; gap: 6px; padding: 8px 0; background: ${color.paper};
  border-bottom: 1.5px solid ${color.rule};
`;

/** Makes a drill, copies one, or changes one of the coach's own. */
export function DrillEditor({ as }: { as: 'new' | 'copy' | 'change' }) {
  const { key } = useParams();
  const found = useDrill(key);
  const kinds = useDrillKinds();
  const units = useUnits();
  if (kinds.data === undefined || (as !== 'new' && found.status === 'fetching')) {
    return <Page>{kinds.isError ? <Notice>{kinds.error.message}</Notice> : <Waiting>Loading …</Waiting>}</Page>;
  }
  if (as === 'new') {
    return (
      <Editing
        key="new"
        base={blankDrill(units.choice.unit === 'metres')}
        ownId={null}
        units={units}
        kinds={kinds.data}
      />
    );
  }
  if (found.status !== 'found' || (as === 'change' && found.card.own_id === null)) {
    const message = found.status === 'failed' ? found.message : 'A built-in drill is copied first, then edited.';
    return (
      <Page>
        <Notice>{message}</Notice>
      </Page>
    );
  }
  const { drill, own_id } = found.card;
  const base = as === 'copy' ? { ...drill, name: `${drill.name} (own version)` } : drill;
  return (
    <Editing
      key={`${as} ${key}`}
      base={base}
      ownId={as === 'change' ? own_id : null}
      units={units}
      kinds={kinds.data}
    />
  );
}

interface EditingProps {
  base: Drill;
  /** The record to change; null to make a new one. */
  ownId: string | null;
  units: Units;
  kinds: DrillKinds;
}

function Editing({ base, ownId, units, kinds }: EditingProps) {
  const editor = useDrillEditor(base, ownId, kinds, units);
  const { draft, set, drill, card, errorAt, isWrongIn, problem, keep, submit } = editor;
  const part: EditorPartProps = { draft, set, errorAt, units, kinds };
  return (
    <Page data-margin>
      <Stack $gap="l" as="form" onSubmit={submit} noValidate>
        <Head>
          <Title page={drill.name || 'New drill'}>
            {ownId === null ? 'New drill' : drill.name || 'A drill without a name'}
          </Title>
          <Button look="main" type="submit" isPending={keep.isPending}>
            Save drill
          </Button>
        </Head>
        <Drawn>
          <StationLane
            stations={drawnStations(drill)}
            units={units}
            scenery={sceneryOf({ drill, rule: card?.rule ?? '', zones: card?.zones ?? [] }, units)}
            isSmall
          />
          {problem === null ? (
            <QuietText role="status">{card === null ? '' : `${inWords(card.rule, units)} ${card.course}`}</QuietText>
          ) : (
            <Notice kind="wrong">The drill cannot run like this. {problem}</Notice>
          )}
        </Drawn>
        <Entry
          label="Name"
          value={draft.name}
          onChange={(name) => set({ name })}
          error={errorAt('drill.name', 'drills.0.name')}
        />
        <EditList aria-label="Parts of the drill">
          <FoldRow
            label="Target and what passes"
            summary={`${labelOf(TARGETS, draft.target)} · ${kindOf(kinds.pass, draft.pass).label}`}
            isHeldOpen={isWrongIn('target', 'pass', 'balls_per_station')}
          >
            <WhatPasses {...part} />
          </FoldRow>
          <FoldRow
            label="Stations"
            summary={firstWords(
              drawnStations(drill)
                .map(({ length_m }) => units.show(length_m, 'station'))
                .join(', '),
              12,
            )}
            isHeldOpen={isWrongIn('stations')}
          >
            <Stack>
              <Stations {...part} />
            </Stack>
          </FoldRow>
          <FoldRow label="Start line aid" summary={labelOf(AIDS, draft.aid)} isHeldOpen={isWrongIn('aid', 'steps_m')}>
            <StartLine {...part} />
          </FoldRow>
          <FoldRow
            label="Order and end"
            summary={`${kindOf(kinds.order, draft.order).label} · ${kindOf(kinds.end, draft.end).label}`}
            isHeldOpen={isWrongIn('order', 'on_miss', 'tasks', 'end', 'cap', 'rest_after_balls', 'points')}
          >
            <CourseOfIt {...part} />
          </FoldRow>
          <FoldRow
            label="Observations and results"
            summary={`${draft.asks.length} observed, ${draft.finds.length} results`}
            isHeldOpen={isWrongIn('asks', 'finds', 'putt_out')}
          >
            <Stack>
              <AsksAndFinds {...part} needs={card?.needs ?? []} />
            </Stack>
          </FoldRow>
          <FoldRow label="Equipment" summary={countWords(draft.kit.length, 'piece')} isHeldOpen={isWrongIn('kit')}>
            <Stack>
              <EquipmentList {...part} />
            </Stack>
          </FoldRow>
          <FoldRow
            label="Progression"
            summary={countWords(draft.levels.length, 'level')}
            isHeldOpen={isWrongIn('progression', 'step_rule')}
          >
            <Stack>
              <Levels {...part} />
            </Stack>
          </FoldRow>
          <FoldRow
            label="Description: why, for what, where, how long"
            summary={firstWords(draft.why, 8)}
            isHeldOpen={isWrongIn('why', 'meaning', 'dose', 'cautions', 'minutes', 'trains')}
          >
            <Stack>
              <CardWords {...part} />
            </Stack>
          </FoldRow>
        </EditList>
        {keep.isError && problem === null && <Notice kind="wrong">{keep.error.message}</Notice>}
      </Stack>
      <InsightCard notes={[]}>
        <Facts
          facts={[
            card !== null && ['Results', card.finds.join(', ')],
            [
              'Restarts',
              'At seven passes in ten, four in a row take about ten balls a station; at five in ten about thirty. The ball limit keeps what was done.',
            ],
            [
              'Two orders',
              'The same putt again shows the stroke and builds it. A new putt each time is what a round asks.',
            ],
          ]}
        />
      </InsightCard>
    </Page>
  );
}

function countWords(count: number, one: string): string {
  return count === 0 ? 'none' : `${count} ${one}${count === 1 ? '' : 's'}`;
}

function WhatPasses({ draft, set, errorAt, units, kinds }: EditorPartProps) {
  const { figures } = kindOf(kinds.pass, draft.pass);
  return (
    <Stack>
      <OneOf
        label="Target"
        options={TARGETS}
        value={draft.target}
        onChange={(target) => set({ target })}
        error={errorAt('drill.target')}
      />
      <OneOf<string>
        label="A ball passes when it"
        options={kinds.pass.map(({ kind, label }) => ({ value: kind, label }))}
        value={draft.pass}
        onChange={(pass) => set({ pass: pass as DrillDraft['pass'] })}
        error={errorAt('drill.pass.kind')}
      />
      <Columns>
        {figures.map((figure) => (
          <Entry
            key={figure.field}
            label={figure.label}
            value={draft.figures[figure.field] ?? ''}
            onChange={(text) => set({ figures: { ...draft.figures, [figure.field]: text } })}
            suffix={figureSuffix(figure, units)}
            {...(figure.usual === null ? {} : { hint: `${usualWords(figure, units)} if empty.` })}
            error={errorAt(`drill.pass.${figure.field}`)}
          />
        ))}
        <Entry
          label="Balls at each station"
          value={draft.ballsEach}
          onChange={(ballsEach) => set({ ballsEach })}
          inputMode="numeric"
          error={errorAt('drill.balls_per_station')}
        />
      </Columns>
      <AnyOf
        label="Before the result"
        options={[{ value: 'call', label: 'The student calls short, on target or past' }]}
        values={draft.isCalledFirst ? ['call'] : []}
        onChange={(values) => set({ isCalledFirst: values.length > 0 })}
      />
    </Stack>
  );
}

function StartLine({ draft, set, errorAt, units }: EditorPartProps) {
  return (
    <Stack>
      <OneOf
        label="On the line"
        options={AIDS}
        value={draft.aid}
        onChange={(aid) => set({ aid })}
        error={errorAt('drill.aid.kind', 'drill.aid')}
      />
      <Columns>
        {draft.aid !== 'none' && (
          <>
            <Entry
              label="Width"
              value={draft.aidWidth}
              onChange={(aidWidth) => set({ aidWidth })}
              suffix={units.suffix('width')}
              error={errorAt('drill.aid.width_m')}
            />
            <Entry
              label={draft.aid === 'gate' || draft.aid === 'spot' ? 'Ahead of the ball' : 'Length'}
              value={draft.aidDistance}
              onChange={(aidDistance) => set({ aidDistance })}
              suffix={units.suffix('roll')}
              error={errorAt('drill.aid.distance_m')}
            />
          </>
        )}
        <Entry
          label={draft.aid === 'none' ? 'The window narrows step by step to' : 'Narrowing step by step to'}
          value={draft.steps}
          onChange={(steps) => set({ steps })}
          suffix={units.suffix(draft.aid === 'none' ? 'roll' : 'width')}
          hint="Widths with commas, the widest first; empty for one width."
          error={errorAt('drill.steps_m')}
        />
      </Columns>
    </Stack>
  );
}

function CourseOfIt(part: EditorPartProps) {
  const { draft, set, errorAt, kinds } = part;
  const [figure] = kindOf(kinds.end, draft.end).figures;
  return (
    <Stack>
      <OneOf<string>
        label="Order"
        options={kinds.order.map(({ kind, label }) => ({ value: kind, label }))}
        value={draft.order}
        onChange={(order) => set({ order: order as DrillDraft['order'] })}
        error={errorAt('drill.order')}
      />
      <OneOf
        label="After a miss"
        options={MISSES}
        value={draft.onMiss}
        onChange={(onMiss) => set({ onMiss })}
        error={errorAt('drill.on_miss')}
      />
      <Tasks {...part} />
      <OneOf<string>
        label="Ends"
        options={kinds.end.map(({ kind, label }) => ({ value: kind, label }))}
        value={draft.end}
        onChange={(end) => set({ end: end as DrillDraft['end'] })}
        error={errorAt('drill.end.kind')}
      />
      <Columns>
        {figure !== undefined && (
          <Entry
            label={figure.label}
            value={draft.endFigure}
            onChange={(endFigure) => set({ endFigure })}
            inputMode="numeric"
            error={errorAt(`drill.end.${figure.field}`)}
          />
        )}
        <Entry
          label="Stops after"
          value={draft.capBalls}
          onChange={(capBalls) => set({ capBalls })}
          suffix="balls"
          inputMode="numeric"
          error={errorAt('drill.cap.balls', 'drill.cap')}
        />
        <Entry
          label="or after"
          value={draft.capMinutes}
          onChange={(capMinutes) => set({ capMinutes })}
          suffix="minutes"
          inputMode="numeric"
          error={errorAt('drill.cap.minutes')}
        />
        <Entry
          label="A rest after every"
          value={draft.restAfter}
          onChange={(restAfter) => set({ restAfter })}
          suffix="balls"
          inputMode="numeric"
          hint="15 if empty."
          error={errorAt('drill.rest_after_balls')}
        />
      </Columns>
      <PointsPart {...part} />
    </Stack>
  );
}

function useDrillEditor(base: Drill, ownId: string | null, kinds: DrillKinds, units: Units) {
  const navigate = useNavigate();
  const keep = useSaveDrill();
  const [id] = useState(newId);
  const [draft, setDraft] = useState<DrillDraft>(() => draftOf(base, kinds, units));
  const { drill, errors } = readDraft(draft, ownId === null ? keyFor(draft.name, id) : base.key, kinds, units);
  // A drill that has no name yet is not wrong, only unfinished: that is said when it is kept.
  const check = useDrillCheck(drill.name === '' ? { ...drill, name: 'Unnamed' } : drill);
  const fields: Record<string, string> = {
    ...(keep.error instanceof ApiError ? keep.error.fields : {}),
    ...(check.error instanceof ApiError ? check.error.fields : {}),
    ...errors,
  };
  const problem = Object.entries(fields)[0];
  return {
    draft,
    set: (part: Partial<DrillDraft>) => {
      keep.reset();
      setDraft({ ...draft, ...part });
    },
    drill,
    /** What the server last said of it; null until it has. */
    card: check.data ?? null,
    keep,
    errorAt: (...paths: string[]) => fields[paths.find((each) => fields[each] !== undefined) ?? ''] ?? null,
    isWrongIn: (...parts: string[]) =>
      parts.some((each) => Object.keys(fields).some((path) => path.startsWith(`drill.${each}`))),
    problem: problem === undefined ? null : problemWords(...problem),
    submit: (event: React.FormEvent) => {
      event.preventDefault();
      if (Object.keys(errors).length === 0) {
        keep.mutate({ id: ownId, drill }, { onSuccess: () => void navigate(`/drills/${drill.key}`) });
      }
    },
  };
}
