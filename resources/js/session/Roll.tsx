import { Undo2 } from 'lucide-react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { BallList } from '../balls/BallList';
import { BallSheet } from '../balls/BallSheet';
import { STOPS } from '../balls/ballWords';
import { OutboxNotices } from '../balls/OutboxNotices';
import {
  Button,
  ButtonLink,
  color,
  Entry,
  Margin,
  MarginWord,
  Notice,
  OneOf,
  Page,
  Quiet,
  Row,
  Stack,
  space,
  touch,
  wide,
} from '../design';
import { KeySheet } from '../device/KeySheet';
import { useWakeLock } from '../device/useWakeLock';
import { StopLane } from '../lane/StopLane';
import type { ShownPutt } from '../server/useOutbox';
import { slopeWords } from '../units/slope';
import { useUnits } from '../units/useUnits';
import type { WaypointProps } from '../walk/walk';
import { useRolling } from './useRolling';

const Bench = styled.div`
  display: grid; gap: ${space.m}; align-items: start;
  ${wide} { grid-template-columns: minmax(300px, 1fr) minmax(280px, 360px); gap: ${space.l}; }
`;

const Backs = styled(RadioGroup)`
  display: flex; flex-wrap: wrap; gap: 6px;
  label {
    display: grid; place-items: center; min-width: 56px; min-height: ${touch}; padding: 0 10px; cursor: pointer;
    border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf}; font-size: 1.1rem; white-space: nowrap;
  }
  label[data-selected] { border: 2.5px solid ${color.ink}; background: ${color.copperWash}; font-weight: 700; }
`;

const Last = styled.div`
  display: flex; align-items: center; justify-content: space-between; gap: ${space.s}; min-height: 56px;
  padding: 4px 4px 4px 14px; border: 1.5px solid ${color.rule}; border-radius: 6px; background: ${color.leaf};
`;

/** Log as balls roll: backstroke stays at the last one, the lane takes where it stopped. */
export function Roll({ session }: WaypointProps) {
  const units = useUnits();
  const rolling = useRolling(session, units);
  useWakeLock();
  const { log, station } = rolling;
  const last = log.putts.at(-1);
  return (
    <Page data-margin>
      <Stack>
        <h1>
          {station === null ? 'Roll, with no target' : `From ${units.show(station.length_m, 'station')}`}
        </h1>
        {!session.reading_is_of_the_day && (
          <Notice>
            {session.reading === null ? 'No green speed yet.' : 'This green was not measured today.'} Balls
            are kept all the same, and tell of the stroke once it is.{' '}
            <ButtonLink look="bare" to={`/sessions/${session.id}/green`}>
              Measure the green
            </ButtonLink>
          </Notice>
        )}
        {session.run_id !== null && session.ended_at === null && (
          <Row>
            <ButtonLink to={`/sessions/${session.id}/drill/${session.run_id}`}>
              Go on with the drill
            </ButtonLink>
          </Row>
        )}
        <OutboxNotices log={log} words={rolling.words} />
        {session.stations.length > 0 && (
          <OneOf
            label="Station"
            isLabelHidden
            options={[
              ...rolling.stations.map((each, index) => ({
                value: String(index),
                label: `${units.show(each.length_m, 'station')}${each.grade_percent === null || each.grade_percent === 0 ? '' : `, ${slopeWords(each.grade_percent)}`}`,
              })),
              { value: 'open', label: 'No target' },
            ]}
            value={rolling.stationKey}
            onChange={rolling.chooseStation}
          />
        )}
        <Bench>
          <StopLane
            target={station?.length_m ?? null}
            putts={rolling.puttsHere}
            units={units}
            onStop={rolling.touchStop}
          />
          <Stack>
            <Backs
              aria-label="Backstroke"
              value={rolling.backstrokeText}
              onChange={rolling.setBackstrokeText}
              orientation="horizontal"
            >
              {rolling.recentBackstrokes.map((text) => (
                <Radio key={text} value={text}>
                  {text} {units.suffix('backstroke')}
                </Radio>
              ))}
            </Backs>
            {last !== undefined && (
              <Last role="status">
                <span>
                  Ball {log.putts.length}: {rolling.words(last)}
                  {last.isWaiting ? ' (not sent yet)' : ''}
                </span>
                <Button aria-label={`Undo ball ${log.putts.length}`} onPress={() => void log.undo(last.id)}>
                  <Undo2 size={20} aria-hidden="true" /> Undo
                </Button>
              </Last>
            )}
            <Row style={{ flexWrap: 'nowrap', alignItems: 'start' }} data-keys>
              <Entry
                label="Backstroke"
                value={rolling.backstrokeText}
                onChange={rolling.setBackstrokeText}
                onEnter={rolling.focusRoll}
                inputMode="decimal"
                inputRef={rolling.backstrokeRef}
                suffix={units.suffix('backstroke')}
                error={rolling.errors.backstroke}
              />
              <Entry
                label="Roll"
                value={rolling.rollText}
                onChange={rolling.setRollText}
                onEnter={rolling.enterRoll}
                inputMode="decimal"
                inputRef={rolling.rollRef}
                autoFocus={rolling.hasKeys}
                suffix={units.suffix('roll')}
                error={rolling.errors.roll}
              />
            </Row>
            <OneOf label="It stopped" options={STOPS} value={rolling.stop} onChange={rolling.chooseStop} />
            {rolling.stop === 'holed' ? (
              <Row>
                <Button look="main" onPress={rolling.logHoled}>
                  Holed: log it
                </Button>
                <Quiet>Or touch how far it would have rolled, if you can judge it.</Quiet>
              </Row>
            ) : (
              <Row>
                <Button look="main" onPress={rolling.enterRoll}>
                  Log this ball
                </Button>
              </Row>
            )}
            {log.waitingCount > 0 && (
              <Quiet role="status">
                {log.waitingCount} not sent yet. Kept on this device, sent when the server answers.
              </Quiet>
            )}
          </Stack>
        </Bench>
        <BallList putts={log.putts} words={rolling.words} onOpen={rolling.open} />
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/look-back`}>
            Look back
          </ButtonLink>
          <KeySheet keys={rolling.keys} />
        </Row>
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>Backstroke and roll</h2>
          <p>
            Backstroke is how far the putter head goes back from the ball. The same unhurried through-stroke
            each time: not hitting harder.
          </p>
        </MarginWord>
        <MarginWord>
          <h2>A good start</h2>
          <p>Three balls at each of three or four backstrokes, rolled to open ground.</p>
        </MarginWord>
      </Margin>
      {rolling.opened !== null && (
        <BallSheet
          key={rolling.opened.id}
          putt={rolling.opened}
          sessionId={session.id}
          units={units}
          onKeep={(ball) => {
            void log.correctPutt((rolling.opened as ShownPutt).id, ball);
            rolling.open(null);
          }}
          onStrike={() => {
            void log.undo((rolling.opened as ShownPutt).id);
            rolling.open(null);
          }}
          onClose={() => rolling.open(null)}
        />
      )}
    </Page>
  );
}
