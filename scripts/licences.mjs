/**
 * Writes public/licences.txt: every package whose code is shipped, with its licence in full.
 *
 *   node scripts/licences.mjs
 *
 * Browser side: what package.json names for use and all that needs; server side: what Composer installs without its
 * tools for development. Fails where a package says no licence at all.
 */

import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const TEXT = /^(licen[cs]e|copying|ofl)([-.].*)?$/i;

function textIn(folder) {
  const file = existsSync(folder) ? readdirSync(folder).find((name) => TEXT.test(name)) : undefined;
  return file === undefined ? null : readFileSync(join(folder, file), 'utf8').trim();
}

function ofBrowser() {
  const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
  return Object.entries(packages)
    .filter(([path, { dev, devOptional }]) => path !== '' && dev !== true && devOptional !== true)
    .filter(([path]) => existsSync(join(ROOT, path)))
    .map(([path, { version, license }]) => ({
      name: path.split('node_modules/').at(-1),
      version,
      licence: license,
      text: textIn(join(ROOT, path)),
    }));
}

function ofServer() {
  const { packages, 'dev-package-names': tools } = JSON.parse(
    readFileSync(join(ROOT, 'vendor/composer/installed.json'), 'utf8'),
  );
  return packages
    .filter(({ name }) => !tools.includes(name))
    .map(({ name, version, license }) => ({
      name,
      version,
      licence: license.join(' or '),
      text: textIn(join(ROOT, 'vendor', name)),
    }));
}

const all = [...ofBrowser(), ...ofServer()].sort((a, b) => a.name.localeCompare(b.name));
const silent = all.filter(({ licence, text }) => licence === undefined && text === null);
if (all.length === 0 || silent.length > 0) {
  console.error(`No licence is known of: ${silent.map(({ name }) => name).join(', ') || 'anything'}`);
  process.exit(1);
}
writeFileSync(
  join(ROOT, 'public/licences.txt'),
  [
    `Amble ships with ${all.length} packages. Their licences:`,
    ...all.map(
      ({ name, version, licence, text }) =>
        `${'='.repeat(78)}\n${name} ${version}: ${licence ?? 'see below'}\n\n${text ?? 'Its package brings no text beside this name.'}`,
    ),
  ].join('\n\n'),
);
console.log(`${all.length} packages in public/licences.txt`);
