import styled from 'styled-components';
import { useDeleteRound, useMe, useRoundSummary, useStrokesAtStake, useStudentProfile } from '../../api/queries';
import type { Round, RoundSummary, Student } from '../../api/types';
import {
  Button,
  ButtonLink,
  color,
  Figure,
  Fold,
  Head,
  Name,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
  TableFrame,
  Title,
  type,
  wide,
} from '../../design';
import { WithStudent } from '../../features/reports/WithStudent';
import { day } from '../../units/dates';
import { type Units, useUnitsOf } from '../../units/useUnits';
import { Benchmarks } from './Benchmarks';
import { holeWords } from './RoundScreen';

const ComparedSelection = styled.div`
  display: grid; gap: ${space.l} ${space.xl}; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); }
`;

const Bars = styled.svg`
  display: block; width: 100%;
  text { font: 400 13px ${type.sans}; fill: ${color.pencil}; font-variant-numeric: tabular-nums; }
`;

/** A student's rounds: what they cost, from where first putts come, and what would save most. */
export function RoundsPage() {
  return (
    <WithStudent opening="Loading the rounds …">
      {(student) => <PlayOf key={student.id} student={student} />}
    </WithStudent>
  );
}

function PlayOf({ student }: { student: Student }) {
  const units = useUnitsOf(student);
  const play = useRoundSummary(student.id);
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page={`Rounds · ${student.name}`}>
            <Name>{student.name}</Name> : rounds
          </Title>
          <Row>
            <ButtonLink look="main" to={`/students/${student.id}/round`}>
              Add a round
            </ButtonLink>
            <ButtonLink to={`/students/${student.id}`}>Practice</ButtonLink>
          </Row>
        </Head>
        {play.isError && <Notice kind="wrong">{play.error.message}</Notice>}
        {play.data !== undefined && (
          <ComparedSelection>
            <Stack $gap="l">
              <AtStake student={student} units={units} />
              <FromWhere play={play.data} units={units} />
            </Stack>
            <Stack $gap="l">
              <WhatItCost play={play.data} units={units} />
              <FromProfile student={student.id} />
              <Benchmarks benchmarks={play.data.benchmarks} units={units} />
              <Rounds student={student} rounds={play.data.rounds} units={units} />
            </Stack>
          </ComparedSelection>
        )}
      </Stack>
    </Page>
  );
}

interface RoundsPartProps {
  play: RoundSummary;
  units: Units;
}

const SKILLS = {
  line_spread: 'a quarter less spread in start line',
  line_bias: 'a quarter less tendency to one side',
  pace_spread: 'a quarter less spread in distance',
  pace_bias: 'a quarter less tendency to short or long',
} as const;

/** The ranked answer to what would save most, and what it rests on. */
function AtStake({ student, units }: { student: Student; units: Units }) {
  const query = useStrokesAtStake(student.id);
  const stakes = query.data;
  if (stakes === undefined) {
    return (
      <Part>
        <h2>What would save most?</h2>
        {query.isError ? (
          <Notice kind="wrong">{query.error.message}</Notice>
        ) : (
          <SentenceText>Calculating …</SentenceText>
        )}
      </Part>
    );
  }
  if (stakes.missing !== null) {
    return (
      <Part>
        <h2>What would save most?</h2>
        <SentenceText>{stakes.missing}</SentenceText>
      </Part>
    );
  }
  const most = Math.max(0.01, ...stakes.ranking.map(({ putts_per_18 }) => putts_per_18));
  return (
    <Part>
      <h2>What would save most?</h2>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">With</th>
              <th scope="col">Putts saved in 18 holes</th>
            </tr>
          </thead>
          <tbody>
            {stakes.ranking.map(({ skill, putts_per_18 }) => (
              <tr key={skill}>
                <th scope="row" style={{ whiteSpace: 'normal' }}>
                  {SKILLS[skill]}
                </th>
                <td>
                  <Row style={{ flexWrap: 'nowrap' }}>
                    <svg width="90" height="14" aria-hidden="true">
                      <rect width={Math.max(2, (90 * putts_per_18) / most)} height="14" rx="3" fill={color.ink} />
                    </svg>
                    {putts_per_18 < 0.05 ? 'almost none' : putts_per_18.toFixed(1)}
                  </Row>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
      <QuietText>
        Expected over 18 such first putts: {stakes.expected_per_18?.toFixed(1) ?? 'not known'} putts. From{' '}
        {stakes.pace_balls} balls at targets and {stakes.line_balls} starts, on a green of {units.speed(stakes.speed_m)}
        {stakes.is_speed_measured ? '' : ', assumed because no green speed is measured'},{' '}
        {stakes.is_own_mix
          ? 'for this student’s own first putts'
          : `for an even spread of first putts from ${stakes.even_spread_m.map((end) => units.show(end, 'station')).join(' to ')}, because no rounds are entered`}
        .
        {stakes.read_spread_deg !== null &&
          ` Misreads add to the start line spread: ${stakes.read_spread_deg.toFixed(1)}°.`}
      </QuietText>
      <Fold label="From each length">
        <TableFrame>
          <table>
            <thead>
              <tr>
                <th scope="col">From</th>
                <th scope="col">Holed</th>
                <th scope="col">Three or more</th>
                <th scope="col">Putts</th>
              </tr>
            </thead>
            <tbody>
              {stakes.lengths.map((each) => (
                <tr key={each.length_m}>
                  <th scope="row">{units.show(each.length_m, 'station')}</th>
                  <td>{percent(each.one_putt)}</td>
                  <td>{percent(each.three_or_more)}</td>
                  <td>{each.expected?.toFixed(2) ?? 'not known'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
        <QuietText>
          Accurate to about {units.show(6, 'station')} ; longer putts come out too good, because one relative spread is
          used for all lengths.
        </QuietText>
      </Fold>
    </Part>
  );
}

function percent(share: number | null): string {
  return share === null ? 'not known' : `${Math.round(share * 100)} %`;
}

/** First-putt lengths as they came, and the band they set. */
function FromWhere({ play, units }: RoundsPartProps) {
  const { first_putts, classes, band_m, is_band_of_rounds } = play;
  const most = Math.max(1, ...classes.map(({ n }) => n));
  const [width, line, left] = [440, 30, 110];
  const named = classes.map((each) => ({
    ...each,
    name:
      each.high_m === null ? `over ${units.show(each.low_m, 'station')}` : `to ${units.show(each.high_m, 'station')}`,
  }));
  return (
    <Part>
      <h2>From where does this student putt first?</h2>
      {named.length === 0 ? (
        <SentenceText>
          Once a round is added, its first putts are drawn here, and they set the lengths to practise.
        </SentenceText>
      ) : (
        <>
          <Bars
            viewBox={`0 0 ${width} ${named.length * line + 4}`}
            role="img"
            aria-label={`First putts: ${named.map(({ name, n }) => `${n} ${name}`).join(', ')}.`}
          >
            {named.map(({ name, n }, index) => (
              <g key={name} transform={`translate(0 ${index * line})`}>
                <text x={left - 8} y={20} textAnchor="end">
                  {name}
                </text>
                <rect x={left} y={6} width={((width - left - 60) * n) / most} height={18} rx={3} fill={color.ink} />
                <text x={left + ((width - left - 60) * n) / most + 8} y={20}>
                  {n}
                </text>
              </g>
            ))}
          </Bars>
          <Fold label="Holed and three-putted, by length">
            <TableFrame>
              <table>
                <thead>
                  <tr>
                    <th scope="col">First putt</th>
                    <th scope="col">Holed</th>
                    <th scope="col">Three or more</th>
                    <th scope="col">It left</th>
                  </tr>
                </thead>
                <tbody>
                  {named.map((each) => (
                    <tr key={each.name}>
                      <th scope="row">
                        {each.name}, {each.n}
                      </th>
                      <td>{likely(each.one_putt, each.one_putt_interval)}</td>
                      <td>{likely(each.three_putt, each.three_putt_interval)}</td>
                      <td>{each.mean_leave_m === null ? 'not noted' : units.show(each.mean_leave_m, 'roll')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </TableFrame>
          </Fold>
        </>
      )}
      <SentenceText>
        {band_m === null
          ? `The lengths to practise are not known: ${first_putts.wanting} more first putts set them, or the profile does.`
          : `Practise from ${units.show(band_m[0], 'station')} to ${units.show(band_m[1], 'station')}, ${
              is_band_of_rounds ? 'where three first putts in five come from.' : 'as the profile says.'
            }`}
      </SentenceText>
    </Part>
  );
}

function likely(share: number, [low, high]: readonly [number, number]): string {
  return `${percent(share)} (likely ${percent(low)} to ${percent(high)})`;
}

/** What the student told before any round was noted. */
function FromProfile({ student }: { student: string }) {
  const told = useStudentProfile(student).data;
  const facts = [
    told?.three_putts_per_round == null ? null : `${told.three_putts_per_round} three-putts a round`,
    told?.handicap == null ? null : `handicap ${told.handicap}`,
    told?.handicap_wanted == null ? null : `wanted ${told.handicap_wanted}`,
  ].filter((fact) => fact !== null);
  return facts.length === 0 ? null : <QuietText>From the profile: {facts.join(', ')}.</QuietText>;
}

/** Putts, three-putts, and what they cost. */
function WhatItCost({ play, units }: RoundsPartProps) {
  const coach = useMe().data?.coach;
  const inside = coach?.three_putt_inside_m ?? null;
  return play.rounds.length === 0 ? (
    <Part>
      <h2>What did three-putts cost?</h2>
      <SentenceText>
        No rounds yet. Two touches a hole are enough: the first putt, and the number of putts.
      </SentenceText>
    </Part>
  ) : (
    <Part>
      <h2>What did three-putts cost?</h2>
      <Row $gap="l">
        <Figure>
          {play.strokes_lost}
          <small> {play.strokes_lost === 1 ? 'stroke' : 'strokes'}</small>
        </Figure>
        <Figure>
          {play.putts_per_18?.toFixed(1) ?? '·'}
          <small> putts in 18 holes</small>
        </Figure>
      </Row>
      <SentenceText>
        {play.three_putts} three-putts and {play.four_putts} of four or more over {play.holes} holes of{' '}
        {play.rounds.length === 1 ? 'one round' : `${play.rounds.length} rounds`}
        {play.from_memory === 0 ? '' : `, ${play.from_memory} from memory`}.
        {play.avoidable === null || inside === null
          ? ''
          : ` ${play.avoidable} came from inside ${units.show(inside, 'station')}, where they can be avoided.`}
      </SentenceText>
      {inside === null && <QuietText>Set under Settings from which length three-putts are flagged.</QuietText>}
    </Part>
  );
}

function Rounds({ student, rounds, units }: { student: Student; rounds: readonly Round[]; units: Units }) {
  const drop = useDeleteRound(student.id);
  return rounds.length === 0 ? null : (
    <Part>
      <h2>Rounds</h2>
      {drop.isError && <Notice kind="wrong">{drop.error.message}</Notice>}
      {rounds.map((round) => (
        <Fold
          key={round.id}
          label={`${day(round.played_on)}${round.place === null ? '' : `, ${round.place}`}: ${round.putts} putts on ${round.counted} holes${round.is_from_memory ? ', from memory' : ''}`}
        >
          <TableFrame>
            <table>
              <tbody>
                {round.holes.map((hole, index) => (
                  // A hole is its place in the round.
                  // biome-ignore lint/suspicious/noArrayIndexKey: holes never move
                  <tr key={index}>
                    <th scope="row">{index + 1}</th>
                    <td>{holeWords(hole, units)}</td>
                    <td>{hole.is_avoidable ? 'avoidable' : ''}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
          <Row>
            <Button look="bare" isPending={drop.isPending} onPress={() => drop.mutate(round.id)}>
              Delete this round
            </Button>
          </Row>
        </Fold>
      ))}
      <QuietText>
        <a href={`/api/students/${student.id}/rounds.csv`} download>
          Export every hole (CSV)
        </a>
      </QuietText>
    </Part>
  );
}
