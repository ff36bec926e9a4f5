/** A finger on a screen, and how often it comes down. */

import type { CDPSession, Page } from '@playwright/test';

interface At {
  x: number;
  y: number;
}

/** Longer than a finger must stay to rest. */
export const RESTED_MS = 160;

/** A finger as the browser's own input sees it; what it does has its own times, however busy this machine is. */
export class Finger {
  #time = 0;

  private constructor(
    private readonly page: Page,
    private readonly devtools: CDPSession,
  ) {}

  static async on(page: Page): Promise<Finger> {
    return new Finger(page, await page.context().newCDPSession(page));
  }

  /** Comes down, and goes up after a time. */
  async touch(at: At, milliseconds = RESTED_MS): Promise<void> {
    await this.down(at);
    await this.page.waitForTimeout(milliseconds);
    await this.up(milliseconds);
  }

  /** Comes down a second time, so many milliseconds after it went up. */
  async again(at: At, milliseconds: number): Promise<void> {
    await this.#send('touchStart', [at], this.#time + milliseconds);
    await this.page.waitForTimeout(RESTED_MS);
    await this.up(RESTED_MS);
  }

  /** Comes down and is drawn on at once, as one scrolls. */
  async swipe(from: At, to: At): Promise<void> {
    await this.down(from);
    for (let step = 1; step <= 6; ++step) {
      const part = step / 6;
      await this.move({ x: from.x + (to.x - from.x) * part, y: from.y + (to.y - from.y) * part }, 16);
      await this.page.waitForTimeout(16);
    }
    await this.up(16);
  }

  /** Rests, slides to another place, and goes up there. */
  async slide(from: At, to: At): Promise<void> {
    await this.down(from);
    await this.page.waitForTimeout(RESTED_MS);
    await this.move({ x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }, RESTED_MS);
    await this.move(to, 16);
    await this.up(16);
  }

  async down(at: At): Promise<void> {
    await this.#send('touchStart', [at], Date.now());
  }

  /** @param milliseconds since what it did before */
  async move(at: At, milliseconds: number): Promise<void> {
    await this.#send('touchMove', [at], this.#time + milliseconds);
  }

  /** @param milliseconds since what it did before */
  async up(milliseconds: number): Promise<void> {
    await this.#send('touchEnd', [], this.#time + milliseconds);
  }

  async #send(type: 'touchStart' | 'touchMove' | 'touchEnd', touchPoints: At[], time: number): Promise<void> {
    this.#time = time;
    await this.devtools.send('Input.dispatchTouchEvent', { type, touchPoints, timestamp: time / 1000 });
  }
}

/** A place on the lane, as shares of its width and of its height from the near end. */
export async function onLane(page: Page, share: number, across = 0.6): Promise<At> {
  const lane = page.getByRole('img', { name: /^Lane from/ });
  await lane.scrollIntoViewIfNeeded();
  const box = await lane.boundingBox();
  if (box === null) {
    throw new Error('The lane is not on screen.');
  }
  return { x: box.x + box.width * across, y: box.y + box.height * (1 - share) };
}

/** Counts every touch and every key from now on, across pages. */
export async function countHands(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const count = (name: string) => () =>
      sessionStorage.setItem(name, String(Number(sessionStorage.getItem(name) ?? '0') + 1));
    document.addEventListener('pointerdown', count('touches'), true);
    document.addEventListener('keydown', count('keys'), true);
  });
}

export function counted(page: Page, what: 'touches' | 'keys'): Promise<number> {
  return page.evaluate((name) => Number(sessionStorage.getItem(name) ?? '0'), what);
}

/**
 * Presses a stopwatch twice, so many seconds apart by the page's own clock, whatever this machine is busy with: a
 * second too many would rightly be doubted.
 */
export async function timed(page: Page, seconds: number, press: () => Promise<void>): Promise<void> {
  const holdClock = (ahead: number) =>
    page.evaluate((ms) => {
      const held = performance.now() + ms;
      performance.now = () => held;
    }, ahead * 1000);
  await holdClock(0);
  await press();
  await holdClock(seconds);
  await press();
  await page.evaluate(() => {
    const ahead = performance.now() - Performance.prototype.now.call(performance);
    performance.now = () => Performance.prototype.now.call(performance) + ahead;
  });
}
