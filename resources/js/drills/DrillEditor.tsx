import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { ApiError } from '../app/api';
import { newId } from '../app/outbox';
import { useDrillCheck, useKeepDrill } from '../app/queries';
import type { Drill, Task } from '../app/types';
import { type Units, useUnits } from '../app/useUnits';
import {
  AnyOf,
  Button,
  Columns,
  color,
  Entry,
  Margin,
  MarginWord,
  NoteEntry,
  Notice,
  OneOf,
  Page,
  Part,
  Quiet,
  Row,
  Stack,
} from '../design';
import { SetOutLane } from '../lane/SetOutLane';
import {
  type DrillDraft,
  draftOf,
  FIGURES,
  keyFor,
  problemWords,
  readDraft,
  type StationDraft,
  stationDraft,
} from './draft';
import { courseWords, ruleWords } from './drillWords';
import { drawnStations, sceneryOf } from './scenery';
import { useDrill } from './useDrill';

const TARGETS = [
  { value: 'hole', label: 'A hole' },
  { value: 'rail', label: 'A hole with a rod behind' },
  { value: 'ring', label: 'A ring' },
  { value: 'edge', label: 'An edge or string' },
  { value: 'stand', label: 'Something standing' },
  { value: 'ball', label: 'Another ball' },
  { value: 'tee', label: 'A tee' },
  { value: 'none', label: 'Nothing' },
] as const;
const PASSES = [
  { value: 'share', label: 'Stops near its length' },
  { value: 'past_only', label: 'Gets there, not far past' },
  { value: 'between', label: 'Between lip and rod' },
  { value: 'radius', label: 'Inside a ring' },
  { value: 'holed', label: 'Holed' },
  { value: 'hit', label: 'Strikes it' },
  { value: 'through_gate', label: 'Through the gate' },
  { value: 'on_line', label: 'On the line' },
  { value: 'nearer_than_last', label: 'Nearer than the last' },
  { value: 'task', label: 'Does its task' },
] as const;
const AIDS = [
  { value: 'none', label: 'None' },
  { value: 'gate', label: 'A gate' },
  { value: 'chalk', label: 'A chalk line' },
  { value: 'rail', label: 'A rule' },
  { value: 'spot', label: 'A spot' },
] as const;
const ORDERS = [
  { value: 'as_laid', label: 'Station by station' },
  { value: 'ladder', label: 'Shortest first' },
  { value: 'middle_short_long', label: 'Middle, short, long' },
  { value: 'shuffled', label: 'Shuffled' },
  { value: 'blocked_then_shuffled', label: 'In blocks, then shuffled' },
] as const;
const MISSES = [
  { value: 'nothing', label: 'Goes on' },
  { value: 'restart_station', label: 'The station again' },
  { value: 'restart_all', label: 'Everything again' },
] as const;
const ENDS = [
  { value: 'all_stations', label: 'When all are done' },
  { value: 'balls', label: 'After so many balls' },
  { value: 'points', label: 'At so many points' },
  { value: 'minutes', label: 'After so many minutes' },
] as const;
const TASKS: readonly { value: Task; label: string }[] = [
  { value: 'past', label: 'A little past' },
  { value: 'short', label: 'A little short' },
  { value: 'firm', label: 'Firm, further past' },
  { value: 'exact', label: 'Exact' },
  { value: 'look_at_target', label: 'Look at the target' },
  { value: 'rehearse_soft', label: 'Rehearse it too soft' },
  { value: 'rehearse_strong', label: 'Rehearse it too strong' },
  { value: 'rehearse_between', label: 'Between the two' },
];
const TRAINS = ['speed', 'start line', 'read', 'feel', 'set-up', 'backstroke', 'nerve'] as const;
const PLACES = [
  { value: 'green', label: 'A green' },
  { value: 'mat', label: 'A mat' },
] as const;
const POINTS = [
  { field: 'holed', label: 'Holed brings' },
  { field: 'past', label: 'Just past brings' },
  { field: 'within', label: 'Just past is within' },
  { field: 'long', label: 'Further past brings' },
  { field: 'short', label: 'Short brings' },
] as const;

const BLANK: Drill = {
  key: 'new',
  name: '',
  trains: [],
  places: ['green'],
  kit: ['balls', '3 tees'],
  stations: [{ length_m: 3.048 }, { length_m: 4.572 }, { length_m: 6.096 }],
  target: 'hole',
  order: 'as_laid',
  balls_per_station: 3,
  pass: { kind: 'share', share: 0.1 },
  end: { kind: 'all_stations' },
  cap: { balls: 20 },
};
const BLANK_METRIC: Drill = { ...BLANK, stations: [{ length_m: 3 }, { length_m: 4.5 }, { length_m: 6 }] };

/** Stays in sight while fields below it are changed. */
const Drawn = styled.div`
  position: sticky; top: 0; z-index: 2; display: grid; gap: 6px; padding: 8px 0; background: ${color.paper};
  border-bottom: 1.5px solid ${color.rule};
`;

const StationLine = styled.li`
  display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 8px; align-items: end; padding-bottom: 10px; border-bottom: 1px solid ${color.rule};
  @media (min-width: 700px) { grid-template-columns: repeat(4, minmax(0, 1fr)) auto; }
`;

/** Makes a drill, copies one, or changes one of the coach's own. */
export function DrillEditor({ as }: { as: 'new' | 'copy' | 'change' }) {
  const { key } = useParams();
  const found = useDrill(key);
  const units = useUnits();
  if (as === 'new') {
    return (
      <Editing
        key="new"
        base={units.choice.unit === 'metres' ? BLANK_METRIC : BLANK}
        ownId={null}
        units={units}
      />
    );
  }
  if (found.status !== 'found' || (as === 'change' && found.card.own_id === null)) {
    const message =
      found.status === 'failed' ? found.message : 'A drill of the shelf is copied first, then changed.';
    return (
      <Page>{found.status === 'fetching' ? <p>Fetching the drill …</p> : <Notice>{message}</Notice>}</Page>
    );
  }
  const { drill, own_id } = found.card;
  const base = as === 'copy' ? { ...drill, name: `${drill.name}, our way` } : drill;
  return <Editing key={`${as} ${key}`} base={base} ownId={as === 'change' ? own_id : null} units={units} />;
}

interface EditingProps {
  base: Drill;
  /** The record to change; null to make a new one. */
  ownId: string | null;
  units: Units;
}

function Editing({ base, ownId, units }: EditingProps) {
  const { draft, set, drill, zones, errorAt, problem, keep, submit } = useDrillEditor(base, ownId, units);
  const figure = FIGURES[draft.pass];
  return (
    <Page data-margin>
      <Stack $gap="l" as="form" onSubmit={submit} noValidate>
        <h1>{ownId === null ? 'A drill of your own' : drill.name || 'A drill without a name'}</h1>
        <Drawn>
          <SetOutLane
            stations={drawnStations(drill)}
            units={units}
            scenery={sceneryOf({ drill, zones }, units)}
            isSmall
          />
          {problem === null ? (
            <Quiet role="status">
              {ruleWords(drill, units)} {courseWords(drill)}
            </Quiet>
          ) : (
            <Notice kind="wrong">It cannot be run like this. {problem}</Notice>
          )}
        </Drawn>
        <Columns>
          <Entry
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            error={errorAt('drill.name', 'drills.0.name')}
          />
          <Entry
            label="Kit, with commas"
            value={draft.kit}
            onChange={(kit) => set({ kit })}
            hint="Numbers are counted out and back: 3 tees, rod."
            error={errorAt('drill.kit')}
          />
        </Columns>
        <Part>
          <h2>What is putted at, and what passes</h2>
          <OneOf
            label="Target"
            options={TARGETS}
            value={draft.target}
            onChange={(target) => set({ target })}
            error={errorAt('drill.target')}
          />
          <OneOf
            label="A ball passes when it"
            options={PASSES}
            value={draft.pass}
            onChange={(pass) => set({ pass, figure: '' })}
            error={errorAt('drill.pass.kind')}
          />
          <Columns>
            {figure !== null && (
              <Entry
                label={figure.label}
                value={draft.figure}
                onChange={(text) => set({ figure: text })}
                suffix={figure.kind === 'percent' ? '% of the length' : units.suffix(figure.kind)}
                error={errorAt(`drill.pass.${figure.field}`)}
              />
            )}
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
            options={[{ value: 'call', label: 'The student calls short, on or long' }]}
            values={draft.isCalledFirst ? ['call'] : []}
            onChange={(values) => set({ isCalledFirst: values.length > 0 })}
          />
        </Part>
        <Stations draft={draft} set={set} errorAt={errorAt} units={units} />
        <Part>
          <h2>Start line</h2>
          <OneOf
            label="On the line"
            options={AIDS}
            value={draft.aid}
            onChange={(aid) => set({ aid })}
            error={errorAt('drill.aid.kind', 'drill.aid')}
          />
          {draft.aid !== 'none' && (
            <Columns>
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
              <Entry
                label="Closing step by step to"
                value={draft.steps}
                onChange={(steps) => set({ steps })}
                suffix={units.suffix('width')}
                hint="Widths with commas, the widest first; empty for one width."
                error={errorAt('drill.steps_m')}
              />
            </Columns>
          )}
        </Part>
        <Part>
          <h2>The course of it</h2>
          <OneOf
            label="Order"
            options={ORDERS}
            value={draft.order}
            onChange={(order) => set({ order })}
            error={errorAt('drill.order')}
          />
          <OneOf
            label="After a miss"
            options={MISSES}
            value={draft.onMiss}
            onChange={(onMiss) => set({ onMiss })}
            error={errorAt('drill.on_miss')}
          />
          <Tasks draft={draft} set={set} error={errorAt('drill.tasks')} />
          <OneOf
            label="It ends"
            options={ENDS}
            value={draft.end}
            onChange={(end) => set({ end })}
            error={errorAt('drill.end.kind')}
          />
          <Columns>
            {draft.end !== 'all_stations' && (
              <Entry
                label={{ balls: 'Balls', points: 'Points', minutes: 'Minutes' }[draft.end]}
                value={draft.endFigure}
                onChange={(endFigure) => set({ endFigure })}
                inputMode="numeric"
                error={errorAt(`drill.end.${draft.end}`)}
              />
            )}
            <Entry
              label="Stops in any case after"
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
          </Columns>
          {draft.end === 'points' && (
            <Columns>
              {POINTS.map(({ field, label }) => (
                <Entry
                  key={field}
                  label={label}
                  value={draft.points[field]}
                  onChange={(text) => set({ points: { ...draft.points, [field]: text } })}
                  suffix={field === 'within' ? units.suffix('roll') : 'points'}
                  error={errorAt(
                    field === 'within' ? 'drill.points.past_within_m' : `drill.points.${field}`,
                    ...(field === 'holed' ? ['drill.points'] : []),
                  )}
                />
              ))}
            </Columns>
          )}
        </Part>
        <Part>
          <h2>To find it again</h2>
          <AnyOf
            label="Trains"
            options={TRAINS.map((value) => ({ value: value as string, label: value }))}
            values={draft.trains}
            onChange={(trains) => set({ trains })}
          />
          <Row $gap="l">
            <AnyOf
              label="Where"
              options={PLACES}
              values={draft.places}
              onChange={(places) => set({ places })}
            />
            <AnyOf
              label="Who"
              options={[{ value: 'group', label: 'Suits a group' }]}
              values={draft.isGroup ? ['group'] : []}
              onChange={(values) => set({ isGroup: values.length > 0 })}
            />
          </Row>
          <Columns>
            <Entry
              label="Takes about"
              value={draft.minutes}
              onChange={(minutes) => set({ minutes })}
              suffix="minutes"
              inputMode="numeric"
              error={errorAt('drill.minutes')}
            />
            <NoteEntry
              label="Why it exists"
              value={draft.why}
              onChange={(why) => set({ why })}
              error={errorAt('drill.why')}
            />
          </Columns>
        </Part>
        {keep.isError && problem === null && <Notice kind="wrong">{keep.error.message}</Notice>}
        <Row>
          <Button look="main" type="submit" isPending={keep.isPending}>
            Keep this drill
          </Button>
        </Row>
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>Restarts</h2>
          <p>
            At seven passes in ten, four in a row take about ten balls a station; at five in ten about thirty.
            The cap keeps what was done.
          </p>
        </MarginWord>
        <MarginWord>
          <h2>Two orders</h2>
          <p>
            The same putt again shows the stroke and builds it. A new putt each time is what a round asks.
          </p>
        </MarginWord>
      </Margin>
    </Page>
  );
}

interface PartProps {
  draft: DrillDraft;
  set: (part: Partial<DrillDraft>) => void;
}

function Stations({
  draft,
  set,
  errorAt,
  units,
}: PartProps & { errorAt: (...paths: string[]) => string | null; units: Units }) {
  const change = (index: number, part: Partial<StationDraft>) =>
    set({
      stations: draft.stations.map((station, at) => (at === index ? { ...station, ...part } : station)),
    });
  return (
    <Part>
      <h2>Stations</h2>
      {errorAt('drill.stations') !== null && <Notice kind="wrong">{errorAt('drill.stations')}</Notice>}
      <Stack as="ol" $gap="s" style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {draft.stations.map((station, index) => {
          const path = `drill.stations.${index}`;
          return (
            <StationLine key={station.id} aria-label={`Station ${index + 1}`}>
              <Entry
                label="Length"
                value={station.length}
                onChange={(length) => change(index, { length })}
                suffix={units.suffix('station')}
                error={errorAt(`${path}.length_m`, `${path}.from_m`)}
              />
              <Entry
                label="or drawn up to"
                value={station.to}
                onChange={(to) => change(index, { to })}
                suffix={units.suffix('station')}
                error={errorAt(`${path}.to_m`)}
              />
              <Entry
                label="Uphill"
                value={station.grade}
                onChange={(grade) => change(index, { grade })}
                suffix="%"
                error={errorAt(`${path}.grade_percent`)}
              />
              <Entry
                label="Rises to the right"
                value={station.across}
                onChange={(across) => change(index, { across })}
                suffix="%"
                error={errorAt(`${path}.across_percent`)}
              />
              <Button
                look="bare"
                aria-label={`Remove station ${index + 1}`}
                onPress={() => set({ stations: draft.stations.filter((_, at) => at !== index) })}
              >
                <Trash2 size={20} aria-hidden="true" />
              </Button>
            </StationLine>
          );
        })}
      </Stack>
      <Row>
        <Button onPress={() => set({ stations: [...draft.stations, stationDraft()] })}>Add a station</Button>
      </Row>
    </Part>
  );
}

/** What the balls of a station are told, in turn; pressed one after another. */
function Tasks({ draft, set, error }: PartProps & { error: string | null }) {
  return (
    <Stack $gap="s" role="group" aria-label="Told to each ball in turn">
      <strong>Told to each ball in turn</strong>
      <Row>
        {TASKS.map(({ value, label }) => (
          <Button key={value} onPress={() => set({ tasks: [...draft.tasks, value] })}>
            {label}
          </Button>
        ))}
      </Row>
      <Row>
        <Quiet role="status">
          {draft.tasks.length === 0
            ? 'Nothing special.'
            : draft.tasks
                .map((task) => TASKS.find(({ value }) => value === task)?.label.toLowerCase())
                .join(', then ')}
        </Quiet>
        {draft.tasks.length > 0 && (
          <Button look="bare" onPress={() => set({ tasks: draft.tasks.slice(0, -1) })}>
            Take the last one back
          </Button>
        )}
      </Row>
      {error !== null && <Notice kind="wrong">{error}</Notice>}
    </Stack>
  );
}

function useDrillEditor(base: Drill, ownId: string | null, units: Units) {
  const navigate = useNavigate();
  const keep = useKeepDrill();
  const [id] = useState(newId);
  const [draft, setDraft] = useState<DrillDraft>(() => draftOf(base, units));
  const { drill, errors } = readDraft(draft, base, ownId === null ? keyFor(draft.name, id) : base.key, units);
  // A drill that has no name yet is not wrong, only unfinished: that is said when it is kept.
  const check = useDrillCheck(drill.name === '' ? { ...drill, name: 'Unnamed' } : drill);
  const fields = {
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
    /** What passes, as the server last said; nothing until it has. */
    zones: check.data?.zones ?? [],
    keep,
    errorAt: (...paths: string[]) => fields[paths.find((each) => fields[each] !== undefined) ?? ''] ?? null,
    problem: problem === undefined ? null : problemWords(...problem),
    submit: (event: React.FormEvent) => {
      event.preventDefault();
      if (Object.keys(errors).length === 0) {
        keep.mutate({ id: ownId, drill }, { onSuccess: () => void navigate(`/drills/${drill.key}`) });
      }
    },
  };
}
