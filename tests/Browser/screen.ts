/** Short ways through a page that is already open. */

import type { Page } from '@playwright/test';
import { ulid } from 'ulid';

/** Asks the API as the page would, with its cookies. */
export function ask(page: Page, method: string, path: string, body?: object): Promise<unknown> {
  return page.evaluate(
    async ([how, where, what]) => {
      const token = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
      const answer = await fetch(`/api/${where}`, {
        method: how,
        headers: {
          Accept: 'application/json',
          'Content-Type': 'application/json',
          'X-XSRF-TOKEN': decodeURIComponent(token?.slice('XSRF-TOKEN='.length) ?? ''),
        },
        ...(what === undefined ? {} : { body: JSON.stringify(what) }),
      });
      return answer.json();
    },
    [method, path, body] as const,
  );
}

/** Starts a drill without its sheet. @returns the run's id */
export async function startRun(page: Page, session: string, drill: object): Promise<string> {
  const id = ulid();
  await ask(page, 'POST', `sessions/${session}/runs`, { id, drill, students: [] });
  return id;
}

/** Moves to another address of the open app without loading it anew. */
export async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
}
