import { memo, useCallback, useState } from 'react';
import { useSearchParams } from 'react-router';
import { ApiError, fieldError } from '../../api/api';
import { useRead, useToday } from '../../api/queries';
import type { Green, PuttSituation, Student, Today } from '../../api/types';
import { Columns, EditList, FoldRow, isNarrow, Notice, Page, Part, Stack, Waiting } from '../../design';
import { ReadingHints } from '../../lane/ReadingHints';
import { useUnits } from '../../units/useUnits';
import { Ground } from './Ground';
import { LengthEntry } from './LengthEntry';
import { Measured } from './Measured';
import { firstPutt } from './puttEntry';
import { ReadLane } from './ReadLane';
import { ReadText, RealWidths, Slips, slipsWords, WindowChart } from './ReadText';
import { RollOrChipForm } from './RollOrChip';
import { SavedReads } from './SavedReads';
import { SlopeEntry } from './SlopeEntry';
import { StudentAndGreen } from './StudentAndGreen';

const SlipsOf = memo(Slips);
const WindowOf = memo(WindowChart);
const SaidOf = memo(ReadText);

/** The reader: one putt, said as a coach finds it, drawn and told. */
export function GreenReadingScreen() {
  const today = useToday();
  return today.data === undefined ? (
    <Page>{today.isError ? <Notice kind="wrong">{today.error.message}</Notice> : <Waiting>Loading …</Waiting>}</Page>
  ) : (
    <Reader today={today.data} />
  );
}

function Reader({ today }: { today: Today }) {
  const units = useUnits();
  const [search, setSearch] = useSearchParams();
  const student = today.students.find(({ id }) => id === search.get('student')) ?? null;
  const green = today.greens.find(({ id }) => id === search.get('green')) ?? null;
  const [putt, setPutt] = useState(() =>
    asked(search, firstPutt(student?.finish_past_m ?? 0.3, green?.reading?.speed_m ?? null)),
  );
  const read = useRead(putt, student?.id ?? null, green?.surface ?? null);
  const look = read.data;
  const isInHand = isNarrow();
  const errorOf = (field: string) => fieldError(read.error, field);
  const choose = useCallback(
    (name: string, id: string | undefined) =>
      setSearch(
        (now) => {
          now.delete(name);
          if (id !== undefined) {
            now.set(name, id);
          }
          return now;
        },
        { replace: true },
      ),
    [setSearch],
  );
  const toStudent = useCallback(
    (one: Student | null) => {
      choose('student', one?.id);
      if (one !== null) {
        setPutt((now) => ({ ...now, pace_m: one.finish_past_m }));
      }
    },
    [choose],
  );
  const toGreen = useCallback(
    (one: Green | null) => {
      choose('green', one?.id);
      const speed = one?.reading?.speed_m;
      if (speed != null) {
        setPutt((now) => ({ ...now, speed_m: speed }));
      }
    },
    [choose],
  );
  return (
    <Page data-margin>
      <Stack>
        <StudentAndGreen
          students={today.students}
          greens={today.greens}
          student={student}
          green={green}
          onStudent={toStudent}
          onGreen={toGreen}
        />
        {green !== null && <SavedReads green={green} putt={putt} onOpen={setPutt} units={units} />}
        {read.error !== null && !isOfFields(read.error) && <Notice kind="wrong">{read.error.message}</Notice>}
        {look === undefined ? (
          <Waiting>Calculating …</Waiting>
        ) : (
          <ReadLane look={look} putt={putt} onChange={setPutt} units={units} isUpright={isInHand} />
        )}
        {look !== undefined && isInHand && <SaidOf look={look} units={units} whose={student?.name ?? null} />}
        <Columns>
          <Stack $gap="s">
            <Columns style={{ gridTemplateColumns: '1fr 1fr', gap: 12 }}>
              <LengthEntry
                label="Length"
                kind="roll"
                metres={putt.length_m}
                onChange={(metres) => metres !== null && setPutt({ ...putt, length_m: metres })}
                units={units}
                error={errorOf('length_m')}
              />
              <LengthEntry
                label="Finish past the hole"
                kind="roll"
                metres={putt.pace_m}
                onChange={(metres) => setPutt({ ...putt, pace_m: metres ?? 0 })}
                units={units}
                error={errorOf('pace_m')}
              />
              <Measured
                label="Green speed"
                suffix={units.speedSuffix}
                value={Number(units.speedText(putt.speed_m))}
                onChange={(speed) => setPutt({ ...putt, speed_m: units.readSpeed(String(speed)) ?? putt.speed_m })}
                error={errorOf('speed_m')}
              />
            </Columns>
            <Ground putt={putt} onChange={setPutt} units={units} errorOf={errorOf} />
          </Stack>
          <SlopeEntry putt={putt} look={look} onChange={setPutt} units={units} errorOf={errorOf} />
        </Columns>
        {look !== undefined && (
          <EditList aria-label="More of this putt">
            <FoldRow label="What does an error cost from here?" summary={slipsWords(look, units)}>
              <SlipsOf look={look} units={units} />
            </FoldRow>
            <FoldRow label="Which starts would drop?" summary="">
              <WindowOf look={look} />
            </FoldRow>
            <FoldRow label="Other targets from here" summary="">
              <RealWidths look={look} units={units} />
            </FoldRow>
            <RollOrChipForm student={student?.id ?? null} units={units} />
            <FoldRow label="What to look for" summary="">
              <ReadingHints green={green?.id ?? null} student={student?.id ?? null} />
            </FoldRow>
          </EditList>
        )}
      </Stack>
      {!isInHand && (
        <Part aria-label="In words">
          {look !== undefined && <SaidOf look={look} units={units} whose={student?.name ?? null} />}
        </Part>
      )}
    </Page>
  );
}

/** Whether what was refused is said at its fields. */
function isOfFields(error: Error): boolean {
  return error instanceof ApiError && Object.keys(error.fields).length > 0;
}

/** A putt that was asked for by the address: a station's. */
function asked(search: URLSearchParams, putt: PuttSituation): PuttSituation {
  const number = (name: string) => {
    const value = Number(search.get(name));
    return search.has(name) && Number.isFinite(value) ? value : null;
  };
  const length = number('length');
  return length === null
    ? putt
    : {
        ...putt,
        length_m: length,
        slope: { by: 'grades', along_percent: number('along') ?? 0, across_percent: number('across') ?? 0 },
      };
}
