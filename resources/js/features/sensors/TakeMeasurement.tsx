import { Radio } from 'lucide-react';
import { useState } from 'react';
import type { DeviceKind, DeviceReadings, DeviceScene } from '../../api/types';
import { Button, QuietText, Row } from '../../design';
import { announce } from '../../device/announce';
import { useDevice } from './useDevice';

interface TakeReadingProps {
  kind: DeviceKind;
  /** What is read, asked when the button is touched. */
  scene: () => DeviceScene;
  onRead: (read: DeviceReadings) => void;
}

/** One touch takes a reading; where it came from stands beside it. Nothing where no device is at hand. */
export function TakeMeasurement({ kind, scene, onRead }: TakeReadingProps) {
  const device = useDevice(kind);
  const [said, say] = useState<string | null>(null);
  const [isReading, setReading] = useState(false);
  if (device === null) {
    return null;
  }
  const take = async () => {
    setReading(true);
    try {
      const read = await device.read(scene());
      onRead(read);
      say(`Read by: ${read.source_label.toLowerCase()}.`);
      announce('Read');
    } catch (error) {
      say(`Nothing was read. ${error instanceof Error ? error.message : ''}`);
    } finally {
      setReading(false);
    }
  };
  return (
    <Row $gap="s">
      <Button onPress={() => void take()} isPending={isReading}>
        <Radio size={18} aria-hidden="true" /> Read the {device.label}
      </Button>
      {said !== null && <QuietText role="status">{said}</QuietText>}
    </Row>
  );
}
