import { useMe } from '../server/meQueries';
import { useBench } from '../server/queries';
import type { DeviceKind } from '../server/types';
import { type Device, deviceAtHand } from './device';

/**
 * The device of a kind that is at hand; null where a real account has none. Simulated ones are offered in the demo, and in
 * the simulated session while one stands in it.
 */
export function useDevice(kind: DeviceKind): Device | null {
  const isDemo = useMe().data?.demo === true;
  const simulated = useBench().data?.walk_along ?? null;
  const isInIt = simulated !== null && window.location.pathname.includes(simulated);
  return deviceAtHand(kind, isDemo || isInIt);
}
