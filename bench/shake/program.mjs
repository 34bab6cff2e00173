// The program as a user runs it, spoken to over HTTP, and killed.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';

const RUN = 'target/run';
const JVM = ['-Xms96m', '-XX:NewSize=32m', '-Xmx1g', '-XX:+UseSerialGC', '-XX:TieredStopAtLevel=1', '-XX:+ExitOnOutOfMemoryError', '-Dspring.aot.enabled=true'];
const PATIENCE_MS = 60_000;

export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

const freePort = () =>
  new Promise((resolve) => {
    const server = createServer();
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

export class Program {
  constructor(process, port) {
    this.process = process;
    this.port = port;
    this.said = '';
    process.stderr.on('data', (data) => (this.said += data));
    this.ended = new Promise((resolve) => process.on('exit', resolve));
  }

  /** Starts it, and waits until it answers. */
  static async start(data, how) {
    const program = await Program.launch(data, how);
    const until = Date.now() + PATIENCE_MS;
    while (Date.now() < until && program.process.exitCode === null) {
      try {
        if ((await program.get('/api/plants')).status === 200) return program;
      } catch {
        await pause(50);
      }
    }
    throw new Error(`The program did not open: ${program.said}`);
  }

  /**
   * Starts it, and does not wait.
   *
   * @param wrap words before the command, such as a tracer with its options
   */
  static async launch(data, { demo = true, wrap = [], today = '2027-05-15' } = {}) {
    const port = await freePort();
    const archive = existsSync(`${RUN}/classes.jsa`) ? [`-XX:SharedArchiveFile=${RUN}/classes.jsa`] : [];
    const words = [
      ...wrap,
      'java',
      ...JVM,
      ...archive,
      '-jar',
      `${RUN}/mellow-almanac.jar`,
      `--data=${data}`,
      `--port=${port}`,
      `--today=${today}`,
      ...(demo ? ['--demo'] : []),
    ];
    return new Program(
      spawn(words[0], words.slice(1), { stdio: ['ignore', 'ignore', 'pipe'], detached: true }),
      port,
    );
  }

  url(path) {
    return `http://127.0.0.1:${this.port}${path}`;
  }

  get(path) {
    return fetch(this.url(path));
  }

  post(path, body, key, method = 'POST') {
    return fetch(this.url(path), {
      method,
      headers: { 'Content-Type': 'application/json', ...(key ? { 'Idempotency-Key': key } : {}) },
      body: JSON.stringify(body),
    });
  }

  /** @param signal by which whoever asks may leave before the answer has come */
  send(path, type, bytes, signal) {
    return fetch(this.url(path), { method: 'POST', headers: { 'Content-Type': type }, body: bytes, signal });
  }

  /** Megabytes of memory that it holds. */
  rss() {
    const kilobytes = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${this.process.pid}/status`, 'utf8'));
    return Math.round(Number(kilobytes?.[1] ?? 0) / 1000);
  }

  photograph(plant, bytes) {
    const form = new FormData();
    form.append('photo', new Blob([bytes], { type: 'image/jpeg' }), 'shake.jpg');
    return fetch(this.url(`/api/plants/${plant}/photos`), { method: 'POST', body: form });
  }

  /** As a power cut does it to a process. */
  async kill() {
    process.kill(-this.process.pid, 'SIGKILL');
    await this.ended;
  }

  async stop() {
    process.kill(-this.process.pid, 'SIGTERM');
    await this.ended;
  }
}
