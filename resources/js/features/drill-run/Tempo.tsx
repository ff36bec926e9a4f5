import { useState } from 'react';
import styled from 'styled-components';
import { useSaveStudent } from '../../api/queries';
import type { Student } from '../../api/types';
import { Button, color, Fold, QuietText, Row, Stack, type } from '../../design';
import { useMetronome } from './useMetronome';

const USUAL_BPM = 76;
const [SLOWEST, FASTEST] = [30, 160];
const HOLD_BEATS = 3;

/** The beat to be seen: the head goes back on one, and is at the ball on two. */
const Swing = styled.svg`
  display: block; width: 100%; max-width: 340px; height: 48px;
  circle { transition: transform 60ms; }
  text { font: 400 13px ${type.sans}; fill: ${color.pencil}; }
`;

const Bpm = styled.output`
  font: 700 1.4rem ${type.sans}; min-width: 2.6em; text-align: center; white-space: nowrap;
  small { font-size: 0.85rem; font-weight: 400; }
`;

interface TempoProps {
  /** Whose tempo it is; null while nobody is chosen. */
  student: Student | null;
  rehearsals: number;
  onRehearsals: (count: number) => void;
}

/** A metronome at the student's own tempo, a count for the hold, and a tally of rehearsals. */
export function Tempo({ student, rehearsals, onRehearsals }: TempoProps) {
  const [bpm, setBpm] = useState(student?.tempo_bpm ?? USUAL_BPM);
  const [isSilent, setSilent] = useState(false);
  const keep = useSaveStudent();
  const beat = useMetronome(bpm, isSilent);
  const own = student?.tempo_bpm ?? null;
  const change = (by: number) => setBpm(Math.min(FASTEST, Math.max(SLOWEST, bpm + by)));
  return (
    <Fold
      label={`Tempo and routine${own === null ? '' : `: ${own} beats a minute`}${rehearsals === 0 ? '' : ` · ${rehearsals} rehearsed`}`}
    >
      <Stack $gap="s">
        <Row>
          <Button onPress={beat.isRunning ? beat.stop : beat.start} look="main">
            {beat.isRunning ? 'Stop the beat' : 'Start the beat'}
          </Button>
          <Row style={{ flexWrap: 'nowrap' }}>
            <Button aria-label="Slower" onPress={() => change(-2)}>
              −
            </Button>
            <Bpm>
              {bpm} <small>a minute</small>
            </Bpm>
            <Button aria-label="Faster" onPress={() => change(2)}>
              +
            </Button>
          </Row>
          <Button onPress={() => setSilent(!isSilent)} aria-pressed={isSilent}>
            {isSilent ? 'Sound is off' : 'Sound is on'}
          </Button>
          {student !== null && own !== bpm && (
            <Button
              look="bare"
              isPending={keep.isPending}
              onPress={() => {
                const { id, ...card } = student;
                keep.mutate({ id, draft: { ...card, tempo_bpm: bpm } });
              }}
            >
              Save as {student.name}’s
            </Button>
          )}
        </Row>
        <Swing viewBox="0 0 340 48" role="img" aria-label={beat.count === null ? 'No beat' : `Beat: ${beat.side}`}>
          <line x1={40} x2={300} y1={20} y2={20} stroke={color.edge} strokeWidth={2} />
          <text x={40} y={44} textAnchor="middle">
            back
          </text>
          <text x={300} y={44} textAnchor="middle">
            to the ball
          </text>
          {beat.count !== null && <circle cx={beat.side === 'back' ? 40 : 300} cy={20} r={15} fill={color.ink} />}
        </Swing>
        <Row>
          <Button onPress={() => beat.hold(HOLD_BEATS)}>Time the finish</Button>
          <Bpm aria-live="polite" aria-label="Hold count">
            {beat.held === null ? '' : `${beat.held} of ${HOLD_BEATS}`}
          </Bpm>
          <Button onPress={() => onRehearsals(Math.min(20, rehearsals + 1))}>Rehearsal</Button>
          <Bpm aria-label="Rehearsals before the next ball">{rehearsals}</Bpm>
          {rehearsals > 0 && (
            <Button look="bare" onPress={() => onRehearsals(0)}>
              Reset
            </Button>
          )}
        </Row>
        <QuietText>
          One beat back, one beat to the ball, the same at every distance. Rehearsals are saved with the next ball.
        </QuietText>
        {keep.isError && <QuietText role="alert">{keep.error.message}</QuietText>}
      </Stack>
    </Fold>
  );
}
