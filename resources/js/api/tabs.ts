/** What tabs of one browser tell each other: they share a cookie and what waits, and see neither change by themselves. */

/** Somebody signed in or out, or what waits to be sent has changed. */
export type News = 'sign-in' | 'outbox';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('amble');

/** Tells the other tabs. */
export function tell(news: News): void {
  channel?.postMessage(news);
}

/** Calls back when another tab tells something. @returns a function that ends it */
export function onNews(news: News, listener: () => void): () => void {
  const hear = ({ data }: MessageEvent<unknown>) => {
    if (data === news) {
      listener();
    }
  };
  channel?.addEventListener('message', hear);
  return () => channel?.removeEventListener('message', hear);
}
