import { type ReactNode, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import {
  type PuttWish,
  type SlopeReading,
  useHoleMap,
  useMappedPutts,
  useMappedRead,
  useMappedStations,
  useSaveHoleMap,
} from '../../api/holeMapQueries';
import { useDrills, useToday } from '../../api/queries';
import type { Drill, HoleMap, MappedPutts, MappedRead, MappedStation } from '../../api/types';
import {
  Button,
  Columns,
  color,
  EditList,
  FoldRow,
  Head,
  Notice,
  OneOf,
  Page,
  Pick,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
  Unseen,
  Waiting,
} from '../../design';
import { useDevice } from '../../features/sensors/useDevice';
import { inWords } from '../../lane/drillWords';
import { type Units, useUnits } from '../../units/useUnits';
import { HoleDrawing } from './HoleDrawing';
import { LengthEntry } from './LengthEntry';
import { clockOf, type Place, placeAt, slopeOfTwo } from './mapGeometry';
import { SetOut } from './SetOut';
import { savePicture } from './savePicture';
import { TwoWay } from './TwoWay';

const Sides = styled.div`
  display: grid; gap: 24px; grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr); align-items: start;
  @media (max-width: 56.24em) { grid-template-columns: minmax(0, 1fr); }
`;
const Answer = styled.p`font-size: 1.3rem; font-weight: 700; line-height: 1.3;`;
const Found = styled.ul`
  list-style: none; margin: 0; padding: 0; display: grid; gap: 4px;
  li { border-bottom: 1px solid ${color.rule}; padding: 8px 0; }
`;

/** A mapped hole: measured place by place, read, and searched for putts. */
export function HoleMapScreen() {
  const { id = '' } = useParams();
  const map = useHoleMap(id);
  return map.data === undefined ? (
    <Page>
      {map.isError ? <Notice kind="wrong">{map.error.message}</Notice> : <Waiting>Loading the map …</Waiting>}
    </Page>
  ) : (
    <Mapped key={map.data.id} map={map.data} />
  );
}

type Task = 'measure' | 'read' | 'find';

const TASKS = [
  { value: 'measure', label: 'Measure' },
  { value: 'read', label: 'Read a putt' },
  { value: 'find', label: 'Find putts' },
] as const;

/** A map of the hole and six places tells most putts; from then on it is read before it is measured on. */
const ENOUGH = 7;
/** Played past the hole where nobody says otherwise, and the length asked first, metres. */
const PACE = 0.3;
const LENGTH = 2.4384;

function Mapped({ map }: { map: HoleMap }) {
  const units = useUnits();
  const green = useToday().data?.greens.find(({ id }) => id === map.green_id);
  const [task, setTask] = useState<Task>(map.readings.length < ENOUGH ? 'measure' : 'read');
  const [chosen, choose] = useState<Place | null>(null);
  const [ball, setBall] = useState<Place>(placeAt(5, LENGTH));
  const [wish, setWish] = useState<PuttWish>({ length_m: LENGTH, along_percent: null, across_percent: null });
  const read = useMappedRead(map.id, task === 'read' && map.reach_m > 0 ? ball : null, map.speed_m, PACE);
  const putts = useMappedPutts(map.id, task === 'find' && map.reach_m > 0 ? wish : null, map.speed_m, PACE);
  const next = chosen ?? map.next;
  const shownRead = task === 'read' && read.isSuccess ? read.data : null;
  const found = task === 'find' && putts.isSuccess ? putts.data : null;
  const [laid, lay] = useState<Drill | null>(null);
  const stations = useMappedStations(map.id, task === 'find' && map.reach_m > 0 ? laid : null);
  const placed = task === 'find' && laid !== null ? (stations.data ?? null) : null;
  const at = task === 'measure' ? next : task === 'read' ? ball : (found?.nearest ?? null);
  return (
    <Page>
      <Stack>
        <Head>
          <Title page="Hole map">{map.name}</Title>
          <QuietText>
            {green === undefined ? '' : `${green.name}. `}12 o’clock: {map.mark}
          </QuietText>
        </Head>
        <OneOf label="What to do" isLabelHidden options={TASKS} value={task} onChange={setTask} />
        <Sides>
          <HoleDrawing
            map={map}
            at={at}
            read={shownRead}
            putts={placed === null ? (found?.straight ?? []) : placed.filter((each) => each !== null)}
            onTouch={(place) => (task === 'measure' ? choose(rounded(place)) : setBall(place))}
            units={units}
          />
          {task === 'measure' && (
            <Measure
              key={next === null ? '' : `${next.x_m} ${next.y_m}`}
              map={map}
              at={next}
              onPlace={choose}
              onKept={() => choose(null)}
              units={units}
            />
          )}
          {task === 'read' && (
            <Read
              ball={ball}
              onBall={setBall}
              read={shownRead}
              error={read.error}
              speed={map.speed_m}
              hasMap={map.reach_m > 0}
              units={units}
            />
          )}
          {task === 'find' && (
            <Find
              wish={wish}
              onWish={setWish}
              found={found}
              error={putts.error}
              hasMap={map.reach_m > 0}
              onRead={(place) => {
                setBall(place);
                setTask('read');
              }}
              green={map.green_id}
              units={units}
            >
              <LaidDrill
                green={map.green_id}
                drill={laid}
                onDrill={lay}
                placed={placed}
                error={stations.error}
                units={units}
              />
            </Find>
          )}
        </Sides>
        <EditList aria-label="More of this map">
          <FoldRow
            label="Places and slopes"
            summary={map.readings.length === 1 ? '1 place' : `${map.readings.length} places`}
          >
            <Places map={map} onAgain={choose} onMeasure={() => setTask('measure')} units={units} />
          </FoldRow>
          <FoldRow label="Picture and table to keep or print" summary="">
            <Row>
              <Button onPress={() => savePicture(map.name)}>Save picture</Button>
              <a href={`/api/hole-maps/${map.id}/slopes.csv`} download={`${map.name}.csv`}>
                Slopes as a table (CSV)
              </a>
            </Row>
          </FoldRow>
        </EditList>
      </Stack>
    </Page>
  );
}

const HOURS = Array.from({ length: 12 }, (_, i) => ({ value: String(i + 1), label: `${i + 1} o’clock` }));

/** A touch on the map means a place one can walk to: an hour and a hand's width. */
function rounded(place: Place): Place {
  const { hour, metres } = clockOf(place);
  return metres < 0.25 ? { x_m: 0, y_m: 0 } : placeAt(hour, Math.round(metres * 10) / 10);
}

interface PlaceEntryProps {
  at: Place;
  onPlace: (place: Place) => void;
  error: string | null;
  units: Units;
}

function PlaceEntry({ at, onPlace, error, units }: PlaceEntryProps) {
  const { hour, metres } = clockOf(at);
  return (
    <Row $gap="m">
      <Pick
        label="Direction from the hole"
        options={HOURS}
        value={String(hour)}
        onChange={(value) => onPlace(placeAt(Number(value), metres))}
      />
      <LengthEntry
        label="Distance"
        kind="roll"
        metres={metres}
        onChange={(typed) => onPlace(placeAt(hour, typed ?? 0))}
        units={units}
        error={error}
      />
    </Row>
  );
}

interface MeasureProps {
  map: HoleMap;
  /** Null where every suggested place was measured and none is chosen. */
  at: Place | null;
  onPlace: (place: Place) => void;
  onKept: () => void;
  units: Units;
}

function Measure({ map, at, onPlace, onKept, units }: MeasureProps) {
  const save = useSaveHoleMap(map.id);
  const device = useDevice('level');
  const [slope, setSlope] = useState({ up_percent: 0, right_percent: 0 });
  const [first, setFirst] = useState<{ along_percent: number; across_percent: number } | null>(null);
  const [by, setBy] = useState('typed');
  const [problem, setProblem] = useState<string | null>(null);
  if (at === null) {
    return <SentenceText>Every suggested place is measured. Touch the map to measure another one.</SentenceText>;
  }
  const place = placeWords(at, units);
  const isNext = map.next !== null && near(map.next, at);
  const keep = () =>
    save.mutate(
      {
        ...map,
        readings: [...map.readings.filter((each) => !near(each, at)).map(kept), { ...at, ...slope, by }],
      },
      { onSuccess: onKept },
    );
  const measure = async () => {
    try {
      const { readings } = (await device?.read({ ...at, is_turned: first === null ? 0 : 1 })) ?? { readings: [] };
      const lies = { along_percent: readings[0]?.along_percent ?? 0, across_percent: readings[0]?.across_percent ?? 0 };
      setProblem(null);
      if (first === null) {
        setFirst(lies);
      } else {
        setSlope(slopeOfTwo(first, lies));
        setFirst(null);
        setBy(device?.label ?? map.read_by);
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'Nothing was measured.');
    }
  };
  return (
    <Stack>
      <div aria-live="polite">
        <Answer>
          Next: {place}
          {isNext && map.readings.length > 0 && <QuietText as="span"> (it tells most)</QuietText>}
        </Answer>
        {map.line_error_deg !== null && (
          <QuietText>Start lines from 8 ft are known within {map.line_error_deg.toFixed(1)}° so far.</QuietText>
        )}
      </div>
      {device !== null && (
        <Stack $gap="s">
          <QuietText>
            {first === null
              ? `Lay the phone flat there, its top towards ${map.mark}.`
              : 'Turn the phone half round, its top away from it. Its own error then cancels out.'}
          </QuietText>
          <Row>
            <Button onPress={() => void measure()}>
              {first === null ? `Measure with ${device.label}` : 'Measure turned half round'}
            </Button>
          </Row>
          {problem !== null && <Notice kind="wrong">{problem}</Notice>}
        </Stack>
      )}
      <Columns style={{ gridTemplateColumns: '1fr 1fr', gap: 16 }}>
        <TwoWay
          label="Slope towards 12 o’clock"
          ways={['Uphill', 'Downhill']}
          suffix="%"
          value={slope.up_percent}
          onChange={(up_percent) => setSlope({ ...slope, up_percent })}
          error={null}
        />
        <TwoWay
          label="Slope towards 3 o’clock"
          ways={['Uphill', 'Downhill']}
          suffix="%"
          value={slope.right_percent}
          onChange={(right_percent) => setSlope({ ...slope, right_percent })}
          error={null}
        />
      </Columns>
      {save.isError && <Notice kind="wrong">{save.error.message}</Notice>}
      <Row>
        <Button look="main" onPress={keep} isPending={save.isPending} isDisabled={first !== null}>
          Save this place
        </Button>
      </Row>
      <EditList aria-label="Another place">
        <FoldRow label="Measure another place" summary="">
          <PlaceEntry at={at} onPlace={onPlace} error={fieldError(save.error, 'readings')} units={units} />
        </FoldRow>
      </EditList>
    </Stack>
  );
}

interface ReadProps {
  ball: Place;
  onBall: (place: Place) => void;
  read: MappedRead | null;
  error: Error | null;
  speed: number;
  hasMap: boolean;
  units: Units;
}

function Read({ ball, onBall, read, error, speed, hasMap, units }: ReadProps) {
  if (!hasMap) {
    return <SentenceText>Nothing is measured yet. Measure the hole first.</SentenceText>;
  }
  return (
    <Stack>
      <div aria-live="polite">
        {read?.words.map((line, i) =>
          i === 0 ? <Answer key={line}>{inWords(line, units)}</Answer> : <p key={line}>{inWords(line, units)}</p>,
        )}
      </div>
      <PlaceEntry at={ball} onPlace={onBall} error={fieldError(error, 'x_m')} units={units} />
      <QuietText>
        Touch the map to lay the ball down. Green speed {units.speed(speed)}, to finish {units.show(PACE, 'roll')} past.
        The range holds four starts in five.
      </QuietText>
      {read !== null && (
        <Link
          to={`/green-reading?${new URLSearchParams({
            length: read.length_m.toFixed(3),
            along: read.along_percent.toFixed(2),
            across: read.across_percent.toFixed(2),
          })}`}
        >
          Open in Green reading
        </Link>
      )}
    </Stack>
  );
}

interface FindProps {
  wish: PuttWish;
  onWish: (wish: PuttWish) => void;
  found: MappedPutts | null;
  error: Error | null;
  hasMap: boolean;
  onRead: (place: Place) => void;
  green: string;
  units: Units;
  children: ReactNode;
}

const ALONG = [
  { value: '', label: 'Any' },
  { value: '2', label: 'Uphill' },
  { value: '-2', label: 'Downhill' },
  { value: '0', label: 'Level' },
] as const;
const BREAKS = [
  { value: '', label: 'Any' },
  { value: '2', label: 'Left' },
  { value: '-2', label: 'Right' },
  { value: '0', label: 'Straight' },
] as const;

function Find({ wish, onWish, found, error, hasMap, onRead, green, units, children }: FindProps) {
  const isAny = wish.along_percent === null && wish.across_percent === null;
  // The putt that was asked for; where any will do, the straight ones.
  const chosen = useMemo(
    () => (found === null ? [] : isAny ? found.straight : found.nearest === null ? [] : [found.nearest]),
    [found, isAny],
  );
  if (!hasMap) {
    return <SentenceText>Nothing is measured yet. Measure the hole first.</SentenceText>;
  }
  const said = (value: number | null) => (value === null ? '' : String(value)) as (typeof ALONG)[number]['value'];
  const heard = (value: string) => (value === '' ? null : Number(value));
  return (
    <Stack>
      <LengthEntry
        label="Length"
        kind="roll"
        metres={wish.length_m}
        onChange={(length_m) => length_m !== null && onWish({ ...wish, length_m })}
        units={units}
        error={fieldError(error, 'length_m')}
      />
      <OneOf
        label="Up or down"
        options={ALONG}
        value={said(wish.along_percent)}
        onChange={(value) => onWish({ ...wish, along_percent: heard(value) })}
        isRow
      />
      <OneOf
        label="Breaks"
        options={BREAKS}
        value={said(wish.across_percent)}
        onChange={(value) => onWish({ ...wish, across_percent: heard(value) })}
        isRow
      />
      <div aria-live="polite">
        {found?.nearest != null && !isAny && (
          <Answer>
            Nearest: {inWords(found.nearest.words, units)}{' '}
            <Button look="bare" onPress={() => found.nearest !== null && onRead(found.nearest)}>
              Read it
            </Button>
          </Answer>
        )}
      </div>
      {found !== null && (
        <Stack $gap="s">
          <strong>Straight putts of this length</strong>
          {found.straight.length === 0 && <QuietText>None: every putt of this length breaks.</QuietText>}
          <Found>
            {found.straight.map((putt) => (
              <li key={putt.words}>
                {inWords(putt.words, units)}
                {putt.straight_within_m !== null && (
                  <QuietText> Give or take {units.show(putt.straight_within_m, 'roll')} to either side.</QuietText>
                )}
              </li>
            ))}
          </Found>
        </Stack>
      )}
      {found !== null && <SetOut green={green} putts={chosen} units={units} />}
      {children}
    </Stack>
  );
}

interface LaidDrillProps {
  green: string;
  drill: Drill | null;
  onDrill: (drill: Drill | null) => void;
  placed: readonly MappedStation[] | null;
  error: Error | null;
  units: Units;
}

/** A whole drill laid out on this hole: from where each station is putted. */
function LaidDrill({ green, drill, onDrill, placed, error, units }: LaidDrillProps) {
  const drills = useDrills();
  const reached = useMemo(() => (placed ?? []).filter((each) => each !== null), [placed]);
  const all = [...(drills.data?.own ?? []), ...(drills.data?.library ?? [])]
    .map((each) => each.drill)
    .filter(({ target }) => target === 'hole');
  return (
    <EditList aria-label="A whole drill">
      <FoldRow label="Lay out a drill here" summary={drill?.name ?? ''}>
        <Stack $gap="s">
          <Pick
            label="Drill"
            options={[{ value: '', label: 'None' }, ...all.map(({ key, name }) => ({ value: key, label: name }))]}
            value={drill?.key ?? ''}
            onChange={(key) => onDrill(all.find((each) => each.key === key) ?? null)}
          />
          {error !== null && <Notice kind="wrong">{error.message}</Notice>}
          {placed !== null && drill !== null && (
            <Found as="ol" aria-label={`Stations of ${drill.name}`}>
              {placed.map((putt, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: stations stand in the drill's own order.
                <li key={i}>
                  {i + 1} · {putt === null ? 'further than the map reaches' : inWords(putt.words, units)}
                </li>
              ))}
            </Found>
          )}
          <SetOut green={green} putts={reached} units={units} />
        </Stack>
      </FoldRow>
    </EditList>
  );
}

interface PlacesProps {
  map: HoleMap;
  onAgain: (place: Place) => void;
  onMeasure: () => void;
  units: Units;
}

/** What the drawing shows, as a table. */
function Places({ map, onAgain, onMeasure, units }: PlacesProps) {
  const save = useSaveHoleMap(map.id);
  if (map.readings.length === 0) {
    return <QuietText>Nothing is measured yet.</QuietText>;
  }
  return (
    <Stack $gap="s">
      {map.readings.some(({ is_far_off }) => is_far_off) && (
        <Notice>One place is far off what the others say. Measure it again.</Notice>
      )}
      {save.isError && <Notice kind="wrong">{save.error.message}</Notice>}
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Place</th>
              <th scope="col">Towards 12</th>
              <th scope="col">Towards 3</th>
              <th scope="col">Measured by</th>
              <th scope="col">
                <Unseen>Change</Unseen>
              </th>
            </tr>
          </thead>
          <tbody>
            {map.readings.map((reading, i) => (
              <tr key={`${reading.x_m} ${reading.y_m}`}>
                <th scope="row">
                  {i + 1} · {inWords(reading.place, units)}
                  {reading.is_far_off && ' · measure again'}
                </th>
                <td>{slopeWords(reading.up_percent)}</td>
                <td>{slopeWords(reading.right_percent)}</td>
                <td>{reading.by}</td>
                <td>
                  <Row>
                    <Button
                      look="bare"
                      aria-label={`Measure ${inWords(reading.place, units)} again`}
                      onPress={() => {
                        onMeasure();
                        onAgain({ x_m: reading.x_m, y_m: reading.y_m });
                      }}
                    >
                      Again
                    </Button>
                    <Button
                      look="bare"
                      aria-label={`Delete ${inWords(reading.place, units)}`}
                      onPress={() =>
                        save.mutate({ ...map, readings: map.readings.filter((_, at) => at !== i).map(kept) })
                      }
                    >
                      Delete
                    </Button>
                  </Row>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
    </Stack>
  );
}

/** As the server takes it: without what it worked out itself. */
function kept({ x_m, y_m, right_percent, up_percent, by }: HoleMap['readings'][number]): SlopeReading {
  return { x_m, y_m, right_percent, up_percent, by };
}

function near(one: Place, other: Place): boolean {
  return Math.hypot(one.x_m - other.x_m, one.y_m - other.y_m) < 0.05;
}

function slopeWords(percent: number): string {
  const shown = Math.abs(percent).toFixed(1);
  return shown === '0.0' ? 'level' : `${shown} % ${percent > 0 ? 'uphill' : 'downhill'}`;
}

function placeWords(at: Place, units: Units): string {
  const { hour, metres } = clockOf(at);
  return metres < 0.05 ? 'the hole' : `${units.show(metres, 'roll')} at ${hour} o’clock`;
}
