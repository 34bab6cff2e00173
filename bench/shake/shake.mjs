// The hard tests, outside of CI: ./almanac shake [power] [full] [hostile] [pictures] [upgrade] [kills] [--times N]
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { full } from './full.mjs';
import { hostile } from './hostile.mjs';
import { kills } from './kills.mjs';
import { pictures } from './pictures.mjs';
import { power } from './power.mjs';
import { upgrade } from './upgrade.mjs';

const TESTS = {
  power: ['Saves and pictures traced to the disk', (data) => power(data)],
  full: ['A disk that fills, and has room again', (data) => full(data)],
  hostile: ['Requests drawn from the description of the interface', (data, times) => hostile(data, times ?? 20_000)],
  pictures: ['Three huge pictures at once', (data) => pictures(data)],
  upgrade: ['Kills while an older collection is brought up to date', (data, times) => upgrade(data, times ?? 60)],
  kills: ['Kills while writing', (data, times) => kills(data, times ?? 200)],
};

const words = process.argv.slice(2);
const at = words.indexOf('--times');
const times = at >= 0 ? Number(words.splice(at, 2)[1]) : undefined;
for (const word of words)
  if (!TESTS[word]) {
    console.error(`${word} is none of ${Object.keys(TESTS).join(', ')}.`);
    process.exit(2);
  }

for (const name of words.length ? words : Object.keys(TESTS)) {
  const [title, test] = TESTS[name];
  const data = mkdtempSync(join(tmpdir(), 'almanac-shake-'));
  const began = performance.now();
  console.log(title);
  const count = await test(data, times);
  for (const [what, number] of Object.entries(count)) console.log(`  ${what.padEnd(32)} ${number}`);
  console.log(`  ${'seconds'.padEnd(32)} ${Math.round((performance.now() - began) / 1000)}`);
  if (count.lost || count.unopenable) console.log(`  what it left lies in ${data}`);
  else rmSync(data, { recursive: true, force: true });
}
