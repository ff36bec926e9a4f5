import { isOfEarlierVisit, useDrills } from '../app/queries';
import type { Drill } from '../app/types';

/** What can be said of a drill named in the address. */
export type FoundDrill =
  | {
      status: 'found';
      drill: Drill /** Of the coach's own record; null for a shipped one. */;
      ownId: string | null;
    }
  | { status: 'fetching' }
  | { status: 'failed'; message: string };

/** A drill by its key: the coach's own first, then the shipped ones. */
export function useDrill(key: string | undefined): FoundDrill {
  const drills = useDrills();
  const { data, isPending, error } = drills;
  if (isOfEarlierVisit(drills)) {
    return { status: 'fetching' };
  }
  const own = data?.own.find(({ drill }) => drill.key === key);
  const drill = own?.drill ?? data?.library.find((each) => each.key === key);
  if (drill !== undefined) {
    return { status: 'found', drill, ownId: own?.id ?? null };
  }
  if (isPending) {
    return { status: 'fetching' };
  }
  return { status: 'failed', message: error?.message ?? 'There is no such drill here.' };
}
