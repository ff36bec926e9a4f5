import { useReducer, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { type HoleDraft, keepRound } from '../../api/queries';
import type { Student } from '../../api/types';
import {
  AnyOf,
  Button,
  color,
  Entry,
  Fold,
  Name,
  OneOf,
  Page,
  Part,
  QuietText,
  Row,
  Stack,
  Title,
  type,
  wide,
} from '../../design';
import { announce } from '../../device/announce';
import { BigChoice } from '../../features/balls/BigChoice';
import { WithStudent } from '../../features/reports/WithStudent';
import { isoDay } from '../../units/dates';
import { METRES_PER_FOOT } from '../../units/length';
import { type Units, useUnitsOf } from '../../units/useUnits';
import { keepDraft, keptRound, type Noted, type Noting, noted } from './roundDraft';

const ComparedSelection = styled.div`
  display: grid; gap: 24px; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr); }
`;

const Holes = styled.ol`
  list-style: none; margin: 0; padding: 0; font: 400 1rem/1.3 ${type.serif}; color: ${color.pencil};
  li { border-bottom: 1px solid ${color.rule}; padding: 8px 0; display: grid; grid-template-columns: 2em minmax(0, 1fr); }
  b { font: 400 0.95rem ${type.sans}; }
`;

/** Notes the putting of a round: a length and the putts, a hole. */
export function RoundScreen() {
  return (
    <WithStudent opening="Loading the round …">
      {(student) => <RoundOf key={student.id} student={student} />}
    </WithStudent>
  );
}

function RoundOf({ student }: { student: Student }) {
  const units = useUnitsOf(student);
  const [noting, note] = useReducer((state: Noting, event: Noted): Noting => {
    const next = noted(state, event);
    keepDraft(student.id, next);
    return next;
  }, keptRound(student.id));
  const last = noting.holes.at(-1);
  return (
    <Page>
      <Stack>
        <Title page={`A round · ${student.name}`}>
          <Name>{student.name}</Name>, hole {noting.holes.length + 1}
        </Title>
        <ComparedSelection>
          <Stack>
            <ThisHole noting={noting} note={note} units={units} />
            {last !== undefined && <LastHole hole={last} number={noting.holes.length} note={note} units={units} />}
          </Stack>
          <Stack>
            <KeepRound student={student} holes={noting.holes} />
            <Part>
              <h2>Holes so far</h2>
              {noting.holes.length === 0 ? (
                <QuietText>No holes yet. A length and the number of putts are enough; the rest is optional.</QuietText>
              ) : (
                <Holes>
                  {noting.holes
                    .map((hole, index) => ({ hole, number: index + 1 }))
                    .reverse()
                    .map(({ hole, number }) => (
                      <li key={number}>
                        <b>{number}</b>
                        <span>{holeWords(hole, units)}</span>
                      </li>
                    ))}
                </Holes>
              )}
            </Part>
          </Stack>
        </ComparedSelection>
      </Stack>
    </Page>
  );
}

interface HoleProps {
  note: (event: Noted) => void;
  units: Units;
}

/** Round first putts in the student's own unit, metres. */
function usualFirsts({ choice }: Units): number[] {
  switch (choice.unit) {
    case 'metres':
      return [1, 1.5, 2.5, 4, 6, 8, 10, 15];
    case 'paces':
      return [1, 2, 3, 5, 7, 10, 14, 20].map((paces) => paces * (choice.paceLength ?? 0.76));
    default:
      return [3, 5, 8, 12, 18, 25, 35, 50].map((feet) => feet * METRES_PER_FOOT);
  }
}

function ThisHole({ noting, note, units }: HoleProps & { noting: Noting }) {
  const [typed, setTyped] = useState('');
  const read = units.read(typed, 'station');
  const usual = usualFirsts(units);
  const chosen = usual.find((metres) => noting.first !== null && Math.abs(metres - noting.first) < 1e-6);
  return (
    <Stack>
      <OneOf
        label="First putt"
        options={usual.map((metres) => ({
          value: String(metres),
          label: units.show(metres, 'station'),
        }))}
        value={chosen === undefined ? null : String(chosen)}
        onChange={(value) => {
          setTyped('');
          note({ type: 'first', metres: Number(value) });
        }}
      />
      <Entry
        label="Other length"
        value={typed}
        onChange={(value) => {
          setTyped(value);
          note({ type: 'first', metres: units.read(value, 'station').metres });
        }}
        suffix={units.suffix('station')}
        error={read.error}
      />
      <strong aria-hidden="true">Putts</strong>
      <BigChoice
        label="Putts"
        options={[1, 2, 3, 4, 0].map((putts) => ({
          value: String(putts),
          label: String(putts),
        }))}
        value={null}
        onPress={(value) => {
          note({ type: 'putts', putts: Number(value) });
          setTyped('');
          announce(`Hole ${noting.holes.length + 1}: ${value} putts`);
        }}
      />
    </Stack>
  );
}

const SIDES = [
  { value: 'short', label: 'Short' },
  { value: 'long', label: 'Long' },
  { value: 'left', label: 'Left' },
  { value: 'right', label: 'Right' },
] as const;

/** What may be added to the hole just noted, and taking it back. */
function LastHole({ hole, number, note, units }: HoleProps & { hole: HoleDraft; number: number }) {
  const [leave, setLeave] = useState('');
  const read = units.read(leave, 'roll');
  return (
    <Part aria-label="Last hole">
      <Row style={{ justifyContent: 'space-between' }}>
        <strong>
          Hole {number}: {holeWords(hole, units)}
        </strong>
        <Button onPress={() => note({ type: 'undo' })} aria-label={`Undo hole ${number}`}>
          Undo
        </Button>
      </Row>
      {hole.putts !== 1 && hole.putts !== 0 && (
        <>
          <OneOf
            label="The first putt missed"
            options={SIDES}
            value={hole.side}
            onChange={(side) => note({ type: 'last', change: { side } })}
          />
          <Fold label="Leave, and the slope">
            <Stack>
              <Entry
                key={number}
                label="It left"
                value={leave}
                onChange={(value) => {
                  setLeave(value);
                  note({ type: 'last', change: { leave_m: units.read(value, 'roll').metres } });
                }}
                suffix={units.suffix('roll')}
                error={read.error}
              />
              <AnyOf
                label="Slope"
                options={[{ value: 'extreme', label: 'Extreme slope: three putts were not a fault' }]}
                values={hole.is_extreme ? ['extreme'] : []}
                onChange={(values) => note({ type: 'last', change: { is_extreme: values.length > 0 } })}
              />
            </Stack>
          </Fold>
        </>
      )}
    </Part>
  );
}

function KeepRound({ student, holes }: { student: Student; holes: HoleDraft[] }) {
  const navigate = useNavigate();
  const [place, setPlace] = useState('');
  const today = isoDay(new Date());
  const [day, setDay] = useState(today);
  return (
    <Part>
      <Row>
        <Button
          look="main"
          isDisabled={holes.length === 0 || day === ''}
          onPress={() => {
            keepRound(student.id, {
              played_on: day,
              place: place.trim() === '' ? null : place.trim(),
              is_from_memory: day !== today,
              holes,
            });
            keepDraft(student.id, null);
            void navigate(`/students/${student.id}/rounds`);
          }}
        >
          Save {holes.length === 1 ? 'this hole' : `these ${holes.length} holes`}
        </Button>
      </Row>
      <Fold label="Where and when">
        <Stack>
          <Entry label="Where" value={place} onChange={setPlace} />
          <Entry
            label="Played on"
            type="date"
            value={day}
            onChange={setDay}
            hint="A round of an earlier day is marked as from memory."
          />
        </Stack>
      </Fold>
    </Part>
  );
}

/** "18 ft, 3 putts, short". */
export function holeWords({ first_m, putts, leave_m, side, is_extreme }: HoleDraft, units: Units): string {
  return [
    first_m === null ? 'length not noted' : units.show(first_m, 'station'),
    putts === null ? null : putts === 1 ? '1 putt' : `${putts} putts`,
    side,
    leave_m === null ? null : `left ${units.show(leave_m, 'roll')}`,
    is_extreme ? 'extreme slope' : null,
  ]
    .filter((part) => part !== null)
    .join(', ');
}
