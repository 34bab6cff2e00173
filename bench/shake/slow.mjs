// Opens many connections from the house's network that send nothing, or a byte now and then, and looks
// whether a device that was let in and the machine itself are served meanwhile.
import { Agent, request } from 'node:https';
import { connect } from 'node:tls';
import { Program } from './program.mjs';

const PASSPHRASE = 'quiet towpath heron';
const ASKED = 40;

export async function slow(data, times) {
  const program = await Program.start(data);
  const opened = await (
    await program.post('/api/network', { open: true, passphrase: PASSPHRASE }, undefined, 'PUT')
  ).json();
  const port = Number(new URL(opened.way.addresses[0]).port);
  const knocked = await ask(port, 'POST', '/api/entrance', { passphrase: PASSPHRASE, device: 'Phone' });
  const cookie = knocked.headers['set-cookie'][0].split(';')[0];
  const count = { slowBodies: 0, closedAtOnce: 0, deviceServed: 0, deviceRefused: 0, slowestMs: 0, machineServed: 0 };
  const sockets = [];
  for (let i = 0; i < times; i++) {
    const socket = connect({ host: '127.0.0.1', port, rejectUnauthorized: false });
    socket.on('error', () => {});
    socket.on('close', () => count.closedAtOnce++);
    socket.on('secureConnect', () => {
      const path = ['/api/plants', '/api/entrance', '/api/package/arrivals', '/api/plants/1/photos'][i % 4];
      socket.write(
        `POST ${path} HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n{`,
      );
    });
    sockets.push(socket);
    count.slowBodies++;
  }
  const dripping = setInterval(() => sockets.forEach((socket) => socket.writable && socket.write(' ')), 500);
  for (let i = 0; i < ASKED; i++) {
    const began = performance.now();
    try {
      const answer = await ask(port, 'GET', '/api/plants', undefined, cookie);
      if (answer.statusCode === 200) count.deviceServed++;
      else count.deviceRefused++;
    } catch {
      count.deviceRefused++;
    }
    count.slowestMs = Math.max(count.slowestMs, Math.round(performance.now() - began));
    if ((await program.get('/api/site')).status === 200) count.machineServed++;
  }
  clearInterval(dripping);
  sockets.forEach((socket) => socket.destroy());
  await program.stop();
  return count;
}

/** As a phone asks, which holds its connection. */
const phone = new Agent({ keepAlive: true, maxSockets: 2, rejectUnauthorized: false });

function ask(port, method, path, body, cookie) {
  return new Promise((resolve, reject) => {
    const asked = request(
      {
        host: '127.0.0.1',
        port,
        method,
        path,
        agent: phone,
        headers: {
          ...(body ? { 'Content-Type': 'application/json' } : {}),
          ...(cookie ? { Cookie: cookie } : {}),
        },
      },
      (answer) => {
        answer.resume();
        answer.on('end', () => resolve(answer));
      },
    );
    asked.on('error', reject);
    asked.setTimeout(20_000, () => asked.destroy(new Error('nobody answers')));
    asked.end(body ? JSON.stringify(body) : undefined);
  });
}
