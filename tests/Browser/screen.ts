/** Short ways through a page that is already open. */

import { expect, type Page } from '@playwright/test';
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

/** A student of the workspace whose name begins so. @returns the id */
export async function studentId(page: Page, name: string): Promise<string> {
  const today = (await ask(page, 'GET', 'today')) as { students: { id: string; name: string }[] };
  const found = today.students.find((student) => student.name.startsWith(name));
  if (found === undefined) {
    throw new Error(`Nobody on the bench is called ${name}.`);
  }
  return found.id;
}

/** Starts a drill without its sheet. @returns the run's id */
export async function startRun(page: Page, session: string, drill: object): Promise<string> {
  const id = ulid();
  await ask(page, 'POST', `sessions/${session}/runs`, { id, drill, students: [] });
  return id;
}

/**
 * Moves to another screen of the open app without loading it anew. The one before stays until the other is ready, and
 * may have links of the same names: its heading tells when it has gone.
 */
export async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    document.querySelector('h1')?.setAttribute('data-before', '');
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
  await expect(page.locator('h1[data-before]')).toHaveCount(0);
}

/** Times, inside the page, from each release of a finger to the next frame in which its ball stands in words. */
export async function timeTouches(page: Page): Promise<void> {
  await page.evaluate(() => {
    const waits: number[] = [];
    let from = 0;
    document.addEventListener('pointerup', () => (from = performance.now()), true);
    new MutationObserver(() => {
      if (from > 0 && document.querySelector('main')?.textContent?.includes(`Ball ${waits.length + 1}: `)) {
        const start = from;
        from = 0;
        requestAnimationFrame(() => waits.push(performance.now() - start));
      }
    }).observe(document.body, { childList: true, subtree: true, characterData: true });
    const tasks: number[] = [];
    new PerformanceObserver((list) => tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
      type: 'longtask',
    });
    Object.assign(window, { waits, tasks });
  });
}

/** What timeTouches has timed so far, shortest first, milliseconds; prints median, worst and the longest task. */
export async function touchTimes(page: Page, what: string): Promise<number[]> {
  const [waits, tasks] = await page.evaluate(() => {
    const timed = window as unknown as Record<'waits' | 'tasks', number[]>;
    return [timed.waits, timed.tasks];
  });
  waits.sort((a, b) => a - b);
  console.log(
    `${what}: median ${waits[Math.floor(waits.length / 2)]?.toFixed(0)} ms, worst ${waits.at(-1)?.toFixed(0)} ms of ${waits.length}; longest task ${Math.max(0, ...tasks).toFixed(0)} ms`,
  );
  return waits;
}

/** Holds back every request that matches until it is let go, so that a screen that waits for an answer shows it. */
export async function holdRequests(page: Page, pattern: string): Promise<() => void> {
  let held: (() => void)[] = [];
  await page.route(pattern, async (route) => {
    await new Promise<void>((wake) => held.push(wake));
    await route.continue();
  });
  return () => {
    const waiting = held;
    held = [];
    for (const wake of waiting) {
      wake();
    }
  };
}
