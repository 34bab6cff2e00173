// Fills the disk under the running program, in the middle of writes, and makes room again.
import { execFileSync } from 'node:child_process';
import { rmSync, statfsSync } from 'node:fs';
import { join } from 'node:path';
import { pause, Program } from './program.mjs';

const WRITERS = 4;
const LAID_AT_ONCE = 40;

export async function full(folder, times) {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=160m', 'tmpfs', folder]);
  } catch {
    return { skipped: 'a small disk can be made by root alone' };
  }
  const count = { filled: 0, acknowledged: 0, failedInMidWrite: 0, lost: 0, refusedAfterRoom: 0, healthLied: 0, readsFailed: 0 };
  let program;
  try {
    program = await Program.start(folder);
    for (let i = 0; i < times; i++) await once(program, folder, i, count);
    await program.stop();
  } finally {
    await program?.kill().catch(() => {});
    try {
      execFileSync('umount', ['-l', folder], { stdio: 'ignore' });
    } catch {
      // It goes with the machine.
    }
  }
  return count;
}

async function once(program, folder, round, count) {
  const acts = [];
  let writing = true;
  let stuck = false;
  const writers = Array.from({ length: WRITERS }, async (_, writer) => {
    for (let n = 0; writing; n++) {
      const plant = 1 + ((writer * 17 + n) % 60);
      const answer = await look(program, plant, `full ${round} ${writer} ${n}`);
      if (answer.status === 201) acts.push({ plant, act: (await answer.json()).act });
      else if ((await answer.json()).detail?.includes('not sure to be kept')) stuck = true;
    }
  });
  await pause(200 + 40 * (round % 20));
  const laid = await fill(folder);
  await pause(600);
  if ((await program.get('/api/plants/2')).status !== 200) count.readsFailed++;
  if ((await health(program)) !== 'DOWN') count.healthLied++;
  for (const file of laid) rmSync(file, { force: true });
  writing = false;
  await Promise.all(writers);
  count.filled++;
  count.acknowledged += acts.length;
  if (stuck) count.failedInMidWrite++;
  for (let wait = 0; wait < 40 && (await health(program)) !== 'UP'; wait++) await pause(100);
  if ((await look(program, 3, 'afterwards')).status !== 201) count.refusedAfterRoom++;
  for (const plant of new Set(acts.map((each) => each.plant))) {
    const page = await (await program.get(`/api/plants/${plant}`)).json();
    const there = new Set(page.journal.map((line) => line.act));
    count.lost += acts.filter((each) => each.plant === plant && !there.has(each.act)).length;
  }
}

const look = (program, plant, note) =>
  program.post(`/api/plants/${plant}/inspections`, { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note });

const health = async (program) => (await (await program.get('/api/health')).json()).status;

/** To the last block, however much is written meanwhile. */
async function fill(folder) {
  const laid = [];
  for (let n = 0; n < LAID_AT_ONCE; n++) {
    const free = statfsSync(folder).bavail * statfsSync(folder).bsize;
    if (free < 8192) break;
    const file = join(folder, `ballast-${n}`);
    laid.push(file);
    try {
      execFileSync('fallocate', ['-l', String(n === 0 ? Math.max(4096, free - 300_000) : free), file], { stdio: 'ignore' });
    } catch {
      await pause(2);
    }
  }
  return laid;
}
