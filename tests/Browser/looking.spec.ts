import { expect, type Page, test } from '@playwright/test';
import { onOwnServer } from './own';
import {
  choose,
  closeSheets,
  enter,
  expectAccessible,
  openDemo,
  openPart,
  openSheet,
  saveSheet,
  startWith,
} from './people';
import { ask, goWithin } from './screen';

onOwnServer(8485);

interface Today {
  students: { id: string; name: string }[];
  sessions: { id: string; student_id: string | null; ended_at: string | null }[];
}

/** A demo student, and the last session of theirs that is over. */
async function whoIs(page: Page, name: string): Promise<{ id: string; session: string }> {
  const today = (await ask(page, 'GET', 'today')) as Today;
  const id = today.students.find((each) => each.name.startsWith(name))?.id ?? '';
  const session = today.sessions.find(({ student_id, ended_at }) => student_id === id && ended_at !== null);
  return { id, session: session?.id ?? '' };
}

async function download(page: Page, name: string): Promise<string> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name }).click();
  const stream = await (await waiting).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) {
    chunks.push(chunk as Buffer);
  }
  return Buffer.concat(chunks).toString('utf8');
}

test('a session answers its questions beside the balls; a length is picked by its post', async ({ page }) => {
  await openDemo(page);
  const { session } = await whoIs(page, 'Marguerite');
  await goWithin(page, `/sessions/${session}/review`);
  const lane = page.getByRole('img', { name: /balls on one lane/ });
  await expect(lane).toBeVisible();
  // What was done comes before what dropped.
  const others = page.getByRole('button', { name: /^Show \d more$/ });
  if (await others.isVisible()) {
    await others.click();
  }
  const titles = await page.locator('section > h3').allTextContents();
  expect(titles[0]).toBe('Distance control');
  expect(titles.at(-1)).toBe('Holed');
  await choose(page, 'Figures of', 'Reads');
  await expect(page.getByText(/misses were on the low side/).first()).toBeVisible();
  await choose(page, 'Figures of', 'Distance');

  const box = await lane.boundingBox();
  const post = page.locator('[data-pick]').first();
  await post.scrollIntoViewIfNeeded();
  const at = await post.locator('text').boundingBox();
  expect(box).not.toBeNull();
  await page.mouse.click((at?.x ?? 0) + 4, (at?.y ?? 0) + 4);
  await expect(page.getByRole('img', { name: /balls round 5 ft 11 in/ })).toBeVisible();
  await expect(page.getByRole('radio', { name: /^5 ft 11 in/ })).toBeChecked();

  await page.getByRole('button', { name: 'Figures' }).first().click();
  await expect(page.getByRole('heading', { name: 'How consistent is the distance?' })).toBeVisible();
  await expectAccessible(page);
  expect(await download(page, 'Export figures (CSV)')).toContain('Distance control,Short or long?,of_length');

  await choose(page, 'Figures of', 'Backstroke');
  await expect(page.getByRole('img', { name: /^Backstrokes and the rolls/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Backstroke' })).toBeChecked();
});

test('a student over time, the breaks, the notes with their balls, and two side by side', async ({ page }) => {
  await openDemo(page);
  const { id } = await whoIs(page, 'Ilse');
  await page.goto(`/students/${id}?part=time`);
  await expect(page.getByRole('img', { name: /^How consistent is the distance\? The latest/ })).toBeVisible();
  // The insight say it too, once it has come.
  await expect(page.getByText(/^\d+ [A-Z][a-z]+: other putter: Mallet, 33 in$/)).toBeVisible();
  const margin = page.getByRole('complementary', { name: 'Insights' });
  await expect(margin.getByText(/^Starts have moved right since then: other putter/)).toBeVisible();
  await margin.getByRole('button', { name: /^Why: Starts have moved right/ }).click();
  const why = page.getByRole('dialog');
  await why.getByRole('button', { name: /balls$/ }).click();
  await expect(why.getByRole('row').first()).toContainText(/started/);
  await closeSheets(page);
  await page.getByRole('button', { name: 'Figures by session' }).first().click();
  await expectAccessible(page);
  expect(await download(page, 'Export figures (CSV)')).toContain('How consistent is the distance?');

  await choose(page, 'Show', 'Compare');
  await choose(page, 'Compare', 'Other students');
  await page.getByRole('button', { name: 'With' }).click();
  await page.getByRole('option', { name: 'Sunniva Crake' }).click();
  await expect(page.getByRole('columnheader', { name: /^Sunniva Crake/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Left or right\?/ })).toContainText('right');
  await expectAccessible(page);
  await choose(page, 'Show', 'Balls');
  await choose(page, 'Figures of', 'Backstroke');
  await expect(page.getByRole('img', { name: /^Backstrokes and the rolls/ })).toBeVisible();
});

test('one thing or two are in work; a third says why, and Arrive shows them', async ({ page }) => {
  await openDemo(page);
  const { id } = await whoIs(page, 'Sunniva');
  await goWithin(page, `/students/${id}`);
  await openPart(page, 'Working on');
  await page.getByLabel('The goal').fill('Two putts from the far shore');
  for (const [index, thing] of ['Same beat', 'Eyes down', 'Full routine'].entries()) {
    await page.getByRole('button', { name: index < 2 ? 'Add a focus' : 'Add another beyond 2' }).click();
    await page.getByLabel(`Focus ${index + 1}`).fill(thing);
  }
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('More than 2 at once: enter why this one too.').first()).toBeVisible();
  await page.getByLabel('Why this one too').fill('She asked for it');
  await page.getByRole('button', { name: 'Add a fault' }).click();
  await page.getByLabel('Fault 1', { exact: true }).fill('Quickens on long ones');
  await page.getByLabel('Cure').fill('the metronome');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await expectAccessible(page);
  await startWith(page, 'Sunniva Crake');
  const remember = page.getByRole('region', { name: 'Reminders' });
  await expect(remember.getByText('Full routine')).toBeVisible();
  await expect(remember.getByText('Quickens on long ones: the metronome')).toBeVisible();
});

test('a student with two balls, and one with none, are told what is missing', async ({ page }) => {
  await openDemo(page);
  const { id } = await whoIs(page, 'Jun');
  await goWithin(page, `/students/${id}`);
  await expect(page.getByText(/The answers appear after the first session/)).toBeVisible();
  await choose(page, 'Show', 'Balls');
  await expect(page.getByText(/spreads by|No figures yet/).first()).toBeVisible();
  await goWithin(page, `/students/${id}/rounds`);
  await expect(page.getByText(/Not enough balls yet: distance control needs twelve balls/)).toBeVisible();
  await expect(page.getByText(/18 more first putts set them/)).toBeVisible();
});

test('a round is noted in two touches a hole, without a network, and priced', async ({ page, context }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page);
  const { id } = await whoIs(page, 'Sunniva');
  await goWithin(page, `/students/${id}/rounds`);
  await page.getByRole('link', { name: 'Add a round' }).click();
  await expect(page.getByRole('heading', { name: 'Sunniva Crake, hole 1' })).toBeVisible();
  await context.setOffline(true);
  const first = page.getByRole('radiogroup', { name: 'First putt' });
  const counts = page.getByRole('radiogroup', { name: 'Putts' });
  for (const [hole, putts] of ['3', '2', '1'].entries()) {
    await first.locator('label').nth(4).click();
    await counts.getByRole('radio', { name: putts, exact: true }).click();
    await expect(page.getByRole('heading', { name: `Sunniva Crake, hole ${hole + 2}` })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Undo hole 3' }).click();
  await counts.getByRole('radio', { name: '2', exact: true }).click();
  await choose(page, 'The first putt missed', 'Short');
  await page.getByRole('button', { name: 'Save these 3 holes' }).click();
  await expect(page.getByText(/ot synced/).first()).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/^1 three-putts and 0 of four or more over 3 holes/)).toBeVisible();
  await page.getByRole('button', { name: /7 putts on 3 holes/ }).click();
  await expect(page.getByRole('row', { name: /^3 .*2 putts, short/ })).toBeVisible();
  await expectAccessible(page);
});

test('a yardstick stands with its source, and one without is not kept', async ({ page }) => {
  await openDemo(page);
  const { id } = await whoIs(page, 'Tobin');
  await goWithin(page, `/students/${id}/rounds`);
  await expect(page.getByRole('row', { name: /^a quarter less spread in start line/ })).toBeVisible();
  await page.getByRole('button', { name: 'Add a benchmark' }).click();
  await page.getByLabel('Value').fill('31');
  await page.getByRole('button', { name: 'Add benchmark' }).click();
  await expect(page.getByText('Enter the source of the figure.').first()).toBeVisible();
  await enter(page, 'Source', 'Heard in the loft');
  await page.getByRole('button', { name: 'Add benchmark' }).click();
  await expect(page.getByRole('row', { name: /31\.0\s*Heard in the loft/ })).toBeVisible();
  await expectAccessible(page);
});

test('a take-home card prints alone, and its link opens it for anybody until it is withdrawn', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  const { id } = await whoIs(page, 'Tobin');
  await goWithin(page, `/students/${id}/take-home-card`);
  const card = page.getByRole('article', { name: 'Take-home card of Tobin Askerley' });
  await expect(card.getByRole('row', { name: /^12 ft/ })).toBeVisible();
  const sheet = await openSheet(page, /^Working on and next lesson/);
  await sheet.getByLabel('Working on (one or two things)').fill('Same beat from every length.');
  await saveSheet(page);
  await expect(card.getByText('Same beat from every length.')).toBeVisible();
  await expectAccessible(page);

  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(card).toBeVisible();
  // One side: nothing else takes room on the paper.
  await page.setViewportSize({ width: 344, height: 506 });
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(506);
  await page.emulateMedia({ media: 'screen' });
  await page.setViewportSize({ width: 1280, height: 800 });

  await openSheet(page, 'Share');
  await page.getByRole('button', { name: 'Create link' }).click();
  await expect(page.getByRole('img', { name: /^QR code of the link/ })).toBeVisible();
  const link = await page.getByLabel('The link: copy it now').inputValue();
  const elsewhere = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const anybody = await elsewhere.newPage();
  await anybody.goto(link);
  await expect(anybody.getByRole('row', { name: /^12 ft/ })).toBeVisible();
  await expect(anybody.getByText('Same beat from every length.')).toBeVisible();
  await expectAccessible(anybody);
  await page.getByRole('button', { name: 'Remove link' }).click();
  await expect(page.getByText('No link is active.').first()).toBeVisible();
  await anybody.reload();
  await expect(anybody.getByText(/This link no longer works/)).toBeVisible();
  await elsewhere.close();
});

test('putts near this length are one touch away while rolling', async ({ page }) => {
  await openDemo(page);
  const { session } = await whoIs(page, 'Ilse');
  await goWithin(page, `/sessions/${session}/putt`);
  await openSheet(page, 'More');
  await page.getByRole('button', { name: /^Putts near/ }).click();
  const sheet = page.getByRole('dialog', { name: /^Putts near/ });
  await expect(sheet.getByRole('row').first()).toContainText(/short|past|holed/);
  await expectAccessible(page);
});
