import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { type PlannedDrill, useLaidOut, useSession, useToday } from '../../api/queries';
import type { Drill, DrillSetup, LibraryDrill, Session } from '../../api/types';
import {
  AnyOf,
  Button,
  color,
  EditList,
  Entry,
  Facts,
  FoldRow,
  InsightCard,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  Stack,
  TableFrame,
  Title,
  Waiting,
} from '../../design';
import { CountRow } from '../../design/CountRow';
import { StepPath } from '../../features/session-steps/StepPath';
import { forecastWords, inWords, stationSlope } from '../../lane/drillWords';
import { StationLane } from '../../lane/StationLane';
import { drawnStations, sceneryOf } from '../../lane/scenery';
import { firstWords } from '../../units/format';
import { formatPaces } from '../../units/length';
import { slipWords } from '../../units/slip';
import { type Units, useUnits } from '../../units/useUnits';
import { LengthChoice } from './LengthChoice';
import { useDrill } from './useDrill';
import { type DrillSetupEntry, readCount, useDrillSetupEntry } from './useDrillSetupEntry';

/** Everything but the sheet itself stays off the paper. */
const Sheet = styled.div`
  display: contents;
  @media print {
    main { padding: 0; max-width: none; gap: 6px; }
    main > div { gap: 8px; }
    h1 { font-size: 1.3rem; } h2 { font-size: 1rem; padding: 0; }
    [data-screen] { display: none !important; }
    aside { border: 0; padding: 0; gap: 6px; }
    p, td, th, tbody th, li { font-size: 9.5pt; line-height: 1.3; padding-top: 2px; padding-bottom: 2px; max-width: none; }
    /* On paper everything is open. */
    div[role='group'][hidden] { display: block !important; content-visibility: visible !important; }
    div[role='group'] > div { padding: 0; }
    li { break-inside: avoid; }
    li > div > button { min-height: 0; padding: 2px 0; } li > div > button svg, li > div > button small { display: none; }
    section { gap: 3px; break-inside: avoid; }
    svg { max-height: 36mm; }
  }
`;

const Figures = styled.p`
  font-size: 1.1rem; max-width: 62ch;
`;

const OnPaper = styled.ul`
  display: none; list-style: none; padding: 0; margin: 0;
  @media print { display: block; li::before { content: '☐  '; } }
`;

const Counted = styled.div`
  width: 118px;
  label { position: absolute; clip-path: inset(50%); width: 1px; height: 1px; overflow: hidden; }
`;

const AGAINST_HOLE = {
  wider: 'it is easier than the hole.',
  narrower: 'it is stricter than the hole.',
  alike: 'the two are alike.',
} as const;

const Slip = styled.p`
  color: ${color.warn}; font-weight: 700; max-width: 40ch;
`;

/** How to set a drill out in a session: on screen, on one page of paper, and from there to the first ball. */
export function DrillSetupScreen() {
  const { id = '', key } = useParams();
  const [search] = useSearchParams();
  const sight = useSession(id);
  const found = useDrill(key);
  const wanted = planned(search);
  const laid = useLaidOut(found.status === 'found' ? found.card.drill : null, wanted);
  const card = found.status === 'found' ? (wanted === null ? found.card : laid.data) : undefined;
  if (sight.status !== 'open' || found.status !== 'found' || card === undefined) {
    const message =
      (sight.status === 'failed' ? sight.error.message : null) ??
      (found.status === 'failed' ? found.message : null) ??
      laid.error?.message ??
      null;
    return (
      <Page>
        {message === null ? <Waiting>Loading the set-up …</Waiting> : <Notice kind="wrong">{message}</Notice>}
      </Page>
    );
  }
  return (
    <Sheet>
      <StepPath session={sight.session} at="stations" />
      <SettingOut key={found.card.drill.key} session={sight.session} card={{ ...card, own_id: found.card.own_id }} />
    </Sheet>
  );
}

/** What a plan that led here has room for, and at which lengths; null where none did. */
function planned(search: URLSearchParams): PlannedDrill | null {
  const room = Object.fromEntries(
    (['balls', 'minutes'] as const).flatMap((name) => {
      const value = Number(search.get(name) ?? Number.NaN);
      return Number.isInteger(value) && value > 0 ? [[name, value]] : [];
    }),
  );
  const lengths = (search.get('lengths') ?? '')
    .split(',')
    .map(Number)
    .filter((metres) => metres > 0);
  return Object.keys(room).length === 0 && lengths.length === 0
    ? null
    : { ...room, ...(lengths.length > 0 && { lengths_m: lengths }) };
}

function SettingOut({ session, card: written }: { session: Session; card: LibraryDrill }) {
  const units = useUnits();
  const out = useDrillSetupEntry(session, written);
  const { card, sheet, start } = out;
  const { drill } = card;
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Row style={{ justifyContent: 'space-between' }}>
          <div>
            <Title page={`${drill.name} · ${session.student?.name ?? 'A session'}`}>{drill.name}</Title>
            <QuietText>
              Set-up for {session.student?.name ?? 'no student yet'}
              {session.green === null ? '' : `, ${session.green.name}`}.
            </QuietText>
          </div>
          <Row data-screen>
            <Button look="main" isPending={start.isPending} onPress={out.begin}>
              Start
            </Button>
            <Button look="bare" onPress={() => window.print()}>
              <Printer size={18} aria-hidden="true" /> Print
            </Button>
          </Row>
        </Row>
        {start.isError && <Notice kind="wrong">{start.error.message}</Notice>}
        <Stack $gap="s" data-screen>
          <GroupChoice session={session} drill={drill} students={out.students} onChange={out.setStudents} />
          {sheet.data !== undefined && sheet.data.group.length > 1 && <WhatGroupNeeds sheet={sheet.data} />}
        </Stack>
        <StationLane stations={drawnStations(drill)} units={units} scenery={sceneryOf(card, units)} />
        {sheet.data === undefined ? (
          sheet.isError ? (
            <Notice kind="wrong">{sheet.error.message}</Notice>
          ) : (
            <Waiting>Loading the set-up …</Waiting>
          )
        ) : (
          <SheetParts out={out} sheet={sheet.data} units={units} />
        )}
      </Stack>
      <InsightCard notes={[]}>
        <Facts
          facts={[
            [
              'How it works',
              <>
                <p>{inWords(card.rule, units)}</p>
                <p>{card.course}</p>
              </>,
            ],
            sheet.data?.expectation != null && ['What to expect', expectationWords(sheet.data.expectation, units)],
            sheet.data !== undefined &&
              sheet.data.cautions.length > 0 && [
                'Safety',
                sheet.data.cautions.map((caution) => <p key={caution}>{caution}</p>),
              ],
          ]}
        />
      </InsightCard>
    </Page>
  );
}

interface SheetPartsProps {
  out: DrillSetupEntry;
  sheet: DrillSetup;
  units: Units;
}

/** The sheet itself: where to stand, where it begins, stations, gate, checks, kit. */
function SheetParts({ out, sheet, units }: SheetPartsProps) {
  const { drill } = out.card;
  return (
    <>
      <Part>
        <h2>Where to stand and walk</h2>
        <Figures>{sheet.stand}</Figures>
        <Figures>{sheet.walking_line}</Figures>
      </Part>
      <Part>
        <h2>Stations</h2>
        <Stations drill={drill} sheet={sheet} units={units} counted={out.counted} onCount={out.setCounted} />
      </Part>
      <EditList aria-label="More of the set-up">
        {out.begins !== null && (
          <FoldRow label="Starting level" summary={firstWords(inWords(out.begins, units), 12)}>
            <Stack $gap="s">
              <Figures>{inWords(out.begins, units)}</Figures>
              <Row data-screen>
                {out.next !== null && (
                  <Button onPress={out.takeNext}>
                    {out.isBack ? 'Go down to that level' : 'Go up to the next level'}
                  </Button>
                )}
                <Button look="bare" onPress={out.beginFirst}>
                  Begin at the first level
                </Button>
              </Row>
            </Stack>
          </FoldRow>
        )}
        <FoldRow label="Other lengths" summary="" isOnScreenOnly>
          <div data-screen>
            <LengthChoice card={out.base} onLay={out.lay} units={units} key={out.begins} />
          </div>
        </FoldRow>
        {sheet.aid.length > 0 && <AidPart drill={drill} sheet={sheet} units={units} />}
        {sheet.checks.length > 0 && (
          <FoldRow
            label="Check before the first ball"
            summary={`${out.checks.length} of ${sheet.checks.length} checked`}
          >
            <div data-screen>
              <AnyOf
                label="Results depend on these"
                options={sheet.checks.map(({ key, sentence }) => ({ value: key, label: sentence }))}
                values={out.checks}
                onChange={out.setChecks}
              />
            </div>
            <OnPaper>
              {sheet.checks.map(({ key, sentence }) => (
                <li key={key}>{sentence}</li>
              ))}
            </OnPaper>
          </FoldRow>
        )}
        <FoldRow
          label="Equipment"
          summary={
            sheet.kit.length === 0 ? 'only the putter' : firstWords(sheet.kit.map(({ words }) => words).join(', '), 12)
          }
        >
          <EquipmentList
            kit={sheet.kit}
            out={out.kitOut}
            onCount={(name, count) => out.setKitOut({ ...out.kitOut, [name]: count })}
          />
        </FoldRow>
      </EditList>
    </>
  );
}

interface StationsProps {
  drill: Drill;
  sheet: DrillSetup;
  units: Units;
  /** Paces as typed, by station. */
  counted: Record<number, string>;
  onCount: (counted: Record<number, string>) => void;
}

/** How far, in the coach's own paces; counting them in tells when a unit slipped. */
function Stations({ drill, sheet, units, counted, onCount }: StationsProps) {
  return (
    <TableFrame>
      <table>
        <thead>
          <tr>
            <th scope="col">From the target</th>
            <th scope="col">Step</th>
            <th scope="col" data-screen>
              Steps you counted
            </th>
          </tr>
        </thead>
        <tbody>
          {sheet.stations.map((station, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: stations have no name but their place.
            <tr key={index}>
              <th scope="row" style={{ whiteSpace: 'normal', verticalAlign: 'middle' }}>
                {station.backstroke_m === null
                  ? units.show(station.length_m, 'station')
                  : `backstroke ${units.show(station.backstroke_m, 'backstroke')}, ${units.show(station.length_m, 'station')} of space`}
                {station.name === null ? '' : `, ${station.name}`}
                {stationSlope({
                  tier: drill.stations[index]?.tier,
                  grade_percent: station.grade_percent,
                  across_percent: station.across_percent,
                })}
              </th>
              <td>{formatPaces(station.length_m, units.choice)}</td>
              <td data-screen>
                <Counted>
                  <Entry
                    label={`Steps counted to ${units.show(station.length_m, 'station')}`}
                    value={counted[index] ?? ''}
                    onChange={(text) => onCount({ ...counted, [index]: text })}
                    inputMode="decimal"
                    error={
                      (counted[index] ?? '').trim() !== '' && readCount(counted[index] ?? '') === null
                        ? 'A number of steps, like 7.'
                        : null
                    }
                  />
                </Counted>
                {station.slip !== null && <Slip role="status">{slipWords(station.slip, station.length_m, units)}</Slip>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </TableFrame>
  );
}

/** The gate or line in degrees, and what that is against the hole. */
function AidPart({ drill, sheet, units }: { drill: Drill; sheet: DrillSetup; units: Units }) {
  const [first, ...later] = sheet.aid;
  const aid = drill.aid;
  if (first === undefined || aid === undefined) {
    return null;
  }
  const name = { gate: 'The gate', rail: 'The ruler', chalk: 'The line', spot: 'The spot' }[aid.kind];
  const angle = (degrees: number) => `${degrees.toFixed(1)}°`;
  const nearest = sheet.stations.find(({ hole_half_angle_deg }) => hole_half_angle_deg !== null) ?? null;
  const hole = nearest?.hole_half_angle_deg ?? null;
  return (
    <FoldRow
      label={name}
      summary={`${units.show(first.width_m, 'width')} wide, up to ${angle(first.half_angle_deg)} off`}
    >
      <Figures>
        {units.show(first.width_m, 'width')} wide, {units.show(aid.distance_m ?? 0, 'roll')}{' '}
        {aid.kind === 'gate' || aid.kind === 'spot' ? 'ahead of the ball' : 'long'}: it lets through a start line up to{' '}
        {angle(first.half_angle_deg)} off.
        {hole !== null &&
          nearest !== null &&
          ` From ${units.show(nearest.length_m, 'station')} the hole takes ${angle(hole)}, dying at the lip: ${
            AGAINST_HOLE[sheet.aid_against_hole ?? 'alike']
          }`}
      </Figures>
      {later.length > 0 && (
        <QuietText>
          It narrows step by step:{' '}
          {sheet.aid
            .map(({ width_m, half_angle_deg }) => `${units.show(width_m, 'width')} (${angle(half_angle_deg)})`)
            .join(', ')}
          .
        </QuietText>
      )}
    </FoldRow>
  );
}

interface KitProps {
  kit: DrillSetup['kit'];
  out: Record<string, number>;
  onCount: (name: string, count: number) => void;
}

function EquipmentList({ kit, out, onCount }: KitProps) {
  const numbered = kit.filter((piece): piece is typeof piece & { pieces: number } => piece.pieces !== null);
  return (
    <>
      <div data-screen>
        <Stack $gap="s">
          {kit.some(({ pieces }) => pieces === null) && <QuietText>Balls, as many as you like.</QuietText>}
          {numbered.map(({ name, pieces }) => (
            <CountRow
              key={name}
              label={name}
              count={out[name] ?? pieces}
              most={pieces}
              allWord={`As listed: ${pieces}`}
              onCount={(count) => onCount(name, count)}
            />
          ))}
          {kit.length === 0 && <QuietText>Only the putter.</QuietText>}
        </Stack>
      </div>
      <OnPaper>
        {kit.map(({ words }) => (
          <li key={words}>{words} to bring and collect</li>
        ))}
      </OnPaper>
    </>
  );
}

interface GroupChoiceProps {
  session: Session;
  drill: Drill;
  students: string[];
  onChange: (students: string[]) => void;
}

/** Several students in one run take turns; with none ticked the session's own student rolls alone. */
function GroupChoice({ session, drill, students, onChange }: GroupChoiceProps) {
  const today = useToday();
  const [isMore, showMore] = useState(false);
  const group_members = session.group_members
    .filter(({ standing }) => standing !== 'gone')
    .map(({ student, name }) => ({ value: student, label: name }));
  const others = (today.data?.students ?? [])
    .filter(({ id }) => !group_members.some(({ value }) => value === id))
    .map(({ id, name }) => ({ value: id, label: name }));
  if (group_members.length + others.length < 2) {
    return null;
  }
  if (group_members.length < 2 && !isMore) {
    return (
      <Row>
        <QuietText as="span">{session.student?.name ?? 'The student who is here'} putts alone.</QuietText>
        <Button look="bare" onPress={() => showMore(true)}>
          Other students
        </Button>
      </Row>
    );
  }
  return (
    <Part>
      <h2>Who putts</h2>
      <AnyOf
        label={
          drill.group === true
            ? `Tick the students who take turns. With none ticked, ${session.student?.name ?? 'the student who is here'} putts alone`
            : `Made for one; tick two or more to take turns all the same`
        }
        options={isMore ? [...group_members, ...others] : group_members}
        values={students}
        onChange={onChange}
      />
      {!isMore && others.length > 0 && (
        <Row>
          <Button look="bare" onPress={() => showMore(true)}>
            Other students
          </Button>
          {group_members.length > 1 && (
            <Button look="bare" onPress={() => onChange(group_members.map(({ value }) => value))}>
              All {group_members.length} who are here
            </Button>
          )}
        </Row>
      )}
    </Part>
  );
}

/** How many balls each will roll at their own rate, and all together. */
function WhatGroupNeeds({ sheet: { group, balls_in_all } }: { sheet: DrillSetup }) {
  const each = group.map(({ name, balls }) => `${name} ${balls === null ? 'not known yet' : Math.round(balls)}`);
  return (
    <QuietText role="status">
      Expected balls, each at their own rate: {each.join(', ')}.
      {balls_in_all !== null &&
        ` About ${Math.round(balls_in_all)} in all; they take turns, so one set of equipment is enough.`}
    </QuietText>
  );
}

/** How long it will take at the student's own rate, and what stops it. */
function expectationWords(expectation: NonNullable<DrillSetup['expectation']>, units: Units): string {
  const { balls, cap, gate_that_measures_m: gate } = expectation;
  const stops = [cap.balls === null ? '' : `${cap.balls} balls`, cap.minutes === null ? '' : `${cap.minutes} minutes`]
    .filter((part) => part !== '')
    .join(' or ');
  const parts = [
    forecastWords(expectation),
    `It stops after ${stops} and keeps what was done.`,
    expectation.basis === 'rate' && (balls === null || (cap.balls !== null && balls > cap.balls))
      ? 'At this rate the ball limit comes first: widen the gate, or move closer.'
      : '',
    gate === null ? '' : `The most useful gate for this student is ${units.show(gate, 'width')} wide.`,
  ];
  return parts.filter((part) => part !== '').join(' ');
}
