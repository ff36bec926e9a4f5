import { useState } from 'react';
import { useToday } from '../../api/queries';
import type { Session, Station } from '../../api/types';
import { type ShownPutt, useLog } from '../../api/useOutbox';
import { Button, ButtonLink, MarginWord, Notice, OneOf, QuietText, Row, Title } from '../../design';
import { announce } from '../../device/announce';
import { remember, resumeStateOf } from '../../device/resumeState';
import { type KeyAction, useKeys } from '../../device/useKeys';
import { useWakeLock } from '../../device/useWakeLock';
import { ballWords } from '../../features/balls/ballWords';
import { askedTypes, type BallTask } from '../../features/balls/entry';
import { goToBackstroke } from '../../features/balls/fields';
import { GroupBar, WhoIsHere } from '../../features/balls/GroupBar';
import { loggerKeys } from '../../features/balls/loggerKeys';
import { here, ownerAsEvent, ownerOf } from '../../features/balls/names';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import type { Place } from '../../features/balls/Outcome';
import { Heading, PuttPage } from '../../features/balls/PuttPage';
import { useLogger } from '../../features/balls/useLogger';
import { NearSheet } from '../../features/reports/NearSheet';
import { useSensor } from '../../features/sensors/useSensor';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import type { StepProps } from '../../features/session-steps/steps';
import { slopeWords } from '../../units/slope';
import { type Units, useUnits } from '../../units/useUnits';
import { StartLines } from './StartLines';

type Purpose = 'target' | 'backstroke';

/** Stands beside the stations: such balls are rolled at none. */
const MEASURE = { value: 'measure', label: 'Measure the backstroke' } as const;

const NO_QUESTIONS = { asked: [], needs: [] };

/** A putt at a station's hole. */
const AT_HOLE: Place = {
  target: 'hole',
  canBeHoled: true,
  canStrike: false,
  isHoledOrMissed: false,
  rod_m: null,
  takesSide: false,
  scenery: null,
};

/** Without a station there is no hole: nothing can be holed. */
const OPEN_GROUND: Place = { ...AT_HOLE, target: 'none', canBeHoled: false };

/** Free rolling: a run without a rule, from one station or from nowhere in particular. */
export function PuttStep({ session }: StepProps) {
  const units = useUnits();
  const rolling = useFreeRolling(session);
  const today = useToday();
  const [near, lookNear] = useState<number | null>(null);
  useWakeLock();
  const { logger, station, stations } = rolling;
  const place = station === null ? OPEN_GROUND : AT_HOLE;
  useKeys([...loggerKeys(logger, place, null), ...rolling.keys]);
  const isGroup = session.group_members.length > 1;
  const nameOf = (id: string | null) => session.group_members.find(({ student }) => student === id)?.name;
  const words = (putt: ShownPutt) =>
    `${isGroup ? `${nameOf(ownerOf(putt.student, session)) ?? 'A student'}: ` : ''}${ballWords(putt, units)}`;
  return (
    <PuttPage
      session={session}
      units={units}
      logger={logger}
      sensor={rolling.sensor}
      task={rolling.task}
      place={place}
      puttsHere={rolling.puttsHere}
      words={words}
      drill={null}
      top={
        <>
          <Heading data-brief>
            <Title page={`Putt · ${session.student?.name ?? 'A session'}`}>
              {rolling.purpose === 'backstroke'
                ? 'Measure the backstroke'
                : station === null
                  ? 'Putt without a target'
                  : `From ${units.show(station.length_m, 'station')}`}
            </Title>
          </Heading>
          <StartLines session={session} />
          <OutboxNotices log={logger.log} words={words} />
          <FreeCompany session={session} rolling={rolling} />
          {rolling.task === null && <Notice>No student is here. Choose who putts next.</Notice>}
          <OneOf
            label="Station"
            isLabelHidden
            isRow
            options={[
              ...stations.map((each) => ({ value: each.id, label: stationWords(each, units) })),
              { value: 'open', label: 'No target' },
              MEASURE,
            ]}
            value={rolling.purpose === 'backstroke' ? MEASURE.value : (station?.id ?? 'open')}
            onChange={(chosen) => {
              rolling.choosePurpose(chosen === MEASURE.value ? 'backstroke' : 'target');
              if (chosen !== MEASURE.value) {
                rolling.choose(chosen);
              }
            }}
          />
        </>
      }
      foot={
        logger.log.waitingCount > 0 && <QuietText role="status">{logger.log.waitingCount} not synced yet.</QuietText>
      }
      people={
        <WhoIsHere
          session={session}
          students={today.data?.students ?? []}
          onStanding={(id, standing) => void logger.log.noteCompany(id, standing)}
        />
      }
      tools={() => (
        <>
          <Row>
            <GoOn session={session} />
            <ButtonLink to={`/sessions/${session.id}/review`}>Review</ButtonLink>
            <ButtonLink to={`/drills?session=${session.id}`}>Choose a drill</ButtonLink>
            {rolling.purpose === 'target' && stations.length > 1 && (
              <Button onPress={rolling.chooseNext}>Next station</Button>
            )}
            {station !== null && (
              <Button onPress={() => lookNear(station.length_m)}>
                Putts near {units.show(station.length_m, 'station')}
              </Button>
            )}
            {near !== null && (
              <NearSheet
                sessionId={session.id}
                studentId={rolling.student === session.student?.id ? null : (rolling.student ?? null)}
                length={near}
                units={units}
                onClose={() => lookNear(null)}
              />
            )}
          </Row>
          <SafetyNotes session={session} at="putt" />
        </>
      )}
      margin={
        logger.balls.length === 0 &&
        rolling.purpose === 'backstroke' && (
          <MarginWord>
            <h2>The first balls</h2>
            <p>
              Three balls at each of three or four backstrokes, rolled to open ground. The same unhurried through-stroke
              each time: not hitting harder.
            </p>
          </MarginWord>
        )
      }
    />
  );
}

type Rolling = ReturnType<typeof useFreeRolling>;

/** Where one rolls from, whose the next ball is, and entering it. */
function useFreeRolling(session: Session) {
  const log = useLog(session);
  const stations = [...session.stations].sort((a, b) => a.length_m - b.length_m);
  const [chosen, setChosen] = useState(() => resumeStateOf(session.id).station);
  const [student, setStudent] = useState(() => resumeStateOf(session.id).student ?? null);
  // Where nothing was set out there is no target: such balls measure the backstroke.
  const [said, setSaid] = useState(() => resumeStateOf(session.id).purpose);
  const purpose = said ?? (stations.length === 0 ? 'backstroke' : 'target');
  // The first station where none was chosen: one that was set out is there to be putted from.
  const station: Station | null =
    purpose === 'backstroke' || chosen === 'open'
      ? null
      : (stations.find(({ id }) => id === chosen) ?? stations[0] ?? null);
  // Nobody who rests or has gone is given a ball: it goes to whoever is here.
  const present = here(session).map((each) => each.student);
  const next = present.includes(student ?? '')
    ? student
    : present.includes(session.student?.id ?? '')
      ? null
      : (present[0] ?? null);
  const hasStudentHere = session.group_members.length === 0 || present.length > 0;
  const task: BallTask = {
    target_m: station?.length_m ?? null,
    grade_percent: station?.grade_percent ?? 0,
    across_percent: station?.across_percent ?? null,
    runId: null,
    needs: [],
    kinds: askedTypes(NO_QUESTIONS),
    asksLength: true,
    asksBackstroke: true,
    calledBackstroke: null,
    isMeasuringStroke: purpose === 'backstroke',
  };
  const owner = ownerAsEvent(next, session);
  const balls = log.putts.filter(({ run_id }) => run_id === null);
  const sensor = useSensor({
    session,
    student: ownerOf(owner, session),
    target: task.target_m,
    grade: task.grade_percent,
    last: balls.at(-1)?.id ?? null,
  });
  const logger = useLogger({
    session,
    task: hasStudentHere ? task : null,
    balls,
    student: owner,
    measured: sensor.measured,
  });
  const choose = (id: string) => {
    setChosen(id);
    remember(session.id, { station: id });
    announce(id === 'open' ? 'No target' : 'Station changed');
  };
  const choosePurpose = (purpose: Purpose) => {
    setSaid(purpose);
    remember(session.id, { purpose });
  };
  const chooseNext = () => {
    const at = stations.findIndex(({ id }) => id === station?.id);
    choose(stations[at + 1]?.id ?? 'open');
  };
  const keys: KeyAction[] = [
    { key: 'n', does: 'next station', act: chooseNext },
    { key: 'e', does: 'the next ball is stopped at the edge', act: () => logger.setStop('edge') },
    { key: 'r', does: 'the next ball is stopped at a rod', act: () => logger.setStop('rod') },
    { key: 'o', does: 'the next ball is stopped by something else', act: () => logger.setStop('other') },
    { key: 'f', does: 'the next ball stops freely', act: () => logger.setStop('free') },
    { key: 'b', does: 'go to the backstroke', act: goToBackstroke },
  ];
  return {
    logger,
    sensor,
    task: hasStudentHere ? task : null,
    station,
    stations,
    purpose,
    choosePurpose,
    choose,
    chooseNext,
    keys,
    student: ownerOf(owner, session),
    chooseStudent: (id: string) => {
      setStudent(id);
      remember(session.id, { student: id });
    },
    puttsHere: logger.balls.filter(
      (putt) =>
        putt.target_m === task.target_m &&
        (session.group_members.length > 1 || putt.student === owner) &&
        (putt.seen.purpose === 'backstroke') === (purpose === 'backstroke'),
    ),
  };
}

function FreeCompany({ session, rolling }: { session: Session; rolling: Rolling }) {
  const { logger } = rolling;
  const countOf = (id: string) => logger.log.putts.filter(({ student }) => ownerOf(student, session) === id).length;
  return (
    <GroupBar
      session={session}
      student={rolling.student}
      onChoose={rolling.chooseStudent}
      note={(id) => `${countOf(id)} ${countOf(id) === 1 ? 'ball' : 'balls'}`}
    />
  );
}

/** The way back to a drill that is under way. */
function GoOn({ session: { id, run, ended_at } }: { session: Session }) {
  return run === null || run.is_over || ended_at !== null ? null : (
    <ButtonLink to={`/sessions/${id}/drill/${run.id}`}>Continue {run.name}</ButtonLink>
  );
}

function stationWords(station: Station, units: Units): string {
  const { grade_percent: grade, length_m } = station;
  const length = units.show(length_m, 'station');
  return grade === null || grade === 0 ? length : `${length}, ${slopeWords(grade)}`;
}
