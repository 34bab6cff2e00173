// The hard tests, outside of CI: ./almanac shake [NAME …] [--times N]
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { crowd } from './crowd.mjs';
import { files } from './files.mjs';
import { full } from './full.mjs';
import { hostile } from './hostile.mjs';
import { kills } from './kills.mjs';
import { month } from './month.mjs';
import { packages } from './packages.mjs';
import { pictures } from './pictures.mjs';
import { plans } from './plans.mjs';
import { power } from './power.mjs';
import { slow } from './slow.mjs';
import { upgrade } from './upgrade.mjs';

const TESTS = {
  power: ['Saves and pictures traced to the disk', power],
  full: ['A disk that fills in the middle of writes, and has room again', full, 20],
  hostile: ['Requests drawn from the description of the interface', hostile, 20_000],
  files: ['Sheets, pictures and zip files that were made to do harm', files],
  packages: ['Single bytes of packages changed', packages, 500],
  pictures: ['Three huge pictures at once', pictures],
  plans: ['The largest plan, while somebody saves', plans],
  slow: ['Slow bodies from the network', slow, 200],
  crowd: ['Twenty who read and five who write two thousand plants', crowd],
  upgrade: ['Kills while collections of each schema are brought up to date', upgrade, 60],
  kills: ['Kills while writing', kills, 200],
  month: ['A month of looks', month, 20_000],
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
  const [title, test, usual] = TESTS[name];
  const data = mkdtempSync(join(tmpdir(), 'almanac-shake-'));
  const began = performance.now();
  console.log(title);
  const count = await test(data, times ?? usual);
  for (const [what, number] of Object.entries(count)) console.log(`  ${what.padEnd(48)} ${number}`);
  console.log(`  ${'seconds'.padEnd(48)} ${Math.round((performance.now() - began) / 1000)}`);
  if (count.lost || count.unopenable) console.log(`  what it left lies in ${data}`);
  else rmSync(data, { recursive: true, force: true });
}
