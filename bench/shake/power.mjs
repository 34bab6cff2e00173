// Looks at the calls by which the program writes: between a save that is asked for and its answer the
// file of the collection, or of the picture, must have been synced.
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pause, Program } from './program.mjs';

const SAVES = 60;
const PICTURES = 5;

export async function power(data) {
  try {
    execFileSync('strace', ['-V'], { stdio: 'ignore' });
  } catch {
    return { skipped: 'strace is missing: install Debian’s strace' };
  }
  const calls = join(data, 'calls');
  const program = await Program.start(data, {
    wrap: ['strace', '-f', '-y', '-e', 'trace=fsync,fdatasync,rename,renameat,renameat2', '-o', calls],
  });
  const synced = (name) =>
    readFileSync(calls, 'utf8').split('\n').filter((line) => /sync\(/.test(line) && line.includes(name)).length;
  const count = { saves: 0, syncedBeforeAnswer: 0, pictures: 0, picturesSyncedBeforeAnswer: 0 };
  for (let n = 0; n < SAVES; n++) {
    const before = synced('almanac.mv.db');
    const answer = await program.post(`/api/plants/${1 + n}/inspections`, {
      on: '2027-05-15',
      looks: { leaves: { answers: ['FIRM'] } },
    });
    if (answer.status >= 300) continue;
    count.saves++;
    // What the tracer wrote down lies in its file a moment later than the call.
    for (let wait = 0; wait < 20 && synced('almanac.mv.db') === before; wait++) await pause(10);
    if (synced('almanac.mv.db') > before) count.syncedBeforeAnswer++;
  }
  const name = readdirSync(join(data, 'photos')).find((each) => !each.endsWith('-small.jpg') && each.endsWith('.jpg'));
  const picture = readFileSync(join(data, 'photos', name));
  for (let n = 0; n < PICTURES; n++) {
    const before = synced('.jpg');
    if ((await program.photograph(1 + n, picture)).status !== 201) continue;
    count.pictures++;
    await pause(200);
    if (synced('.jpg') >= before + 2) count.picturesSyncedBeforeAnswer++;
  }
  await program.stop();
  return count;
}
