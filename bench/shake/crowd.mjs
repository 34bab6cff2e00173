// Two thousand plants, twenty who read all kinds of pages and five who save looks, for half a minute; and
// meanwhile somebody who carries everything out and somebody who looks at the year.
import { Program } from './program.mjs';

const PLANTS = 2000;
const READERS = 20;
const WRITERS = 5;
const SECONDS = 30;

export async function crowd(data) {
  const program = await Program.start(data, { demo: false });
  await fill(program);
  const count = { plants: (await (await program.get('/api/plants')).json()).length };
  const reads = [];
  const writes = [];
  const longOnes = [];
  count.errors = 0;
  const until = Date.now() + SECONDS * 1000;
  const timed = async (times, send) => {
    const began = performance.now();
    const answer = await send();
    await answer.arrayBuffer();
    if (answer.status >= 400) count.errors++;
    times.push(performance.now() - began);
  };
  const again = async (task) => {
    for (let n = 0; Date.now() < until; n++) await task(n);
  };
  await Promise.all([
    ...Array.from({ length: READERS }, (_, reader) =>
      again((n) => timed(reads, () => program.get(page(reader, n)))),
    ),
    ...Array.from({ length: WRITERS }, (_, writer) =>
      again((n) =>
        timed(writes, () =>
          program.post(
            `/api/plants/${1 + ((writer * 401 + n * 7) % PLANTS)}/inspections`,
            { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note: `crowd ${writer} ${n}` },
            `crowd-${until}-${writer}-${n}`,
          ),
        ),
      ),
    ),
    again(() => timed(longOnes, () => program.get('/api/package'))),
    again(() => timed(longOnes, () => program.get('/api/year?from=2027-05-01&to=2028-05-01'))),
  ]);
  for (const [name, times] of Object.entries({ reads, writes, longOnes })) {
    times.sort((one, other) => one - other);
    count[name] = times.length;
    count[`${name}: median ms`] = Math.round(times[Math.floor(times.length / 2)] ?? 0);
    count[`${name}: 99 in 100 within ms`] = Math.round(times[Math.floor(times.length * 0.99)] ?? 0);
  }
  count.rssMegabytes = program.rss();
  await program.stop();
  return count;
}

/** Mostly plants, some of their photographs, the stock and the places; now and then Today and the list. */
function page(reader, n) {
  const plant = 1 + ((reader * 97 + n * 13) % PLANTS);
  if (n % 40 === 20) return '/api/plants';
  if (n % 40 === 10) return '/api/checks';
  return [`/api/plants/${plant}`, `/api/plants/${plant}/photos`, '/api/stock', '/api/places', '/api/site'][n % 5];
}

async function fill(program) {
  const kinds = ['Cattleya, one-leaved', 'Oncidium alliance', 'Paphiopedilum', 'Vanda'];
  const rows = Array.from(
    { length: PLANTS },
    (_, i) => `Plant ${i},"${kinds[i % kinds.length]}",Shelf ${i % 12},2025-0${1 + (i % 9)}-10`,
  );
  const sent = await program.send(
    '/api/sheets?name=crowd.csv',
    'application/octet-stream',
    `Name,Kind,Place,Potted\n${rows.join('\n')}`,
  );
  const sheet = await sent.json();
  const decisions = { ...sheet.guess, kinds: [], places: [], corrected: [], leftOut: [] };
  const reading = await (await program.post(`/api/sheets/${sheet.uid}/reading`, decisions)).json();
  decisions.kinds = (reading.kinds ?? []).map((each) => ({ words: each.words, key: each.key ?? 'cattleya-one', anew: false }));
  decisions.places = (reading.places ?? []).map((each) => ({ words: each.words, placeId: null, name: each.words }));
  const brought = await program.post(`/api/sheets/${sheet.uid}`, decisions, 'crowd-brought-in');
  if (brought.status !== 201) throw new Error(await brought.text());
}
