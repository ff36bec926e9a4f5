/**
 * Makes the screens' types from the schemas under contract/.
 * They are written to resources/js/api/contract.ts, which every build makes anew and git ignores.
 */

import { mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';

const ROOT = resolve(fileURLToPath(import.meta.url), '../..');
const OUT = 'resources/js/api/contract.ts';
const DRILL = 'core/drills/drill.schema.json';

/** What a type cannot say: how many of a list, and which fields go together. Pairs stay pairs. */
function typed(value) {
  if (Array.isArray(value) || value === null || typeof value !== 'object') {
    return Array.isArray(value) ? value.map(typed) : value;
  }
  const { minItems, maxItems, $id, pattern, ...rest } = value;
  const isPair = minItems === 2 && maxItems === 2;
  if (rest.properties !== undefined) {
    for (const word of ['allOf', 'anyOf', 'oneOf', 'not']) {
      delete rest[word];
    }
  }
  const kept = isPair ? { ...rest, minItems, maxItems } : rest;
  return Object.fromEntries(Object.entries(kept).map(([key, part]) => [key, typed(part)]));
}

const work = mkdtempSync(join(tmpdir(), 'amble-contract-'));
const names = readdirSync(join(ROOT, 'contract'))
  .filter((file) => file.endsWith('.schema.json'))
  .sort();
for (const file of [...names.map((name) => `contract/${name}`), DRILL]) {
  mkdirSync(dirname(join(work, file)), { recursive: true });
  writeFileSync(join(work, file), JSON.stringify(typed(JSON.parse(readFileSync(join(ROOT, file), 'utf8')))));
}
const index = {
  title: 'Contract',
  type: 'object',
  properties: Object.fromEntries(names.map((file) => [file.replace('.schema.json', ''), { $ref: file }])),
};
const made = await compile(index, 'Contract', {
  cwd: `${join(work, 'contract')}/`,
  bannerComment:
    '/** Made from the schemas under contract/ by scripts/contract-types.mjs: change those. SI units. */',
  additionalProperties: false,
  format: false,
});
writeFileSync(join(ROOT, OUT), made.replace(/export interface Contract \{[^}]*\}\n/, ''));
