// Two thousand plants, twenty who read all kinds of pages and five who save looks, for a minute; then half a minute
// more beside somebody who carries everything out and somebody who looks at the year, again and again.
import { Program } from './program.mjs';

const PLANTS = 2000;
const READERS = 20;
const WRITERS = 5;

export async function crowd(data) {
  const program = await Program.start(data, { demo: false });
  await fill(program);
  const count = { plants: (await (await program.get('/api/plants')).json()).length, errors: 0 };
  await throng(program, count, 60, '', false);
  await throng(program, count, 30, ', beside long ones', true);
  count.rssMegabytes = program.rss();
  await program.stop();
  return count;
}

/** So many seconds of them, into the figures of that name. */
async function throng(program, count, seconds, name, withLongOnes) {
  const times = { reads: [], writes: [], 'long ones': [] };
  const until = Date.now() + seconds * 1000;
  const timed = async (kind, send) => {
    const began = performance.now();
    const answer = await send();
    await answer.arrayBuffer();
    if (answer.status >= 400) count.errors++;
    times[kind].push(performance.now() - began);
  };
  const again = async (task) => {
    for (let n = 0; Date.now() < until; n++) await task(n);
  };
  const longOnes = ['/api/package', '/api/year?from=2027-05-01&to=2028-05-01'];
  await Promise.all([
    ...Array.from({ length: READERS }, (_, reader) =>
      again((n) => timed('reads', () => program.get(page(reader, n)))),
    ),
    ...Array.from({ length: WRITERS }, (_, writer) =>
      again((n) =>
        timed('writes', () =>
          program.post(
            `/api/plants/${1 + ((writer * 401 + n * 7) % PLANTS)}/inspections`,
            { on: '2027-05-15', looks: { leaves: { answers: ['FIRM'] } }, note: `crowd ${writer} ${n}` },
            `crowd-${until}-${writer}-${n}`,
          ),
        ),
      ),
    ),
    ...(withLongOnes ? longOnes : []).map((path) => again(() => timed('long ones', () => program.get(path)))),
  ]);
  for (const [kind, each] of Object.entries(times)) {
    if (!each.length) continue;
    each.sort((one, other) => one - other);
    count[kind + name] = each.length;
    count[`${kind + name}: median ms`] = Math.round(each[Math.floor(each.length / 2)]);
    count[`${kind}${name}: 99 in 100 within ms`] = Math.round(each[Math.floor(each.length * 0.99)]);
  }
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
