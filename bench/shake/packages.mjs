// Changes single bytes of a package, and looks whether each change is noticed.
import { Program } from './program.mjs';

export async function packages(data, times) {
  const program = await Program.start(data);
  const whole = Buffer.from(await (await program.get('/api/package')).arrayBuffer());
  const count = { kilobytes: Math.round(whole.length / 1000), changed: 0, noticed: 0, takenIn: 0, faults: 0 };
  for (let i = 0; i < times; i++) {
    const changed = Buffer.from(whole);
    const at = Math.floor(Math.random() * whole.length);
    changed[at] ^= 1 << Math.floor(Math.random() * 8);
    const answer = await program.send('/api/package/arrivals', 'application/zip', changed);
    await answer.arrayBuffer();
    count.changed++;
    if (answer.status === 400) count.noticed++;
    else if (answer.status < 300) count.takenIn++;
    else count.faults++;
  }
  const sound = await program.send('/api/package/arrivals', 'application/zip', whole);
  count.soundOneTaken = sound.status === 201;
  await program.stop();
  return count;
}
