import { isOfEarlierVisit, useDrills } from '../../api/queries';
import type { LibraryDrill } from '../../api/types';

/** What can be said of a drill named in the address. */
export type FoundDrill =
  | {
      status: 'found';
      card: LibraryDrill;
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
  const card = [...(data?.own ?? []), ...(data?.library ?? [])].find(({ drill }) => drill.key === key);
  if (card !== undefined) {
    return { status: 'found', card };
  }
  if (isPending) {
    return { status: 'fetching' };
  }
  return { status: 'failed', message: error?.message ?? 'There is no such drill here.' };
}
