import { QueryCache, QueryClient } from '@tanstack/react-query';
import { ApiError } from './api';
import { keys } from './queries';

/** Everything the screens know of the server. */
export const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    onError: (error) => {
      if (error instanceof ApiError && error.status === 401) {
        fetchSignedIn();
      }
    },
  }),
  defaultOptions: {
    queries: {
      // A refusal will not change by asking again; a lost connection may.
      retry: (count, error) => !(error instanceof ApiError) && count < 2,
      staleTime: 10_000,
      // Kept as long as a day on the green: what is thrown away here cannot be opened without a network.
      gcTime: 24 * 3_600_000,
      // The browser's own idea of being online is often wrong; asking tells.
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

/**
 * Asks who is signed in, as an answer said that nobody is, or somebody else. A question under way is not asked anew:
 * on a slow server each answer would put off the one that shows the door.
 */
export function fetchSignedIn(): void {
  void client.invalidateQueries({ queryKey: keys.me }, { cancelRefetch: false });
}
