import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { OutboxNotices } from '../balls/OutboxNotices';
import {
  Button,
  ButtonLink,
  Columns,
  Entry,
  Margin,
  MarginWord,
  Page,
  Part,
  Quiet,
  Row,
  Stack,
  TableFrame,
  Title,
} from '../design';
import { SetOutLane } from '../lane/SetOutLane';
import { useLog } from '../server/useOutbox';
import { asSaid, formatPaces, METRES_PER_FOOT, USUAL_PACE } from '../units/length';
import { outsideLimits } from '../units/limits';
import { slopeWords } from '../units/slope';
import { useUnits } from '../units/useUnits';
import type { WaypointProps } from '../walk/walk';

/** Usual stations to add at one touch, in the coach's unit. */
const USUAL = { feet: [6, 12, 18, 24, 30], metres: [2, 4, 6, 8, 10], paces: [3, 5, 7, 9, 12] } as const;

/** Which lengths to putt from, how many paces each is, and on what slope. */
export function SetOut({ session }: WaypointProps) {
  const units = useUnits();
  const log = useLog(session);
  // With keys at hand a length can be typed at once; on a phone that would raise its keyboard.
  const [hasKeys] = useState(() => window.matchMedia('(pointer: fine)').matches);
  const [length, setLength] = useState('');
  const [grade, setGrade] = useState('');
  const [lengthError, setLengthError] = useState<string | null>(null);
  const [gradeError, setGradeError] = useState<string | null>(null);
  const stations = [...session.stations].sort((a, b) => a.length_m - b.length_m);
  const unitMetres = { feet: METRES_PER_FOOT, metres: 1, paces: units.choice.paceLength ?? USUAL_PACE }[
    units.choice.unit
  ];

  const add = (typed: string, typedGrade: string) => {
    const read = units.read(typed, 'station');
    const percent =
      typedGrade.trim() === '' ? null : Number(typedGrade.trim().replace(',', '.').replace('%', ''));
    const badGrade = percent !== null && Number.isNaN(percent);
    const lengthProblem =
      read.metres === null
        ? (read.error ?? 'Type how far this station is from the target.')
        : outsideLimits(read.metres, 'station');
    const gradeProblem = badGrade
      ? `“${typedGrade.trim()}” is not a slope. Type 2 for 2 % uphill, -1 for downhill.`
      : outsideLimits(percent, 'grade');
    setLengthError(lengthProblem);
    setGradeError(gradeProblem);
    if (read.metres === null || lengthProblem !== null || gradeProblem !== null) {
      return;
    }
    const station = {
      length_m: read.metres,
      said: asSaid(typed, 'station', units.choice),
      grade_percent: percent,
    };
    setLength('');
    setGrade('');
    void log.setStation(station);
  };

  return (
    <Page data-margin>
      <Stack $gap="l">
        <Title page={`Set out · ${session.student?.name ?? 'A session'}`}>Where to putt from</Title>
        <OutboxNotices log={log} words={() => ''} />
        <SetOutLane stations={stations} units={units} />
        <Part>
          <h2>Add a station</h2>
          <Row aria-label="Usual lengths" role="group">
            {USUAL[units.choice.unit].map((usual) => (
              <Button
                key={usual}
                onPress={() => add(String(usual), '')}
                isDisabled={stations.some(
                  (station) =>
                    Math.abs(station.length_m - usual * unitMetres) < 0.005 &&
                    (station.grade_percent ?? 0) === 0,
                )}
              >
                {usual} {units.suffix('station')}
              </Button>
            ))}
          </Row>
          <Columns>
            <Entry
              label="Distance from the target"
              value={length}
              onChange={setLength}
              onEnter={() => add(length, grade)}
              autoFocus={hasKeys}
              suffix={units.suffix('station')}
              error={lengthError}
            />
            <Entry
              label="Slope, if it has one"
              value={grade}
              onChange={setGrade}
              onEnter={() => add(length, grade)}
              suffix="%"
              hint="Uphill to the target is positive: 2. Downhill is negative: -1."
              error={gradeError}
            />
          </Columns>
          <Row>
            <Button onPress={() => add(length, grade)}>Add this station</Button>
          </Row>
        </Part>
        <Part>
          <h2>Stations</h2>
          {stations.length === 0 ? (
            <Quiet>
              No stations yet. Balls can also be rolled at nothing in particular, to see what a backstroke
              does.
            </Quiet>
          ) : (
            <TableFrame>
              <table>
                <thead>
                  <tr>
                    <th scope="col">From the target</th>
                    <th scope="col">Stepped out</th>
                    <th scope="col">Slope</th>
                    <th scope="col">
                      <span hidden>Remove</span>
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {stations.map((station) => (
                    <tr key={`${station.length_m} ${station.grade_percent}`}>
                      <th scope="row">
                        {units.show(station.length_m, 'station')}
                        {station.said !== units.show(station.length_m, 'station') && (
                          <Quiet style={{ fontWeight: 'normal' }}>said: {station.said}</Quiet>
                        )}
                      </th>
                      <td>{formatPaces(station.length_m, units.choice)}</td>
                      <td>{slopeWords(station.grade_percent)}</td>
                      <td>
                        <Button
                          look="bare"
                          aria-label={`Remove the station at ${units.show(station.length_m, 'station')}`}
                          onPress={() => void log.removeStation(station.id)}
                        >
                          <Trash2 size={20} aria-hidden="true" />
                        </Button>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </TableFrame>
          )}
        </Part>
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/roll`}>
            On to rolling
          </ButtonLink>
          <ButtonLink to={`/drills?session=${session.id}`}>Choose a drill</ButtonLink>
        </Row>
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>Your pace</h2>
          <p>
            {units.choice.paceLength === null
              ? 'Nobody has measured your pace yet, so an average one is used. Walk ten paces along a tape and put it under Settings.'
              : `Paces are yours: ${Math.round(units.choice.paceLength * 100)} cm each.`}
          </p>
        </MarginWord>
        <MarginWord>
          <h2>Leave a tee</h2>
          <p>
            Knowing the length of a putt is half of judging it. Step from the target and leave a tee or a disc
            at each station.
          </p>
        </MarginWord>
      </Margin>
    </Page>
  );
}
