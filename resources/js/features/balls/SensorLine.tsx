import styled from 'styled-components';
import { Button, color, QuietText, Row, type } from '../../design';
import type { Units } from '../../units/useUnits';
import type { Sensor } from '../sensors/useSensor';
import { degreeWords } from './ballWords';

const Read = styled.p`
  flex: 1 1 0; min-width: 0; border-left: 3px dashed ${color.edge}; padding: 4px 12px; background: ${color.leaf}; font: 600 1.06rem/1.35 ${type.sans};
`;

/** What the sensor reads of the next ball: it goes with it where the coach says nothing else. */
export function SensorLine({ sensor, units }: { sensor: Sensor; units: Units }) {
  if (!sensor.isOn) {
    return null;
  }
  return (
    <Row $gap="s" style={{ justifyContent: 'space-between' }}>
      <Read role="status" aria-label="Sensor">
        {sensor.measured !== null
          ? `Sensor: ${figureWords(sensor.measured.figures, units)}`
          : sensor.problem !== null
            ? `Sensor: nothing read. ${sensor.problem}`
            : 'Sensor: waiting for a stroke …'}
      </Read>
      <Button look="bare" onPress={() => sensor.turn(false)}>
        Sensor off
      </Button>
    </Row>
  );
}

/** The way to turn it on, among what is rarely wanted. */
export function SensorSwitch({ sensor }: { sensor: Sensor }) {
  return sensor.isOn || sensor.label === null ? null : (
    <Row $gap="s">
      <Button onPress={() => sensor.turn(true)}>Turn on the {sensor.label}</Button>
      <QuietText>It fills in the backstroke and its own figures. What you enter yourself counts first.</QuietText>
    </Row>
  );
}

function figureWords(figures: Readonly<Record<string, number>>, units: Units): string {
  const { backstroke_m, start_deg, face_deg, path_deg, back_s, ball_speed_m_s } = figures;
  return [
    ...(backstroke_m === undefined ? [] : [`${units.show(backstroke_m, 'backstroke')} back`]),
    ...(back_s === undefined ? [] : [`${back_s.toFixed(2)} s`]),
    ...(start_deg === undefined ? [] : [`starts ${degreeWords(start_deg)}`]),
    ...(face_deg === undefined ? [] : [`face ${degreeWords(face_deg)}`]),
    ...(path_deg === undefined ? [] : [`path ${degreeWords(path_deg)}`]),
    ...(ball_speed_m_s === undefined ? [] : [`${ball_speed_m_s.toFixed(2)} m/s`]),
  ].join(', ');
}
