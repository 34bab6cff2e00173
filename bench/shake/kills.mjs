// Kills the program while it writes, and looks whether what it acknowledged is there.
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pause, Program } from './program.mjs';

const PLANTS = 60;
const look = (plant, n) => ({ on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note: `${plant} ${n}` });

export async function kills(data, times) {
  const count = { kills: 0, acknowledged: 0, lost: 0, halfSaved: 0, unopenable: 0, orphans: 0 };
  let acts = [];
  let photos = [];
  let picture;
  for (let i = 0; i <= times; i++) {
    let program;
    try {
      program = await Program.start(data);
    } catch (failure) {
      count.unopenable++;
      console.error(failure.message);
      return count;
    }
    picture ??= readFileSync(join(data, 'photos', readdirSync(join(data, 'photos')).find((name) => name.endsWith('.jpg') && !name.endsWith('-small.jpg'))));
    await verify(program, acts, photos, count);
    count.orphans += orphans(data);
    acts = [];
    photos = [];
    if (i === times) {
      await program.stop();
      break;
    }
    const writing = [0, 1, 2, 3].map((writer) => write(program, writer, i, picture, acts, photos));
    await pause(200 + Math.random() * 2800);
    await program.kill();
    await Promise.all(writing);
    count.kills++;
    count.acknowledged += acts.length + photos.length;
  }
  count.megabytes = Number((statSync(join(data, 'almanac.mv.db')).size / 1e6).toFixed(1));
  return count;
}

async function write(program, writer, round, picture, acts, photos) {
  for (let n = 0; ; n++) {
    const plant = 1 + Math.floor(Math.random() * PLANTS);
    try {
      if (writer === 0) {
        const answer = await program.photograph(plant, picture);
        if (answer.status === 201) photos.push((await answer.json()).id);
      } else {
        const answer = await program.post(
          `/api/plants/${plant}/inspections`,
          look(plant, n),
          `shake-${round}-${writer}-${n}`,
        );
        if (answer.status < 300) acts.push({ plant, act: (await answer.json()).act });
      }
    } catch {
      return;
    }
  }
}

async function verify(program, acts, photos, count) {
  for (const plant of new Set(acts.map((each) => each.plant))) {
    const page = await (await program.get(`/api/plants/${plant}`)).json();
    const there = new Map(page.journal.map((line) => [line.act, line]));
    for (const { act } of acts.filter((each) => each.plant === plant)) {
      if (!there.has(act)) count.lost++;
      else if (!there.get(act).words.length) count.halfSaved++;
    }
  }
  for (const id of photos)
    for (const small of [true, false])
      if ((await program.get(`/api/photos/${id}?small=${small}`)).status !== 200) count.lost++;
}

/** Pictures that no photograph claims are set aside at the start. */
function orphans(data) {
  return readdirSync(join(data, 'photos')).filter((name) => name.endsWith('.unfinished')).length;
}
