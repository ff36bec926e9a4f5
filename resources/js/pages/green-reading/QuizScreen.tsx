import { useState } from 'react';
import { type QuizRequest, useQuiz, useQuizAnswer } from '../../api/queries';
import type { Finding, PuttSituation, QuizAnswer, QuizProgress, Student } from '../../api/types';
import {
  Button,
  ButtonLink,
  Columns,
  InsightCard,
  isNarrow,
  MarginWord,
  Notice,
  OneOf,
  Page,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Title,
} from '../../design';
import { announce } from '../../device/announce';
import { DrillResultRow } from '../../features/drill-results/DrillResults';
import { figureWords, intervalWords } from '../../features/drill-results/figures';
import { WithStudent } from '../../features/reports/WithStudent';
import { inWords } from '../../lane/drillWords';
import { type Units, useUnits } from '../../units/useUnits';
import { slopeSaid } from './puttEntry';
import { aimWords, type Calling, QuizLane } from './QuizLane';

/** A trainer: aim and pace are called, then the ball rolls and shows what was right. */
export function QuizScreen() {
  return <WithStudent opening="Looking for putts …">{(student) => <Trainer student={student} />}</WithStudent>;
}

const FROM = [
  { value: 'level', label: 'My level' },
  { value: 'history', label: 'Holes I have putted' },
  { value: 'feared', label: 'The weak side' },
  { value: 'left', label: 'Curving left' },
  { value: 'right', label: 'Curving right' },
] as const;

const ORDER = [
  { value: 'shuffled', label: 'Shuffled' },
  { value: 'blocked', label: 'Five of each' },
] as const;

function Trainer({ student }: { student: Student }) {
  const units = useUnits();
  const [wanted, setWanted] = useState<QuizRequest>({ from: 'level', order: 'shuffled', turn: newTurn() });
  const ten = useQuiz(student.id, wanted);
  const [standing, setStanding] = useState<QuizProgress | null>(null);
  const stands = standing ?? ten.data?.standing ?? null;
  const isInHand = isNarrow();
  const chooser = (
    <Columns>
      <OneOf
        label="Putts"
        options={FROM.filter(
          ({ value }) =>
            (value !== 'history' || ten.data?.has_history !== false) &&
            (value !== 'feared' || ten.data?.feared != null),
        )}
        value={wanted.from}
        onChange={(from) => setWanted({ ...wanted, from, turn: newTurn() })}
        isRow
      />
      <OneOf
        label="Order"
        options={ORDER}
        value={wanted.order}
        onChange={(order) => setWanted({ ...wanted, order, turn: newTurn() })}
        isRow
      />
    </Columns>
  );
  return (
    <Page data-margin>
      <Stack>
        <Title page={`Reading quiz · ${student.name}`}>Reading quiz, {student.name}</Title>
        {!isInHand && chooser}
        {ten.isError && <Notice kind="wrong">{ten.error.message}</Notice>}
        {ten.data === undefined ? (
          !ten.isError && <p>Looking for putts …</p>
        ) : (
          <Ten
            key={`${wanted.from} ${wanted.order} ${wanted.turn}`}
            student={student}
            putts={ten.data.putts}
            units={units}
            onStanding={setStanding}
            onAgain={() => setWanted({ ...wanted, turn: newTurn() })}
          />
        )}
        {isInHand && chooser}
      </Stack>
      <InsightCard notes={[]}>
        {stands !== null && <Presence stands={stands} units={units} />}
        <MarginWord>
          <p>An aim is compared with what its own pace needs, on even ground.</p>
          <ButtonLink to={`/green-reading?student=${student.id}`}>Go to Green reading</ButtonLink>
        </MarginWord>
      </InsightCard>
    </Page>
  );
}

/** A different ten each time; the server draws them. */
function newTurn(): number {
  return Math.floor(Math.random() * 1_000_000_000);
}

interface TenProps {
  student: Student;
  putts: readonly PuttSituation[];
  units: Units;
  onStanding: (standing: QuizProgress) => void;
  onAgain: () => void;
}

/** Ten putts, one after the other. */
function Ten({ student, putts, units, onStanding, onAgain }: TenProps) {
  const [at, setAt] = useState(0);
  const [right, setRight] = useState(0);
  const putt = putts[at];
  return putt === undefined ? (
    <Stack>
      <SentenceText role="status">
        {right} of {putts.length} called right.
      </SentenceText>
      <Row>
        <Button look="main" onPress={onAgain} autoFocus>
          Ten more
        </Button>
        <ButtonLink to={`/students/${student.id}`}>Go to {student.name}</ButtonLink>
      </Row>
    </Stack>
  ) : (
    <One
      key={at}
      student={student}
      putt={putt}
      count={`${at + 1} of ${putts.length}`}
      units={units}
      onRolled={({ is_right, standing }) => {
        setRight(right + (is_right ? 1 : 0));
        onStanding(standing);
      }}
      onNext={() => setAt(at + 1)}
    />
  );
}

interface OneProps {
  student: Student;
  putt: PuttSituation;
  count: string;
  units: Units;
  onRolled: (rolled: QuizAnswer) => void;
  onNext: () => void;
}

function One({ student, putt, count, units, onRolled, onNext }: OneProps) {
  const guess = useQuizAnswer(student.id);
  const [calling, setCalling] = useState<Calling>({ aim_m: 0, plays_m: putt.length_m });
  const rolled = guess.data ?? null;
  const roll = () =>
    guess.mutate(
      { putt, ...calling },
      {
        onSuccess: (what) => {
          onRolled(what);
          announce(what.words.map((line) => inWords(line, units)).join(' '));
        },
      },
    );
  return (
    <Stack $gap="s">
      <SentenceText>
        {count}: {units.show(putt.length_m, 'roll')}, {slopeSaid(putt)}, on a green of {units.speed(putt.speed_m)}.
      </SentenceText>
      <QuizLane putt={putt} calling={calling} onCall={setCalling} rolled={rolled} units={units} />
      {guess.isError && <Notice kind="wrong">{guess.error.message}</Notice>}
      {rolled === null ? (
        <Row>
          <Button look="main" onPress={roll} isPending={guess.isPending}>
            Check
          </Button>
          <QuietText>
            Aim {aimWords(calling.aim_m, units)}; plays like {units.show(calling.plays_m, 'roll')} on the level.
          </QuietText>
        </Row>
      ) : (
        <Stack $gap="s">
          {rolled.words.map((line) => (
            <SentenceText key={line}>{inWords(line, units)}</SentenceText>
          ))}
          <Row>
            <Button look="main" onPress={onNext} autoFocus>
              Next
            </Button>
          </Row>
        </Stack>
      )}
    </Stack>
  );
}

/** In the insights' width, its parts are lines. */
function Habit({ finding, units }: { finding: Finding; units: Units }) {
  return (
    <>
      <DrillResultRow finding={{ ...finding, rows: [] }} units={units} />
      {finding.rows.map((row) => (
        <p key={row.name}>
          {row.name}: {figureWords(row, units)}
          {intervalWords(row, units)}, from {row.n}.
        </p>
      ))}
    </>
  );
}

function Presence({ stands, units }: { stands: QuizProgress; units: Units }) {
  return (
    <MarginWord>
      <h2>
        Level {stands.level} of {stands.levels}
      </h2>
      <p>
        {stands.guesses === 0
          ? 'No answers yet.'
          : `${stands.right} of the last ${Math.min(10, stands.guesses)} right. A level goes up at 8 of 10, down at 5 or fewer.`}
      </p>
      {stands.findings.map((finding) => (
        <Habit key={finding.kind} finding={finding} units={units} />
      ))}
      {stands.findings.length === 0 && <p>How much of the break is read is shown from five answers on.</p>}
    </MarginWord>
  );
}
