import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { type AtHand, useDrills, useFittingDrills } from '../../api/queries';
import type { LibraryDrill } from '../../api/types';
import {
  AnyOf,
  Button,
  ButtonLink,
  Entry,
  Head,
  List,
  Notice,
  OneOf,
  Page,
  Pick,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
  Title,
  useFirst,
  wide,
} from '../../design';
import { EQUIPMENT, type EquipmentKind } from '../../lane/equipment';
import { firstWords } from '../../units/format';
import { ANYTHING } from './filters';

const TRAINS = ['any', 'speed', 'start line', 'read', 'feel', 'set-up', 'backstroke', 'strike', 'nerve'] as const;
const PURPOSES = [
  { value: 'any', label: 'Any' },
  { value: 'build', label: 'Learning' },
  { value: 'measure', label: 'Test' },
  { value: 'play', label: 'As on the course' },
  { value: 'pressure', label: 'Pressure' },
  { value: 'warm_up', label: 'Warm-up' },
] as const;
const PLACES = [
  { value: 'any', label: 'Any' },
  { value: 'green', label: 'On a green' },
  { value: 'mat', label: 'On a mat' },
] as const;
const TIMES = [
  { value: 'any', label: 'Any' },
  { value: '5', label: '5 min' },
  { value: '10', label: '10 min' },
  { value: '20', label: '20 min' },
] as const;
const HOLES = [
  { value: 'any', label: 'Any' },
  { value: 'hole', label: 'A hole' },
  { value: 'none', label: 'No hole' },
] as const;
const PEOPLE = [
  { value: 'any', label: 'Any' },
  { value: 'alone', label: 'Alone' },
  { value: 'group', label: 'A group' },
] as const;

const Filters = styled.div`
  display: grid; gap: ${space.s} ${space.m}; grid-template-columns: minmax(0, 1fr); align-items: end;
  ${wide} { grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr) auto; }
  @media (min-width: 22.5em) and (max-width: 56.2em) { grid-template-columns: 1fr 1fr; & > :first-child { grid-column: 1 / -1; } }
`;

/** The drills at hand, by what they train and what is there: time, place, hole, people, kit. */
export function DrillList() {
  const drills = useDrills();
  const [search] = useSearchParams();
  const sessionId = search.get('session');
  const [at, setAt] = useState<AtHand>(ANYTHING);
  const [name, setName] = useState('');
  const [isOpen, setOpen] = useState(false);
  const change = (part: Partial<AtHand>) => setAt({ ...at, ...part });
  const fitting = useFittingDrills(at);
  const isAsked = Object.values(at).some((value) => value !== null);
  const words = name.trim().toLowerCase();
  const fits = ({ drill }: LibraryDrill) =>
    drill.name.toLowerCase().includes(words) && (!isAsked || fitting.data?.keys.includes(drill.key) !== false);
  const [shownOwn, shown] = [(drills.data?.own ?? []).filter(fits), (drills.data?.library ?? []).filter(fits)];
  const found = shown.length + shownOwn.length;
  return (
    <Page>
      <Stack>
        <Head>
          <Title page="Drills">Drills</Title>
          <Row>
            <ButtonLink to="/drills/new">New drill</ButtonLink>
            <ButtonLink look="bare" to="/drills/files">
              Export and import
            </ButtonLink>
          </Row>
        </Head>
        {drills.isError && drills.data === undefined && <Notice kind="wrong">{drills.error.message}</Notice>}
        {isAsked && fitting.isError && (
          <Notice>The filters need the server. All drills are shown. {fitting.error.message}</Notice>
        )}
        <Filters>
          <Entry label="Search by name" value={name} onChange={setName} />
          <Pick
            label="Trains"
            options={TRAINS.map((value) => ({ value, label: value === 'any' ? 'Any' : value }))}
            value={at.trained === null ? 'any' : (at.trained as (typeof TRAINS)[number])}
            onChange={(value) => change({ trained: value === 'any' ? null : value })}
          />
          <Pick
            label="Time"
            options={TIMES}
            value={at.minutes === null ? 'any' : (String(at.minutes) as '5' | '10' | '20')}
            onChange={(value) => change({ minutes: value === 'any' ? null : Number(value) })}
          />
          <Button look="bare" aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>
            {isOpen ? 'Fewer filters' : 'More filters'}
          </Button>
        </Filters>
        {isOpen && (
          <Stack>
            <OneOf
              label="Purpose"
              options={PURPOSES}
              value={at.purpose ?? 'any'}
              onChange={(value) => change({ purpose: value === 'any' ? null : value })}
            />
            <Row $gap="l">
              <OneOf
                label="Place"
                options={PLACES}
                value={at.place ?? 'any'}
                onChange={(value) => change({ place: value === 'any' ? null : value })}
              />
              <OneOf
                label="Target"
                options={HOLES}
                value={at.hole === null ? 'any' : at.hole === 'yes' ? 'hole' : 'none'}
                onChange={(value) => change({ hole: value === 'any' ? null : value === 'hole' ? 'yes' : 'no' })}
              />
              <OneOf
                label="Players"
                options={PEOPLE}
                value={at.people ?? 'any'}
                onChange={(value) => change({ people: value === 'any' ? null : value })}
              />
            </Row>
            <AnyOf<EquipmentKind>
              label="Equipment available, besides balls"
              options={EQUIPMENT}
              values={(at.bag as readonly EquipmentKind[] | null) ?? EQUIPMENT.map(({ value }) => value)}
              onChange={(bag) => change({ bag })}
            />
            <Row>
              <Button onPress={() => change({ bag: [] })}>Only balls</Button>
              <Button look="bare" onPress={() => setAt(ANYTHING)}>
                Any equipment
              </Button>
            </Row>
          </Stack>
        )}
        <QuietText role="status">
          {drills.isPending
            ? 'Loading the drills …'
            : `${found} of ${drills.data === undefined ? 0 : drills.data.library.length + drills.data.own.length} drills match.`}
        </QuietText>
        {drills.isSuccess && found === 0 && (
          <SentenceText>No drill matches. Allow more time, another place or more equipment.</SentenceText>
        )}
        <DrillLines drills={shown} own={shownOwn} sessionId={sessionId} />
      </Stack>
    </Page>
  );
}

interface DrillLinesProps {
  /** Those that ship with Amble. */
  drills: readonly LibraryDrill[];
  /** The coach's own: they come first. */
  own: readonly LibraryDrill[];
  /** The session a drill is chosen for; null when only looking. */
  sessionId: string | null;
}

/** A drill a row: its name, what it trains, its minutes and its equipment. Its picture is on its own page. */
function DrillLines({ drills, own, sessionId }: DrillLinesProps) {
  const { shown, more } = useFirst([...own, ...drills]);
  return (
    <>
      <List data-many>
        {shown.map(({ drill, kit }) => (
          <li key={drill.key}>
            <Link
              to={sessionId === null ? `/drills/${drill.key}` : `/sessions/${sessionId}/drills/${drill.key}`}
              aria-label={drill.name}
            >
              <strong>{drill.name}</strong>
              <small>
                {firstWords(
                  [
                    own.some((each) => each.drill.key === drill.key) ? 'yours' : undefined,
                    drill.trains?.slice(0, MOST_SKILLS).join(', '),
                    kit
                      .filter(({ words }) => words !== 'balls')
                      .slice(0, MOST_PIECES)
                      .map(({ words }) => words)
                      .join(', '),
                    drill.group === true ? 'group' : undefined,
                  ]
                    .filter(Boolean)
                    .join(' · '),
                  MOST_WORDS,
                )}
              </small>
            </Link>
            {drill.minutes !== undefined && <strong>{drill.minutes} min</strong>}
          </li>
        ))}
      </List>
      {more}
    </>
  );
}

/** Skills it trains, and pieces of equipment besides balls, named in a row. */
const [MOST_SKILLS, MOST_PIECES] = [2, 1];
/** Words of a row beside the name. */
const MOST_WORDS = 8;
