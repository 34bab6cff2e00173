// Kills the program while it brings an older collection up to date, and looks whether it opens whole.
import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pause, Program } from './program.mjs';

const OLDER = resolve('app/src/test/resources/older/schema-7.zip');
const LONGEST_MS = 4000;

export async function upgrade(folder, times) {
  const count = { kills: 0, beforeItWasDone: 0, unopenable: 0, otherPlants: 0 };
  const whole = await plants(unpacked(folder));
  for (let i = 0; i < times; i++) {
    const data = unpacked(folder);
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
  return count;
}

function unpacked(folder) {
  const data = join(folder, 'older');
  rmSync(data, { recursive: true, force: true });
  mkdirSync(data);
  execFileSync('jar', ['--extract', '--file', OLDER], { cwd: data });
  return data;
}

/** What the program shows of them, once it has opened. */
async function plants(data) {
  const program = await Program.start(data, { demo: false });
  const shown = await (await program.get('/api/plants')).text();
  await program.stop();
  return shown;
}
