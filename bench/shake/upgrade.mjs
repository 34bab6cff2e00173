// Kills the program while it brings an older collection up to date, and looks whether it opens whole.
import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pause, Program } from './program.mjs';

/** A collection of each schema since acts began, as it was left. */
const OLDER = resolve('app/src/test/resources/older');
const SCHEMAS = readdirSync(OLDER)
  .map((name) => /^schema-(\d+)\.zip$/.exec(name)?.[1])
  .filter(Boolean)
  .sort((one, other) => one - other);
const LONGEST_MS = 4000;

export async function upgrade(folder, times) {
  const count = { schemas: SCHEMAS.join(' '), kills: 0, beforeItWasDone: 0, unopenable: 0, otherPlants: 0 };
  for (const schema of SCHEMAS) await from(schema, folder, Math.ceil(times / SCHEMAS.length), count);
  return count;
}

async function from(schema, folder, times, count) {
  const whole = await plants(unpacked(schema, folder));
  for (let i = 0; i < times; i++) {
    const data = unpacked(schema, folder);
    const program = await Program.launch(data, { demo: false });
    await pause(Math.random() * LONGEST_MS);
    const answered = await program.get('/api/health').then(
      () => true,
      () => false,
    );
    await program.kill();
    count.kills++;
    if (!answered) count.beforeItWasDone++;
    try {
      if ((await plants(data)) !== whole) count.otherPlants++;
    } catch (failure) {
      count.unopenable++;
      console.error(failure.message);
    }
  }
}

function unpacked(schema, folder) {
  const data = join(folder, 'older');
  rmSync(data, { recursive: true, force: true });
  mkdirSync(data);
  execFileSync('jar', ['--extract', '--file', join(OLDER, `schema-${schema}.zip`)], { cwd: data });
  return data;
}

/** What the program shows of them, once it has opened. */
async function plants(data) {
  const program = await Program.start(data, { demo: false });
  const shown = await (await program.get('/api/plants')).text();
  await program.stop();
  return shown;
}
