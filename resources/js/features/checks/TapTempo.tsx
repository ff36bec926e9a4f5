import { useState } from 'react';
import { Button, QuietText, Row } from '../../design';
import { FEWEST, tapped, tempoOf } from './taps';

/** Tapping along with a stroke: once as the putter starts back, once at contact. */
export function TapTempo({ onTempo }: { onTempo: (bpm: number) => void }) {
  const [taps, setTaps] = useState<readonly number[]>([]);
  const tap = () => {
    const next = tapped(taps, performance.now());
    setTaps(next);
    const bpm = tempoOf(next);
    if (bpm !== null) {
      onTempo(bpm);
    }
  };
  return (
    <Row>
      <Button onPressStart={tap}>Tap the tempo</Button>
      <QuietText role="status">
        {taps.length === 0
          ? 'Tap back, contact, back, contact: the tempo is filled in.'
          : taps.length < FEWEST
            ? `${taps.length} of at least ${FEWEST} taps`
            : `${taps.length} taps`}
      </QuietText>
    </Row>
  );
}
