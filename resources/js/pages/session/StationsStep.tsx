import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useGreenStations, useRoundSummary, useSavedReads, useStationSlopes, useUnitsSlip } from '../../api/queries';
import type { Green, Session, Station, StationSlope, Student } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  Button,
  ButtonLink,
  Columns,
  Entry,
  Fold,
  Head,
  InsightCard,
  MarginWord,
  Page,
  Part,
  QuietText,
  Row,
  Stack,
  TableFrame,
  Title,
} from '../../design';
import { announce } from '../../device/announce';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import { ACROSS, ALONG, NO_SLOPE, readSlope, SlopeEntry, type TypedSlope } from '../../features/forms/SlopeEntry';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import type { StepProps } from '../../features/session-steps/steps';
import { inWords } from '../../lane/drillWords';
import { StationLane } from '../../lane/StationLane';
import { readNumber } from '../../units/format';
import { asEntered, formatPaces, METRES_PER_FOOT, USUAL_PACE } from '../../units/length';
import { outsideLimits } from '../../units/limits';
import { slipWords } from '../../units/slip';
import { breakWords, slopeWords } from '../../units/slope';
import { type Units, useUnits, useUnitsOf } from '../../units/useUnits';

/** Usual stations to add at one touch, in the coach's unit. */
const USUAL = { feet: [6, 12, 18, 24, 30], metres: [2, 4, 6, 8, 10], paces: [3, 5, 7, 9, 12] } as const;

/** Which lengths to putt from, how many paces each is, and on what slope. */
export function StationsStep({ session }: StepProps) {
  const units = useUnits();
  const log = useLog(session);
  const stations = [...session.stations].sort((a, b) => a.length_m - b.length_m);
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Head>
          <Title page={`Stations · ${session.student?.name ?? 'A session'}`}>Stations</Title>
          <ButtonLink look="main" to={`/sessions/${session.id}/putt`}>
            Start putting
          </ButtonLink>
        </Head>
        <OutboxNotices log={log} words={() => ''} />
        <StationLane stations={stations} units={units} />
        <EarlierStations session={session} units={units} onAdd={(station) => void log.setStation(station)} />
        <AddStation stations={stations} units={units} onAdd={(station) => void log.setStation(station)} />
        <Row>
          <ButtonLink to={`/drills?session=${session.id}`}>Choose a drill</ButtonLink>
          <ButtonLink to={`/sessions/${session.id}/checks`}>Checks</ButtonLink>
        </Row>
        <Part aria-label="All stations">
          <Stations
            session={session}
            stations={stations}
            units={units}
            onSlope={(station, across) => {
              void log.slopeStation(station, across);
              announce(`The station at ${units.show(station.length_m, 'station')} says so now`);
            }}
            onRemove={({ id, length_m }) => {
              void log.removeStation(id);
              announce(`Station at ${units.show(length_m, 'station')} removed`);
            }}
          />
        </Part>
      </Stack>
      <StationsInsights units={units} session={session} />
    </Page>
  );
}

type Ground = Pick<Station, 'length_m' | 'grade_percent' | 'across_percent'>;

/** To the centimetre and a twentieth of a per cent. */
function isSamePlace(one: Ground, other: Ground): boolean {
  const isNear = (a: number | null, b: number | null) => Math.abs((a ?? 0) - (b ?? 0)) < 0.05;
  return (
    Math.abs(one.length_m - other.length_m) < 0.01 &&
    isNear(one.grade_percent, other.grade_percent) &&
    isNear(one.across_percent, other.across_percent)
  );
}

/** What was set out on this green before: one touch each. */
function EarlierStations({
  session,
  units,
  onAdd,
}: {
  session: Session;
  units: Units;
  onAdd: (station: NewStation) => void;
}) {
  const before = useGreenStations(session.green?.id ?? null).data ?? [];
  const offered = before.filter((was) => !session.stations.some((station) => isSamePlace(was, station)));
  return offered.length === 0 ? null : (
    <Part>
      <h2>Earlier stations on this green</h2>
      <Row role="group" aria-label="Stations of this green">
        {offered.map(({ length_m, said, grade_percent, across_percent, sessions }) => (
          <Button
            key={`${length_m} ${grade_percent} ${across_percent}`}
            onPress={() => {
              onAdd({ length_m, said, grade_percent, across_percent });
              announce(`Station at ${units.show(length_m, 'station')}`);
            }}
          >
            {units.show(length_m, 'station')}
            {said.includes('straight')
              ? ', straight'
              : grade_percent === null || grade_percent === 0
                ? ''
                : `, ${slopeWords(grade_percent)}`}
            {breakWords(across_percent)}
            {sessions > 1 ? ` (${sessions} times)` : ''}
          </Button>
        ))}
      </Row>
    </Part>
  );
}

type NewStation = Omit<Station, 'id'>;

interface AddStationProps {
  stations: readonly Station[];
  units: Units;
  onAdd: (station: NewStation) => void;
}

function AddStation({ stations, units, onAdd }: AddStationProps) {
  // With keys at hand a length can be typed at once; on a phone that would raise its keyboard.
  const [hasKeys] = useState(() => window.matchMedia('(pointer: fine)').matches);
  const adding = useAdding(units, onAdd);
  const unitMetres = { feet: METRES_PER_FOOT, metres: 1, paces: units.choice.paceLength ?? USUAL_PACE }[
    units.choice.unit
  ];
  const isThere = (metres: number) =>
    stations.some(
      ({ length_m, grade_percent, across_percent }) =>
        Math.abs(length_m - metres) < 0.005 && (grade_percent ?? 0) === 0 && (across_percent ?? 0) === 0,
    );
  return (
    <Part>
      <h2>Add a station</h2>
      <Row aria-label="Usual lengths" role="group">
        {USUAL[units.choice.unit].map((usual) => (
          <Button key={usual} onPress={() => adding.addUsual(String(usual))} isDisabled={isThere(usual * unitMetres)}>
            {usual} {units.suffix('station')}
          </Button>
        ))}
      </Row>
      <Columns data-keys>
        <Entry
          label="Distance from the target"
          value={adding.length}
          onChange={adding.setLength}
          onEnter={adding.enter}
          autoFocus={hasKeys}
          suffix={units.suffix('station')}
          error={adding.errors.length}
        />
      </Columns>
      <Fold label="Slope and break">
        <Columns>
          <SlopeEntry
            label="Slope"
            words={ALONG}
            value={adding.grade}
            onChange={adding.setGrade}
            onEnter={adding.enter}
            error={adding.errors.grade}
          />
          <SlopeEntry
            label="Break"
            words={ACROSS}
            value={adding.across}
            onChange={adding.setAcross}
            onEnter={adding.enter}
            error={adding.errors.across}
          />
        </Columns>
      </Fold>
      <Row>
        <Button onPress={adding.enter}>Add station</Button>
      </Row>
    </Part>
  );
}

const NOTHING_TYPED = { length: '', grade: NO_SLOPE, across: NO_SLOPE };

/** A length and its slopes as they are typed, until they make a station. */
function useAdding(units: Units, onAdd: (station: NewStation) => void) {
  const [typed, setTyped] = useState(NOTHING_TYPED);
  const [errors, setErrors] = useState<Record<keyof typeof NOTHING_TYPED, string | null>>({
    length: null,
    grade: null,
    across: null,
  });
  const add = ({ length, grade, across }: typeof NOTHING_TYPED) => {
    const read = units.read(length, 'station');
    const [along, aside] = [readSlope(grade), readSlope(across)];
    const wrong = {
      length:
        read.metres === null
          ? (read.error ?? 'Type how far this station is from the target.')
          : outsideLimits(read.metres, 'station'),
      grade: along.error ?? outsideLimits(along.percent, 'grade'),
      across: aside.error ?? outsideLimits(aside.percent, 'across'),
    };
    setErrors(wrong);
    const said = Object.values(wrong).filter((each) => each !== null);
    if (read.metres === null || said.length > 0) {
      announce(said.join(' '));
      return;
    }
    setTyped(NOTHING_TYPED);
    announce(`Station at ${units.show(read.metres, 'station')} added`);
    onAdd({
      length_m: read.metres,
      said: asEntered(length, 'station', units.choice),
      grade_percent: along.percent,
      across_percent: aside.percent,
    });
  };
  return {
    ...typed,
    setLength: (length: string) => setTyped({ ...typed, length }),
    setGrade: (grade: TypedSlope) => setTyped({ ...typed, grade }),
    setAcross: (across: TypedSlope) => setTyped({ ...typed, across }),
    errors,
    addUsual: (usual: string) => add({ ...NOTHING_TYPED, length: usual }),
    enter: () => add(typed),
  };
}

/** The reader, opened on a station. */
function readAt({ student, green }: Session, station: Station): string {
  const query = new URLSearchParams({ length: String(station.length_m) });
  for (const [name, value] of [
    ['along', station.grade_percent],
    ['across', station.across_percent],
    ['student', student?.id],
    ['green', green?.id],
  ] as const) {
    if (value != null) {
      query.set(name, String(value));
    }
  }
  return `/green-reading?${query.toString()}`;
}

/** Paces counted to a station, where a coach wants them held against its length. */
function Stepped({ station, units }: { station: Station; units: Units }) {
  const [counted, count] = useState<string | null>(null);
  const paces = counted === null ? null : readNumber(counted);
  const isCount = paces !== null && paces >= 0.1 && paces <= 200;
  const slip = useUnitsSlip(station.length_m, isCount ? paces : null);
  const at = units.show(station.length_m, 'station');
  if (counted === null) {
    return (
      <Button look="bare" aria-label={`I stepped to ${at}`} onPress={() => count('')}>
        I stepped it
      </Button>
    );
  }
  return (
    <>
      <Entry
        label={`Steps counted to ${at}`}
        value={counted}
        onChange={count}
        inputMode="decimal"
        error={counted.trim() !== '' && !isCount ? 'A number of steps, like 7.' : null}
      />
      {isCount && slip.data !== undefined && (
        <QuietText role="status">
          {slip.data.slip === null ? 'That fits.' : slipWords(slip.data.slip, station.length_m, units)}
        </QuietText>
      )}
      {slip.isError && <QuietText role="status">{slip.error.message}</QuietText>}
    </>
  );
}

interface StationsProps {
  session: Session;
  stations: readonly Station[];
  units: Units;
  onSlope: (station: Station, across: number) => void;
  onRemove: (station: Station) => void;
}

function Stations({ session, stations, units, onSlope, onRemove }: StationsProps) {
  const slopes = useStationSlopes(session.id).data ?? [];
  if (stations.length === 0) {
    return (
      <QuietText>No stations yet. You can also putt without a target, to see how far each backstroke rolls.</QuietText>
    );
  }
  return (
    <TableFrame>
      <table>
        <thead>
          <tr>
            <th scope="col">From the target</th>
            <th scope="col">Steps</th>
            <th scope="col">Slope</th>
            <th scope="col">
              <span hidden>Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {stations.map((station) => (
            <tr key={station.id}>
              <th scope="row">
                {units.show(station.length_m, 'station')}
                {station.said !== units.show(station.length_m, 'station') && (
                  <QuietText style={{ fontWeight: 'normal' }}>said: {station.said}</QuietText>
                )}
              </th>
              <td>
                {formatPaces(station.length_m, units.choice)}
                <Stepped station={station} units={units} />
              </td>
              <td>
                {slopeWords(station.grade_percent)}
                {breakWords(station.across_percent)}{' '}
                <Link
                  to={readAt(session, station)}
                  aria-label={`Read the putt from ${units.show(station.length_m, 'station')}`}
                >
                  read it
                </Link>
                <SlopeOffered
                  offer={slopes.find(({ station_id }) => station_id === station.id)}
                  onTake={(across) => onSlope(station, across)}
                />
              </td>
              <td>
                <Button
                  look="bare"
                  aria-label={`Remove the station at ${units.show(station.length_m, 'station')}`}
                  onPress={() => onRemove(station)}
                >
                  <Trash2 size={20} aria-hidden="true" />
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </TableFrame>
  );
}

interface SlopeOfferedProps {
  offer: StationSlope | undefined;
  onTake: (across: number) => void;
}

/** The slope that the misses ask for: one touch makes it this station's. */
function SlopeOffered({ offer, onTake }: SlopeOfferedProps) {
  return offer === undefined ? null : (
    <Row $gap="s">
      <QuietText>
        {offer.n} balls asked for {Math.abs(offer.across_percent).toFixed(1)} % rising to the{' '}
        {offer.across_percent > 0 ? 'right' : 'left'}.
      </QuietText>
      <Button onPress={() => onTake(offer.across_percent)}>Use it as the slope</Button>
    </Row>
  );
}

/** What was read at this green before. */
function ReadsKept({ green, units }: { green: Green; units: Units }) {
  const kept = useSavedReads(green.id).data ?? [];
  return kept.length === 0 ? null : (
    <MarginWord>
      <h2>Earlier reads here</h2>
      {kept.map(({ id, name, putt, word }) => (
        <p key={id}>
          <Link to={`/green-reading?green=${green.id}&read=${id}`}>{name}</Link>, {units.show(putt.length_m, 'station')}{' '}
          at {units.show(putt.pace_m, 'roll')} past. {inWords(word, units)}
        </p>
      ))}
    </MarginWord>
  );
}

function StationsInsights({ units, session }: { units: Units; session: Session }) {
  const { student } = session;
  return (
    <InsightCard notes={[]}>
      {student !== null && <LengthsThatMatter student={student} />}
      {session.green !== null && <ReadsKept green={session.green} units={units} />}
      <MarginWord>
        <h2>Stepping out</h2>
        <p>
          {units.choice.paceLength === null
            ? 'Your step is not measured yet, so an average one is used. Walk ten steps along a tape and enter the length under Settings.'
            : `Your step: ${Math.round(units.choice.paceLength * 100)} cm.`}{' '}
          Step from the target and leave a tee or a disc at each station.
        </p>
      </MarginWord>
      <SafetyNotes session={session} at="stations" />
    </InsightCard>
  );
}

/** From where this student putts first: those lengths are worth a post. */
function LengthsThatMatter({ student }: { student: Student }) {
  const units = useUnitsOf(student);
  const play = useRoundSummary(student.id);
  const band = play.data?.band_m ?? null;
  return band === null ? null : (
    <MarginWord>
      <h2>Most useful lengths</h2>
      <p>
        From {units.show(band[0], 'station')} to {units.show(band[1], 'station')}:{' '}
        {play.data?.is_band_of_rounds === true ? 'where this student’s first putts come from.' : 'as the profile says.'}
      </p>
    </MarginWord>
  );
}
