/** What a coach does on the screens, found by role and label. */

import AxeBuilder from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';
import { ulid } from 'ulid';
import { ask, goWithin, studentId } from './screen';

/** Comes in at the demo workspace, by the door's own request: the door itself is tried where it is what a test is about. */
export async function openDemo(page: Page): Promise<void> {
  await page.request.get('/api/me');
  const token = (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
  const answer = await page.request.post('/api/demo', {
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
  });
  expect(answer.ok()).toBe(true);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
}

/** Begins a session with a student of the workspace, on the green already or not, and lands on Arrive. */
export async function startWith(page: Page, student: string): Promise<void> {
  const id = ulid();
  const student_id = await studentId(page, student);
  await ask(page, 'POST', 'sessions', { id, student_id });
  await goWithin(page, `/sessions/${id}/check-in`);
  await expect(page.getByRole('heading', { name: `${student} is here` })).toBeVisible();
}

/** Adds a student nobody has rolled with, and starts a session: what one test finds is no other's business. */
export async function startWithNewStudent(page: Page, isGentle = false): Promise<string> {
  const name = `Linnea Moss ${Date.now()}`;
  await ask(page, 'POST', 'students', {
    id: ulid(),
    name,
    hand: 'right',
    level: 'club',
    unit: 'feet',
    finish_past_m: 0.3,
    school: 'rule',
    is_gentle: isGentle,
  });
  await startWith(page, name);
  return name;
}

/** At Arrive: says which green it is, and waits until that is kept, as a page loaded anew would wait for nobody. */
export async function chooseGreen(page: Page, green: string): Promise<void> {
  const change = page.getByRole('button', { name: /^Green / });
  await expect(change.or(page.getByRole('radiogroup', { name: 'Green' }))).toBeVisible();
  if (await change.isVisible()) {
    await change.click();
  }
  await choose(page, 'Green', green);
  await expect
    .poll(async () => {
      const answer = await page.request.get(`/api/sessions/${sessionOf(page)}`);
      return ((await answer.json()) as { green: object | null }).green;
    })
    .not.toBeNull();
}

/** Goes to a place that stands under More. */
export async function openMore(page: Page, place: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'More' }).click();
  await page.getByRole('main').getByRole('link', { name: place, exact: true }).click();
}

/** Goes to a step of the session, and waits until its screen stands: a phone's path goes away while putting. */
export async function walkTo(page: Page, step: string): Promise<void> {
  const path = page.getByRole('navigation', { name: 'Session steps' }).getByRole('list');
  // While putting, a phone has the session's bar instead of the path.
  const bar = page.getByRole('navigation', { name: 'Session', exact: true });
  await path
    .getByRole('link', { name: step })
    .or(bar.getByRole('link', { name: step }))
    .click();
  await expect(page.locator('nav[aria-label="Session steps"] a[aria-current=page]')).toContainText(step);
}

/** Opens what stands in a sheet: a row of a profile or of the settings, or a button. @returns the sheet */
export async function openSheet(page: Page, label: string | RegExp): Promise<Locator> {
  await page.getByRole('button', { name: label, exact: typeof label === 'string' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toBeVisible();
  return sheet;
}

/** Closes every sheet that lies over the screen. */
export async function closeSheets(page: Page): Promise<void> {
  const sheets = page.getByRole('dialog');
  for (let left = await sheets.count(); left > 0; left -= 1) {
    await page.keyboard.press('Escape');
    await expect(sheets).toHaveCount(left - 1);
  }
}

/** Opens what stands under More on a student's page. */
export async function openPart(page: Page, part: string): Promise<void> {
  await page.getByRole('button', { name: /^More of / }).click();
  await page.getByRole('menuitem', { name: part, exact: true }).click();
}

/** Saves what is typed in a sheet; it closes once it is saved. */
export async function saveSheet(page: Page): Promise<void> {
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(sheet).toHaveCount(0);
}

/** Types into a field and presses Enter. */
export async function enter(page: Page, label: string | RegExp, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: typeof label === 'string' });
  await field.fill(text);
  await field.press('Enter');
}

/** Chooses one of a few; the chip is a label around its radio. */
export async function choose(page: Page, group: string, option: string): Promise<void> {
  await page.getByRole('radiogroup', { name: group }).getByText(option, { exact: true }).click();
}

/** Chooses one of many, folded away until it is touched. */
export async function pick(page: Page, label: string, option: string): Promise<void> {
  const sheets = page.getByRole('dialog');
  const scope = (await sheets.count()) > 0 ? sheets.last() : page;
  await scope.getByRole('button', { name: label }).click();
  await page.getByRole('option', { name: option, exact: true }).click();
}

/** Takes a backstroke from those offered. */
export async function takeBack(page: Page, backstroke: string): Promise<void> {
  const chip = page
    .getByRole('group', { name: 'Recent backstrokes' })
    .getByRole('button', { name: backstroke, exact: true });
  await chip.click();
  await expect(chip).toHaveAttribute('aria-pressed', 'true');
}

/** From an open session: the drill's set-out sheet, and from there to its first ball. */
export async function startDrill(page: Page, name: string, group: readonly string[] = []): Promise<void> {
  const session = sessionOf(page);
  await goWithin(page, `/drills?session=${session}`);
  await page.getByLabel('Search by name').fill(name);
  await page.getByRole('link', { name, exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Where to stand and walk' })).toBeVisible();
  const others = page.getByRole('button', { name: 'Other students' });
  if (group.length > 0 && (await others.isVisible())) {
    await others.click();
  }
  // A group drill begins with everybody who is here; those named alone are to take turns.
  const turns = page.getByRole('group', { name: /take turns/ });
  for (const chip of group.length > 0 ? await turns.locator('label').all() : []) {
    const isWanted = group.includes((await chip.textContent()) ?? '');
    if (isWanted !== (await chip.getByRole('checkbox').isChecked())) {
      await chip.click();
    }
  }
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(callOut(page)).toBeVisible();
}

/** The session in the page's address. */
export function sessionOf(page: Page): string {
  return new URL(page.url()).pathname.split('/')[2] ?? '';
}

/** The next ball as it is called out. */
export function callOut(page: Page): Locator {
  return page.locator('[data-callout]');
}

interface KeptBall {
  id: string;
  at_ms: number;
  backstroke_m: number | null;
  roll_m: number | null;
  seen: { rehearsals?: number };
}

/** A session's balls as the server has them. */
export async function keptBalls(page: Page, session: string): Promise<KeptBall[]> {
  const answer = await page.request.get(`/api/sessions/${session}`);
  return ((await answer.json()) as { putts: KeptBall[] }).putts;
}

/** Two touches of one place close together are one ball said twice: balls of a test lie apart. */
let isLeft = false;

/** Touches the lane at a share of its height from the near end. */
export async function touchLane(page: Page, share: number): Promise<void> {
  const lane = page.getByRole('img', { name: /^Lane from/ });
  await lane.scrollIntoViewIfNeeded();
  const box = await boxOf(lane);
  isLeft = !isLeft;
  await page.mouse.move(box.x + box.width * (isLeft ? 0.54 : 0.66), box.y + box.height * (1 - share));
  await page.mouse.down();
  await page.mouse.up();
}

async function boxOf(locator: Locator) {
  const box = await locator.boundingBox();
  if (box === null) {
    throw new Error('The lane is not on screen.');
  }
  return box;
}

/** No accessibility fault that axe can find on the screen as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  // One page without frames of others needs no second one to gather in, and only faults are told.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`)).toEqual([]);
}

/** Nothing on the page is wider than the screen. */
export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBeLessThanOrEqual(0);
}
