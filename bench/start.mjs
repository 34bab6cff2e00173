// Measures how long the program takes from the command to its first answered request, and how much
// memory it holds then. The collection is the demo, in a folder of its own.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const RUNS = 5;
const PORT = 8497;
const data = mkdtempSync(join(tmpdir(), 'almanac-bench-'));

const answered = () =>
  new Promise((resolve) => {
    get({ port: PORT, host: '127.0.0.1', path: '/api/plants' }, (response) => {
      response.resume();
      response.on('end', () => resolve(response.statusCode === 200));
    }).on('error', () => resolve(false));
  });

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Of the program itself; the script that started it waits for it. */
function residentMb(script) {
  const pid = readFileSync(`/proc/${script}/task/${script}/children`, 'utf8').trim().split(' ')[0];
  const line = readFileSync(`/proc/${pid}/status`, 'utf8').match(/VmRSS:\s+(\d+) kB/);
  return Number(line[1]) / 1024;
}

async function once() {
  const began = performance.now();
  const program = spawn('./almanac', ['demo', '--data', data, '--port', String(PORT)], {
    stdio: 'ignore',
  });
  while (!(await answered())) await pause(20);
  const seconds = (performance.now() - began) / 1000;
  await pause(1500);
  const memory = residentMb(program.pid);
  program.kill();
  await new Promise((resolve) => program.on('exit', resolve));
  return { seconds, memory };
}

const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];

await once();
const runs = [];
for (let i = 0; i < RUNS; i++) runs.push(await once());
rmSync(data, { recursive: true });
console.log(`start to first answered request   ${median(runs.map((r) => r.seconds)).toFixed(1)} s (median of ${RUNS})`);
console.log(`resident memory after start       ${median(runs.map((r) => r.memory)).toFixed(0)} MB (target 280)`);
