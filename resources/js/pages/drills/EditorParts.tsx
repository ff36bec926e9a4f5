import { Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { useObservationTypes } from '../../api/queries';
import type { DrillKinds } from '../../api/types';
import {
  AnyOf,
  Button,
  Columns,
  color,
  Entry,
  Fold,
  NoteEntry,
  Notice,
  OneOf,
  Pick,
  QuietText,
  Row,
  Stack,
} from '../../design';
import { BACKSTROKE_CUES } from '../../features/form-choices/formChoices';
import { ACROSS, ALONG, SlopeEntry, slopeOfText, textOfSlope } from '../../features/forms/SlopeEntry';
import type { Units } from '../../units/useUnits';
import {
  type DrillDraft,
  type EquipmentDraft,
  equipmentDraft,
  figureSuffix,
  kindOf,
  type LevelDraft,
  levelDraft,
  type StationDraft,
  stationDraft,
} from './draft';
import { BREAKS, PLACES, POINTS, PURPOSES, PUT_OUTS, TASKS, TRAINS } from './editorChoices';

export interface EditorPartProps {
  draft: DrillDraft;
  set: (part: Partial<DrillDraft>) => void;
  errorAt: (...paths: string[]) => string | null;
  units: Units;
  kinds: DrillKinds;
}

const Line = styled.li`
  display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: 8px; align-items: end; padding-bottom: 10px; border-bottom: 1px solid ${color.rule};
  @media (min-width: 700px) { grid-template-columns: repeat(4, minmax(0, 1fr)) auto; }
`;

/** What is rarely wanted, one touch further; open where something in it cannot be. */
function FoldedPart({ title, isWrong, children }: { title: string; isWrong: boolean; children: ReactNode }) {
  return (
    <Fold label={title} isHeldOpen={isWrong}>
      <Stack>{children}</Stack>
    </Fold>
  );
}

interface LinesProps<T extends { id: number }> {
  name: string;
  items: readonly T[];
  onChange: (items: T[]) => void;
  blank: () => T;
  children: (item: T, at: number, change: (part: Partial<T>) => void) => ReactNode;
}

/** A list whose lines are typed, added and taken away. */
function Lines<T extends { id: number }>({ name, items, onChange, blank, children }: LinesProps<T>) {
  return (
    <>
      <Stack as="ol" $gap="s" style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {items.map((item, at) => (
          <Line key={item.id} aria-label={`${name} ${at + 1}`}>
            {children(item, at, (part) =>
              onChange(items.map((other) => (other.id === item.id ? { ...other, ...part } : other))),
            )}
            <Button
              look="bare"
              aria-label={`Remove ${name.toLowerCase()} ${at + 1}`}
              onPress={() => onChange(items.filter(({ id }) => id !== item.id))}
            >
              <Trash2 size={20} aria-hidden="true" />
            </Button>
          </Line>
        ))}
      </Stack>
      <Row>
        <Button onPress={() => onChange([...items, blank()])}>{`Add a ${name.toLowerCase()}`}</Button>
      </Row>
    </>
  );
}

export function Stations({ draft, set, errorAt, units }: EditorPartProps) {
  const isOpenGround = draft.target === 'none';
  return (
    <>
      {errorAt('drill.stations') !== null && <Notice kind="wrong">{errorAt('drill.stations')}</Notice>}
      <Lines<StationDraft>
        name="Station"
        items={draft.stations}
        onChange={(stations) => set({ stations })}
        blank={stationDraft}
      >
        {(station, at, change) => {
          const path = `drill.stations.${at}`;
          return (
            <>
              <Entry
                label={isOpenGround ? 'Space it needs' : 'Length'}
                value={station.length}
                onChange={(length) => change({ length })}
                suffix={units.suffix('station')}
                error={errorAt(`${path}.length_m`, `${path}.from_m`)}
              />
              {isOpenGround ? (
                <Entry
                  label="Backstroke"
                  value={station.backstroke}
                  onChange={(backstroke) => change({ backstroke })}
                  suffix={units.suffix('backstroke')}
                  error={errorAt(`${path}.backstroke_m`)}
                />
              ) : (
                <Entry
                  label="or drawn at random up to"
                  value={station.to}
                  onChange={(to) => change({ to })}
                  suffix={units.suffix('station')}
                  error={errorAt(`${path}.to_m`)}
                />
              )}
              <SlopeEntry
                label="Slope"
                words={ALONG}
                value={slopeOfText(station.grade)}
                onChange={(grade) => change({ grade: textOfSlope(grade) })}
                error={errorAt(`${path}.grade_percent`)}
              />
              <SlopeEntry
                label="Break"
                words={ACROSS}
                value={slopeOfText(station.across)}
                onChange={(across) => change({ across: textOfSlope(across) })}
                error={errorAt(`${path}.across_percent`)}
              />
            </>
          );
        }}
      </Lines>
      <FoldedPart
        title="Names, the weak side, and steps in the green"
        isWrong={draft.stations.some((_, at) =>
          ['tier', 'tier.height_m', 'tier.run_m', 'tier.start_m', 'name'].some(
            (field) => errorAt(`drill.stations.${at}.${field}`) !== null,
          ),
        )}
      >
        {draft.stations.map((station, at) => {
          const path = `drill.stations.${at}`;
          const change = (part: Partial<StationDraft>) =>
            set({
              stations: draft.stations.map((other) => (other.id === station.id ? { ...other, ...part } : other)),
            });
          return (
            <Columns key={station.id} role="group" aria-label={`Station ${at + 1}, more`}>
              <Entry
                label={`Station ${at + 1} is called`}
                value={station.name}
                onChange={(name) => change({ name })}
                error={errorAt(`${path}.name`)}
              />
              <Pick label="Breaks" options={BREAKS} value={station.breaks} onChange={(breaks) => change({ breaks })} />
              <Entry
                label="A step in the green rises"
                value={station.tierHeight}
                onChange={(tierHeight) => change({ tierHeight })}
                suffix={units.suffix('backstroke')}
                error={errorAt(`${path}.tier.height_m`, `${path}.tier`)}
              />
              <Entry
                label="over"
                value={station.tierRun}
                onChange={(tierRun) => change({ tierRun })}
                suffix={units.suffix('roll')}
                error={errorAt(`${path}.tier.run_m`)}
              />
              <Entry
                label="from the ball it begins at"
                value={station.tierStart}
                onChange={(tierStart) => change({ tierStart })}
                suffix={units.suffix('roll')}
                error={errorAt(`${path}.tier.start_m`)}
              />
            </Columns>
          );
        })}
      </FoldedPart>
    </>
  );
}

/** What the balls of a station are told, in turn; pressed one after another. */
export function Tasks({ draft, set, errorAt }: EditorPartProps) {
  const error = errorAt('drill.tasks');
  return (
    <Stack $gap="s" role="group" aria-label="Instructions, ball by ball">
      <strong>Instructions, ball by ball</strong>
      <Row>
        {TASKS.map(({ value, label }) => (
          <Button key={value} onPress={() => set({ tasks: [...draft.tasks, value] })}>
            {label}
          </Button>
        ))}
      </Row>
      <Row>
        <QuietText role="status">
          {draft.tasks.length === 0
            ? 'Nothing special.'
            : draft.tasks.map((task) => TASKS.find(({ value }) => value === task)?.label.toLowerCase()).join(', then ')}
        </QuietText>
        {draft.tasks.length > 0 && (
          <Button look="bare" onPress={() => set({ tasks: draft.tasks.slice(0, -1) })}>
            Remove the last one
          </Button>
        )}
      </Row>
      {error !== null && <Notice kind="wrong">{error}</Notice>}
    </Stack>
  );
}

/** What is noted of each ball besides what its rule needs, and what the drill tells for it at its end. */
export function AsksAndFinds({ draft, set, kinds, needs }: EditorPartProps & { needs: readonly string[] }) {
  const seen = useObservationTypes();
  const options = [
    { value: 'roll_m', label: 'Where it stops' },
    { value: 'backstroke_m', label: 'The backstroke' },
    ...(seen.data ?? []).map(({ name, question, answers }) => ({
      value: name,
      label:
        answers.length === 0 ? question : `${question}: ${answers.map(({ label }) => label.toLowerCase()).join(', ')}`,
    })),
  ].filter(({ value }) => !needs.includes(value));
  return (
    <>
      <AnyOf<string>
        label="Observations of each ball, besides what the drill needs"
        options={options}
        values={draft.asks.filter((name) => !needs.includes(name))}
        onChange={(asks) =>
          set({ asks: [...draft.asks.filter((name) => needs.includes(name)), ...asks] as DrillDraft['asks'] })
        }
      />
      <AnyOf<string>
        label="Results shown at the end; the first one ticked comes first"
        options={kinds.findings.map(({ kind, label }) => ({ value: kind, label }))}
        values={draft.finds}
        onChange={(finds) => set({ finds: inOrderTicked(draft.finds, finds) as DrillDraft['finds'] })}
      />
      <OneOf label="Putted out" options={PUT_OUTS} value={draft.putOut} onChange={(putOut) => set({ putOut })} />
    </>
  );
}

/** Ticked boxes come in their own order; the order they were ticked in is what counts. */
function inOrderTicked(before: readonly string[], now: readonly string[]): string[] {
  return [...before.filter((each) => now.includes(each)), ...now.filter((each) => !before.includes(each))];
}

export function PointsPart({ draft, set, errorAt, units }: EditorPartProps) {
  const isNeeded = draft.end === 'points';
  return (
    <>
      {!isNeeded && (
        <AnyOf
          label="Points"
          options={[{ value: 'points', label: 'Each ball brings points' }]}
          values={draft.hasPoints ? ['points'] : []}
          onChange={(values) => set({ hasPoints: values.length > 0 })}
        />
      )}
      {(isNeeded || draft.hasPoints) && (
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
    </>
  );
}

export function EquipmentList({ draft, set, errorAt, kinds }: EditorPartProps) {
  const pieces = kinds.pieces.map(({ piece, one }) => ({ value: piece, label: one }));
  return (
    <Lines<EquipmentDraft>
      name="Piece of equipment"
      items={draft.kit}
      onChange={(kit) => set({ kit })}
      blank={equipmentDraft}
    >
      {(item, at, change) => (
        <>
          <Pick<string>
            label="What"
            options={pieces}
            value={item.piece}
            onChange={(piece) => change({ piece: piece as EquipmentDraft['piece'] })}
          />
          <Entry
            label="How many"
            value={item.count}
            onChange={(count) => change({ count })}
            inputMode="numeric"
            error={errorAt(`drill.kit.${at}.count`)}
          />
          {item.piece === 'other' && (
            <Entry
              label="Name"
              value={item.name}
              onChange={(name) => change({ name })}
              error={errorAt(`drill.kit.${at}.name`)}
            />
          )}
          <Entry
            label="For"
            value={item.for}
            onChange={(what) => change({ for: what })}
            error={errorAt(`drill.kit.${at}.for`)}
          />
        </>
      )}
    </Lines>
  );
}

export function Levels({ draft, set, errorAt, units, kinds }: EditorPartProps) {
  const [figure] = kindOf(kinds.pass, draft.pass).figures;
  const orders = [{ value: '', label: 'As before' }, ...kinds.order.map(({ kind, label }) => ({ value: kind, label }))];
  return (
    <>
      <QuietText>
        Each level adds a change to those before it. A level is gained and lost by the last ten balls, and kept from
        session to session.
      </QuietText>
      <Columns>
        <Entry
          label="Go up with, of the last 10"
          value={draft.earn}
          onChange={(earn) => set({ earn })}
          inputMode="numeric"
          hint={`Empty: ${kinds.step_rule.earn}. It applies to steps of a width too.`}
          error={errorAt('drill.step_rule.earn')}
        />
        <Entry
          label="Go down with no more than"
          value={draft.lose}
          onChange={(lose) => set({ lose })}
          inputMode="numeric"
          hint={`Empty: ${kinds.step_rule.lose}. A student’s own profile takes precedence.`}
          error={errorAt('drill.step_rule.lose')}
        />
      </Columns>
      <Lines<LevelDraft> name="Level" items={draft.levels} onChange={(levels) => set({ levels })} blank={levelDraft}>
        {(level, at, change) => {
          const path = `drill.progression.${at}`;
          return (
            <>
              <Entry
                label="Change"
                value={level.says}
                onChange={(says) => change({ says })}
                error={errorAt(`${path}.says`, path)}
              />
              <Pick label="Order" options={orders} value={level.order} onChange={(order) => change({ order })} />
              <Entry
                label="Lengths, separated by commas"
                value={level.lengths}
                onChange={(lengths) => change({ lengths })}
                suffix={units.suffix('station')}
                error={errorAt(`${path}.lengths_m`)}
              />
              {figure !== undefined && (
                <Entry
                  label={figure.label}
                  value={level.figure}
                  onChange={(text) => change({ figure: text })}
                  suffix={figureSuffix(figure, units)}
                  error={errorAt(`${path}.figure`)}
                />
              )}
              {draft.aid !== 'none' && (
                <Entry
                  label="Width"
                  value={level.width}
                  onChange={(width) => change({ width })}
                  suffix={units.suffix('width')}
                  error={errorAt(`${path}.width_m`)}
                />
              )}
            </>
          );
        }}
      </Lines>
    </>
  );
}

/** What the card says of the drill, and by what it is found again. */
export function CardWords({ draft, set, errorAt }: EditorPartProps) {
  return (
    <>
      <AnyOf
        label="Trains"
        options={TRAINS.map((value) => ({ value: value as string, label: value }))}
        values={draft.trains}
        onChange={(trains) => set({ trains })}
      />
      <OneOf label="Purpose" options={PURPOSES} value={draft.purpose} onChange={(purpose) => set({ purpose })} />
      <Row $gap="l">
        <AnyOf label="Place" options={PLACES} values={draft.places} onChange={(places) => set({ places })} />
        <AnyOf
          label="Players"
          options={[{ value: 'group', label: 'Suits a group' }]}
          values={draft.isGroup ? ['group'] : []}
          onChange={(values) => set({ isGroup: values.length > 0 })}
        />
        <AnyOf
          label="Teaching preference"
          options={BACKSTROKE_CUES}
          values={draft.schools}
          onChange={(schools) => set({ schools })}
        />
      </Row>
      <Columns>
        <Entry
          label="Minutes"
          value={draft.minutes}
          onChange={(minutes) => set({ minutes })}
          suffix="minutes"
          inputMode="numeric"
          error={errorAt('drill.minutes')}
        />
        <Entry label="Balls" value={draft.dose} onChange={(dose) => set({ dose })} error={errorAt('drill.dose')} />
        <NoteEntry label="Why" value={draft.why} onChange={(why) => set({ why })} error={errorAt('drill.why')} />
        <NoteEntry
          label="What the result means"
          value={draft.meaning}
          onChange={(meaning) => set({ meaning })}
          error={errorAt('drill.meaning')}
        />
        <NoteEntry
          label="Safety"
          value={draft.cautions}
          onChange={(cautions) => set({ cautions })}
          hint="One sentence a line. Notes for the equipment are added automatically."
          error={errorAt('drill.cautions')}
        />
      </Columns>
    </>
  );
}
