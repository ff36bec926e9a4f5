import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useDrills } from '../app/queries';
import type { Drill } from '../app/types';
import { useUnits } from '../app/useUnits';
import { color, Notice, OneOf, Page, Quiet, Row, Said, Stack } from '../design';
import { ruleWords } from './drillWords';

const TRAINS = ['any', 'speed', 'start line', 'read', 'feel', 'set-up', 'backstroke', 'nerve'] as const;
const PLACES = [
  { value: 'any', label: 'Anywhere' },
  { value: 'green', label: 'On a green' },
  { value: 'mat', label: 'On a mat' },
] as const;
const TIMES = [
  { value: 'any', label: 'Any time' },
  { value: '5', label: '5 min' },
  { value: '10', label: '10 min' },
  { value: '20', label: '20 min' },
] as const;

type Place = (typeof PLACES)[number]['value'];
type Time = (typeof TIMES)[number]['value'];
type Trained = (typeof TRAINS)[number];

const Lines = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; gap: 2px; padding: 12px 0; border-bottom: 1px solid ${color.rule}; }
  a { font-weight: 700; font-size: 1.1rem; min-height: 32px; display: inline-flex; align-items: center; }
`;

/** The drills at hand, by what they train, where, and how long there is. */
export function DrillList() {
  const drills = useDrills();
  const units = useUnits();
  const [trained, setTrained] = useState<Trained>('any');
  const [place, setPlace] = useState<Place>('any');
  const [time, setTime] = useState<Time>('any');
  const all: Drill[] = [
    ...(drills.data?.own.map(({ drill }) => drill) ?? []),
    ...(drills.data?.library ?? []),
  ];
  const shown = all.filter((drill) => fits(drill, trained, place, time));
  return (
    <Page>
      <Stack $gap="l">
        <h1>Drills</h1>
        {drills.isError && <Notice kind="wrong">{drills.error.message}</Notice>}
        <OneOf
          label="To train"
          options={TRAINS.map((value) => ({ value, label: value === 'any' ? 'Anything' : value }))}
          value={trained}
          onChange={setTrained}
        />
        <Row $gap="l">
          <OneOf label="Where" options={PLACES} value={place} onChange={setPlace} />
          <OneOf label="Time at hand" options={TIMES} value={time} onChange={setTime} />
        </Row>
        <Quiet role="status">
          {drills.isPending ? 'Fetching the drills …' : `${shown.length} of ${all.length} drills fit.`}
        </Quiet>
        {drills.isSuccess && shown.length === 0 && (
          <Said>None fits all three. Give it more time, or another place.</Said>
        )}
        <Lines>
          {shown.map((drill) => (
            <li key={drill.key}>
              <Link to={`/drills/${drill.key}`}>{drill.name}</Link>
              <span>{ruleWords(drill, units)}</span>
              <Quiet>
                {[drill.trains?.join(', '), `${drill.minutes ?? '?'} min`, drill.kit?.join(', ')]
                  .filter(Boolean)
                  .join(' · ')}
              </Quiet>
            </li>
          ))}
        </Lines>
      </Stack>
    </Page>
  );
}

function fits(drill: Drill, trained: Trained, place: Place, time: Time): boolean {
  return (
    (trained === 'any' || (drill.trains ?? []).includes(trained)) &&
    (place === 'any' || (drill.places ?? []).includes(place)) &&
    (time === 'any' || (drill.minutes ?? 0) <= Number(time))
  );
}
