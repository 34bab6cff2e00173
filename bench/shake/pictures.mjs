// Sends three pictures of 118 megapixels at once, and saves a look meanwhile.
import { crc32, deflateSync } from 'node:zlib';
import { Program } from './program.mjs';

const [WIDTH, HEIGHT] = [12_000, 9_834];

export async function pictures(data) {
  const program = await Program.start(data);
  const picture = png();
  const count = { megapixels: Math.round((WIDTH * HEIGHT) / 1e6) };
  const timed = async (name, send) => {
    const began = performance.now();
    const answer = await send();
    count[name] = `${answer.status} after ${Math.round(performance.now() - began)} ms`;
    const said = await answer.json();
    if (said.detail) count[`${name} said`] = said.detail;
  };
  await Promise.all([
    ...[1, 2, 3].map((plant) => timed(`picture ${plant}`, () => program.photograph(plant, picture))),
    timed('a look meanwhile', () =>
      program.post('/api/plants/4/inspections', { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note: '' }),
    ),
  ]);
  await program.stop();
  return count;
}

/**
 * One grey, which shrinks to a hundred kilobytes.
 *
 * @param rows what stands in it, if not so many rows
 */
export function png(width = WIDTH, height = HEIGHT, rows = Buffer.alloc((width + 1) * height)) {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head[8] = 8;
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

function chunk(type, body) {
  const named = Buffer.concat([Buffer.from(type), body]);
  const length = Buffer.alloc(4);
  length.writeUInt32BE(body.length);
  const sum = Buffer.alloc(4);
  sum.writeUInt32BE(crc32(named));
  return Buffer.concat([length, named, sum]);
}
