import { useMe } from '../../api/meQueries';
import { useToday } from '../../api/queries';
import type { DeviceKind } from '../../api/types';
import { type Device, deviceAtHand } from './deviceReadings';

/**
 * The device of a kind that is at hand; null where a real account has none. Simulated ones are offered in the demo, and
 * in the simulated session while one stands in it.
 */
export function useDevice(kind: DeviceKind): Device | null {
  const isDemo = useMe().data?.demo === true;
  const simulated = useToday().data?.simulation ?? null;
  const isInIt = simulated !== null && window.location.pathname.includes(simulated);
  return deviceAtHand(kind, isDemo || isInIt);
}
