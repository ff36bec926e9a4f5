/** What takes readings for a coach: one interface, whatever it is made of. docs/devices.md says how to add one. */

import { readSimulated } from '../../api/queries';
import type { DeviceKind, DeviceReadings, DeviceScene } from '../../api/types';

export interface Device {
  kind: DeviceKind;
  /** What the button says: whether a figure is measured or made up is never left open. */
  label: string;
  read: (scene: DeviceScene) => Promise<DeviceReadings>;
}

const simulated = (kind: DeviceKind, label: string): Device => ({
  kind,
  label,
  read: (scene) => readSimulated(kind, scene),
});

const SIMULATED: Readonly<Record<DeviceKind, Device>> = {
  ramp: simulated('ramp', 'simulated ramp'),
  stroke_sensor: simulated('stroke_sensor', 'simulated stroke sensor'),
  aiming_light: simulated('aiming_light', 'simulated aiming light'),
  level: simulated('level', 'simulated level'),
};

/**
 * The device of a kind that is at hand: this phone's own where it has one; a simulated one only in the demo and in
 * simulated sessions, where nothing is anybody's record. Null where there is none.
 */
export function deviceAtHand(kind: DeviceKind, isSimulated: boolean): Device | null {
  if (kind === 'level' && hasOrientation()) {
    return THIS_PHONE;
  }
  return isSimulated ? SIMULATED[kind] : null;
}

/** Laid flat on the line of the putt, its top toward the hole. */
const THIS_PHONE: Device = { kind: 'level', label: 'this phone as a level', read: readOrientation };

/** How long a phone may take to say how it lies. */
const PATIENCE_MS = 1_500;

function hasOrientation(): boolean {
  // A laptop knows the event too but never sends it: only what is held by hand is asked.
  return 'DeviceOrientationEvent' in window && window.matchMedia('(pointer: coarse)').matches;
}

async function readOrientation(): Promise<DeviceReadings> {
  const asking = DeviceOrientationEvent as unknown as { requestPermission?: () => Promise<string> };
  if (asking.requestPermission !== undefined && (await asking.requestPermission()) !== 'granted') {
    throw new Error('This phone did not allow Amble to read its tilt.');
  }
  const lies = await new Promise<DeviceOrientationEvent | null>((resolve) => {
    const stop = (event: DeviceOrientationEvent | null) => {
      window.removeEventListener('deviceorientation', stop);
      resolve(event?.beta == null ? null : event);
    };
    window.addEventListener('deviceorientation', stop);
    setTimeout(() => stop(null), PATIENCE_MS);
  });
  if (lies === null) {
    throw new Error('This phone does not report its tilt.');
  }
  return {
    source: 'device',
    source_label: 'A device',
    readings: [levelOf({ beta: lies.beta ?? 0, gamma: lies.gamma ?? 0 })],
  };
}

/**
 * Grades from how a phone lies with its top toward the hole.
 *
 * @param lies.beta degrees, positive with its top raised
 * @param lies.gamma degrees, positive with its right edge lowered
 */
export function levelOf({ beta, gamma }: { beta: number; gamma: number }): Record<string, number> {
  const percent = (degrees: number) => Math.round(1000 * Math.tan((degrees * Math.PI) / 180)) / 10;
  return { along_percent: percent(beta), across_percent: percent(-gamma) };
}
