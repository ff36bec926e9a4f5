/** Whether this page was opened behind a student's private link: then nobody is signed in, and only what is behind it is asked. */

const found = /^\/pocket\/([0-9A-Za-z]{40})(?:\/|$)/.exec(globalThis.location?.pathname ?? '');

/** The link's letters; null on a coach's own pages. */
export const link: string | null = found?.[1] ?? null;

/** Where a path of the API is asked from here. */
export function apiPath(path: string): string {
  return link === null || path.startsWith('pocket/') || path === 'me' ? path : `pocket/${link}/${path}`;
}

/** Whose entries of this page are; what one link's student entered is never sent behind another's. */
export const outboxOwner: string | null = link === null ? null : `behind ${link}`;

/** What this page keeps on its device, apart from what a coach's pages keep there. */
export function storageKey(name: string): string {
  return link === null ? name : `${name}-behind-link`;
}
