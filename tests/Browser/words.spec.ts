import { expect, test } from '@playwright/test';
import { openDemo } from './people';
import { ask, goWithin } from './screen';

test('no sentence about anybody in the demo shows a brace, a NaN or an empty figure', async ({ page }) => {
  await openDemo(page);
  const { students } = (await ask(page, 'GET', 'today')) as { students: { id: string; name: string }[] };
  const invented = students.filter(({ name }) => !name.startsWith('Linnea Moss'));
  expect(invented.length).toBeGreaterThan(5);
  for (const { id, name } of invented) {
    await goWithin(page, `/students/${id}`);
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
    for (const part of await page.getByRole('radiogroup', { name: 'Show' }).getByRole('radio').all()) {
      await part.check({ force: true });
      // What stands in the part is asked of the server first.
      await page.waitForLoadState('networkidle');
      const shown = (await page.locator('main').allInnerTexts()).join('\n');
      expect(shown.length, name).toBeGreaterThan(100);
      expect(shown, name).not.toMatch(/[{}]|\bNaN\b|\bundefined\b|\bInfinity\b/);
      expect(shown, name).not.toMatch(/(?<![\d ]) *% |\( *\)/);
    }
  }
});
