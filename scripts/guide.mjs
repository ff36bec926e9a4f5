/**
 * Writes docs/guide.md from the texts of the Help page.
 *
 *   node scripts/guide.mjs          writes it
 *   node scripts/guide.mjs --check  fails where it is not what Help says
 */

import { readFileSync, writeFileSync } from 'node:fs';

/** The picture beside a page, where there is one. */
const PICTURES = {
  'Start a session': 'today',
  'Check-in': 'check-in',
  'Green speed': 'green-speed',
  Stations: 'stations',
  Putt: 'putt-phone',
  Review: 'review',
};
const FILE = 'docs/guide.md';

const pages = JSON.parse(readFileSync('resources/js/pages/help/guide.json', 'utf8'));
const text = [
  '# How to use Amble',
  'A session has six steps. Only Putt is needed; every step can be opened at any time.',
  ...pages.flatMap(({ title, about, points }) => [
    `## ${title}`,
    about,
    ...(title in PICTURES ? [`![${title}](screenshots/${PICTURES[title]}.png)`] : []),
    points.map((point) => `- ${point}`).join('\n'),
  ]),
].join('\n\n');
if (!process.argv.includes('--check')) {
  writeFileSync(FILE, `${text}\n`);
} else if (readFileSync(FILE, 'utf8') !== `${text}\n`) {
  console.error(`${FILE} is not what Help says: run node scripts/guide.mjs`);
  process.exitCode = 1;
}
