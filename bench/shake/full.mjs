// Fills the disk under the running program, and makes room again.
import { execFileSync } from 'node:child_process';
import { rmSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pause, Program } from './program.mjs';

const MEGABYTE = 1e6;

export async function full(folder) {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=120m', 'tmpfs', folder]);
  } catch {
    return { skipped: 'a small disk can be made by root alone' };
  }
  const count = {};
  try {
    const program = await Program.start(folder);
    const look = (plant) =>
      program.post(`/api/plants/${plant}/inspections`, { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } } });
    const health = async () => (await (await program.get('/api/health')).json()).status;
    const fill = (leave) => {
      const free = statfsSync(folder).bavail * statfsSync(folder).bsize;
      writeFileSync(join(folder, `ballast-${leave}`), Buffer.alloc(Math.max(0, free - leave)));
    };
    count.before = (await look(1)).status;
    fill(10 * MEGABYTE);
    const refused = await look(2);
    count.refused = refused.status;
    count.said = (await refused.json()).detail;
    count.readsGoOn = (await program.get('/api/plants/2')).status;
    count.health = await health();
    count.lastBackup = (await program.post('/api/backups', {})).status;
    // And then to the last byte, for as long as the database may want to write something by itself.
    fill(0);
    await pause(3000);
    count.toTheLastByte = (await look(2)).status;
    count.readsGoOnThen = (await program.get('/api/plants/2')).status;
    for (const left of [10 * MEGABYTE, 0]) rmSync(join(folder, `ballast-${left}`));
    count.afterwards = (await look(3)).status;
    count.healthAfterwards = await health();
    await program.stop();
  } finally {
    execFileSync('umount', ['-l', folder]);
  }
  return count;
}
