import { useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import {
  Columns,
  Fold,
  isNarrow,
  Notice,
  Page,
  Part,
  Pick,
  Quiet,
  Row,
  Stack,
  space,
  Title,
  wide,
} from '../design';
import { fieldError } from '../server/api';
import { useBench, useRead } from '../server/queries';
import type { Bench, SaidPutt } from '../server/types';
import { useUnits } from '../units/useUnits';
import { Ground } from './Ground';
import { KeptReads } from './KeptReads';
import { LengthEntry } from './LengthEntry';
import { Measured } from './Measured';
import { ReadLane } from './ReadLane';
import { ReadSaid, RealWidths, Slips, WindowChart } from './ReadSaid';
import { SlopeEntry } from './SlopeEntry';
import { firstPutt } from './said';

/** The reader: one putt, said as a coach finds it, drawn and told. */
export function ReaderScreen() {
  const bench = useBench();
  return bench.data === undefined ? (
    <Page>{bench.isError ? <Notice kind="wrong">{bench.error.message}</Notice> : <p>Opening …</p>}</Page>
  ) : (
    <Reader bench={bench.data} />
  );
}

/** What is read and for whom, in one line where there is room. */
const Top = styled.div`
  display: grid; gap: ${space.s} ${space.m}; align-items: end; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) minmax(0, 1fr); }
`;

const NOBODY = 'nobody';
const ANY = 'any';

function Reader({ bench }: { bench: Bench }) {
  const units = useUnits();
  const [search, setSearch] = useSearchParams();
  const student = bench.students.find(({ id }) => id === search.get('student')) ?? null;
  const green = bench.greens.find(({ id }) => id === search.get('green')) ?? null;
  const [putt, setPutt] = useState(() =>
    asked(search, firstPutt(student?.target_pace_m ?? 0.3, green?.reading?.speed_m ?? null)),
  );
  const read = useRead(putt, student?.id ?? null, green?.surface ?? null);
  const look = read.data;
  const isInHand = isNarrow();
  const errorOf = (field: string) => fieldError(read.error, field);
  const chosen = (name: string, value: string, none: string) => {
    search.delete(name);
    if (value !== none) {
      search.set(name, value);
    }
    setSearch(search, { replace: true });
  };
  return (
    <Page data-margin>
      <Stack>
        <Top>
          <Title page="Reader">Read a putt</Title>
          <Pick
            label="For"
            options={[
              { value: NOBODY, label: 'Nobody in particular' },
              ...bench.students.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            value={student?.id ?? NOBODY}
            onChange={(id) => {
              chosen('student', id, NOBODY);
              const pace = bench.students.find((one) => one.id === id)?.target_pace_m;
              if (pace !== undefined) {
                setPutt({ ...putt, pace_m: pace });
              }
            }}
          />
          <Pick
            label="Green"
            options={[
              { value: ANY, label: 'Any green' },
              ...bench.greens.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            value={green?.id ?? ANY}
            onChange={(id) => {
              chosen('green', id, ANY);
              const speed = bench.greens.find((one) => one.id === id)?.reading?.speed_m;
              if (speed != null) {
                setPutt({ ...putt, speed_m: speed });
              }
            }}
          />
        </Top>
        {green !== null && <KeptReads green={green} putt={putt} onOpen={setPutt} units={units} />}
        {read.isError && Object.keys((read.error as { fields?: object }).fields ?? {}).length === 0 && (
          <Notice kind="wrong">{read.error.message}</Notice>
        )}
        {look === undefined ? (
          <p>Reading …</p>
        ) : (
          <ReadLane look={look} putt={putt} onChange={setPutt} units={units} isUpright={isInHand} />
        )}
        {look !== undefined && isInHand && (
          <ReadSaid look={look} units={units} whose={student?.name ?? null} />
        )}
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
                label="Pace: past the hole"
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
                onChange={(speed) =>
                  setPutt({ ...putt, speed_m: units.readSpeed(String(speed)) ?? putt.speed_m })
                }
                error={errorOf('speed_m')}
              />
            </Columns>
            <Ground putt={putt} onChange={setPutt} units={units} errorOf={errorOf} />
          </Stack>
          <SlopeEntry putt={putt} look={look} onChange={setPutt} units={units} errorOf={errorOf} />
        </Columns>
        {look !== undefined && (
          <Columns>
            <Slips look={look} units={units} />
            <WindowChart look={look} />
          </Columns>
        )}
      </Stack>
      <Part aria-label="In words">
        {look !== undefined && (
          <>
            {!isInHand && <ReadSaid look={look} units={units} whose={student?.name ?? null} />}
            <Fold label="Other targets from here">
              <RealWidths look={look} units={units} />
            </Fold>
            <Row>
              <Quiet>
                Computed for a rolling ball on even ground; real turf is lumpier. A rim-out is not drawn: what
                catches the hole drops.
              </Quiet>
            </Row>
          </>
        )}
      </Part>
    </Page>
  );
}

/** A putt that was asked for by the address: a station's. */
function asked(search: URLSearchParams, putt: SaidPutt): SaidPutt {
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
