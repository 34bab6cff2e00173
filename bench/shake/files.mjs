// Sends sheets, pictures and zip files that were made to do harm; each must be refused in time, and the
// program be well afterwards.
import { readFileSync } from 'node:fs';
import { crc32, deflateRawSync } from 'node:zlib';
import { png } from './pictures.mjs';
import { Program } from './program.mjs';

const SLOW_MS = 10_000;

export async function files(data) {
  const program = await Program.start(data);
  const count = { sent: 0, refused: 0, read: 0, faults: 0, slow: 0, slowestMs: 0, notWell: 0 };
  const sends = { sheets: '/api/sheets?name=list.xlsx', packages: '/api/package/arrivals', plants: '/api/passports' };
  for (const [name, bytes] of Object.entries({ ...sheets(), ...zips() }))
    for (const [where, path] of Object.entries(sends))
      await timed(`${name} as ${where}`, () =>
        program.send(path, where === 'sheets' ? 'application/octet-stream' : 'application/zip', bytes),
      );
  for (const [name, bytes] of Object.entries(pictures()))
    await timed(name, () => program.photograph(1, bytes));
  await Promise.all(
    [1, 2, 3].map((plant) => timed('three at once', () => program.photograph(plant, pictures()['an endless WebP']))),
  );
  count.rssMegabytes = program.rss();
  await program.stop();
  return count;

  async function timed(name, send) {
    const began = performance.now();
    let status = 0;
    try {
      const answer = await send();
      await answer.arrayBuffer();
      status = answer.status;
    } catch (failure) {
      console.error(`    ${name}: ${failure.message}`);
    }
    const took = Math.round(performance.now() - began);
    count.sent++;
    count.slowestMs = Math.max(count.slowestMs, took);
    if (status >= 400 && status < 500) count.refused++;
    else if (status >= 200 && status < 300) count.read++;
    else if (status !== 503) {
      count.faults++;
      console.error(`    ${status} ${name}`);
    }
    if (took > SLOW_MS) {
      count.slow++;
      console.error(`    ${took} ms ${name}`);
    }
    if ((await (await program.get('/api/health')).json()).status !== 'UP') count.notWell++;
  }
}

const HEAD = '<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>';
const FOOT = '</sheetData></worksheet>';

/** Of each only the table matters; whoever reads on fails for want of a book. */
function sheets() {
  const table = (before, again, times, after) => ({
    'xl/worksheets/sheet1.xml': Buffer.concat([
      Buffer.from(HEAD + before),
      ...Array.from({ length: Math.ceil(times / 1000) }, () => Buffer.from(again.repeat(1000))),
      Buffer.from(after + FOOT),
    ]),
  });
  return {
    'ninety megabytes of empty cells': zip(table('<row r="1">', '<c/>', 22_000_000, '</row>')),
    'a cell for every letter of each row': zip(table('', '<row><c r="XFD1"/></row>', 10_000, '')),
    'a cell far to the right': zip(table('<row r="1"><c r="ZZZZZZ1"><v>1</v></c></row>', '', 0, '')),
    'ten million rows': zip(table('', '<row/>', 10_000_000, '')),
    'a text of fifty megabytes': zip(table('<row><c t="inlineStr"><is><t>', 'bark ', 10_000_000, '</t></is></c></row>')),
    'an attribute of fifty megabytes': zip(table('<row s="', 'bark ', 10_000_000, '"/>')),
    'names that explain each other': zip({
      'xl/worksheets/sheet1.xml': Buffer.from(
        '<!DOCTYPE a [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">' +
          '<!ENTITY c "&b;&b;&b;&b;&b;&b;&b;&b;"><!ENTITY d "&c;&c;&c;&c;&c;&c;&c;&c;">]><worksheet>&d;</worksheet>',
      ),
    }),
    'ten million commas': Buffer.from(`Name\n${','.repeat(9_900_000)}`),
    'one quotation mark': Buffer.from(`Name\n"${'x\n'.repeat(4_000_000)}`),
  };
}

function zips() {
  const many = Object.fromEntries(Array.from({ length: 60_000 }, (_, i) => [`photographs/${i}.jpg`, Buffer.alloc(1)]));
  return {
    'a table of a gigabyte': zip({ 'act.csv': Buffer.alloc(1_000_000_000) }),
    'sixty thousand photographs': zip(many),
    'a name that climbs out': zip({ '../../outside.csv': Buffer.from('x') }),
    'a description that nests': zip({ 'datapackage.json': Buffer.from('['.repeat(1_000_000)) }),
    'nothing at all': zip({}),
    'half of a zip file': zip({ 'act.csv': Buffer.alloc(5000) }).subarray(0, 60),
  };
}

function pictures() {
  const webp = readFileSync('app/src/test/resources/pictures/lossy.webp');
  const endless = Buffer.from(webp);
  endless.writeUInt32LE(15_999, 24);
  endless.writeUInt16LE(3_999, 27);
  const at = endless.indexOf('VP8 ') + 14;
  endless.writeUInt16LE(16_000, at);
  endless.writeUInt16LE(4_000, at + 2);
  return {
    'an endless WebP': endless,
    'half of a WebP': webp.subarray(0, webp.length / 2),
    'a PNG of 60 megapixels': png(8_000, 7_500),
    'a PNG of 400 megapixels': png(40_000, 10_000, Buffer.alloc(1000)),
    'half of a PNG': png(2_000, 1_000).subarray(0, 1500),
    'a text': Buffer.from('no picture'),
  };
}

/** A zip file that says of each part what it holds. */
function zip(parts) {
  const files = [];
  const list = [];
  let at = 0;
  for (const [name, bytes] of Object.entries(parts)) {
    const named = Buffer.from(name);
    const packed = deflateRawSync(bytes, { level: 1 });
    const head = Buffer.alloc(26);
    head.writeUInt16LE(20, 0);
    head.writeUInt16LE(8, 4);
    head.writeUInt32LE(crc32(bytes), 10);
    head.writeUInt32LE(packed.length, 14);
    head.writeUInt32LE(bytes.length, 18);
    head.writeUInt16LE(named.length, 22);
    files.push(Buffer.from('PK\u0003\u0004', 'latin1'), head, named, packed);
    const entry = Buffer.alloc(16);
    entry.writeUInt32LE(at, 12);
    list.push(Buffer.from('PK\u0001\u0002\u0014\u0000', 'latin1'), head, entry, named);
    at += 30 + named.length + packed.length;
  }
  const all = Buffer.concat(list);
  const end = Buffer.alloc(18);
  const entries = Math.min(0xffff, Object.keys(parts).length);
  end.writeUInt16LE(entries, 4);
  end.writeUInt16LE(entries, 6);
  end.writeUInt32LE(all.length, 8);
  end.writeUInt32LE(at, 12);
  return Buffer.concat([...files, all, Buffer.from('PK\u0005\u0006', 'latin1'), end]);
}
