// Writes a month of looks, as many as a large collection has, and watches what they leave: the file of the
// collection against what all of it weighs when it is carried out, the memory, and the backups.
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Program } from './program.mjs';

const WRITERS = 2;
const LOOKED_EVERY = 100;

export async function month(data, times) {
  const program = await Program.start(data);
  const file = () => statSync(join(data, 'almanac.mv.db')).size / 1e6;
  const count = { looks: 0, refused: 0, megabytesAtFirst: file().toFixed(1), largestMegabytes: 0, largestRssMegabytes: 0 };
  let next = 0;
  const began = performance.now();
  async function write() {
    while (next < times) {
      const n = next++;
      const answer = await program.post(
        `/api/plants/${1 + (n % 60)}/inspections`,
        { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note: `look ${n}` },
        `month-${began}-${n}`,
      );
      await answer.arrayBuffer();
      if (answer.status === 201) count.looks++;
      else count.refused++;
      if (n % LOOKED_EVERY === 0) {
        count.largestMegabytes = Math.max(count.largestMegabytes, file());
        count.largestRssMegabytes = Math.max(count.largestRssMegabytes, program.rss());
      }
    }
  }
  await Promise.all(Array.from({ length: WRITERS }, write));
  count.largestMegabytes = count.largestMegabytes.toFixed(1);
  count.millisecondsALook = Math.round((performance.now() - began) / times);
  count.megabytesAtLast = file().toFixed(1);
  const carried = await (await program.get('/api/package')).arrayBuffer();
  count.exportMegabytes = (carried.byteLength / 1e6).toFixed(1);
  count.backup = (await program.post('/api/backups', {})).status;
  const backups = join(data, 'backups');
  const zips = readdirSync(backups).filter((name) => name.endsWith('.zip'));
  count.backupMegabytes = zips.map((name) => (statSync(join(backups, name)).size / 1e6).toFixed(1)).join(' ');
  await program.stop();
  count.megabytesClosed = file().toFixed(1);
  return count;
}
