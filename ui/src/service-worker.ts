/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
import { kept, SAID, stamped, surplus } from '$lib/api/kept';

/**
 * Keeps the pages of the program, and what a round needs of its plants, so that a reload while the
 * program does not answer still shows them. What was kept says so; nothing is written from here.
 */
const worker = self as unknown as ServiceWorkerGlobalScope;
const PAGES = `almanac-pages-${version}`;
const SHELL = '/';
const fixed = new Set([...build, ...files]);

worker.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(PAGES)
      .then((cache) => cache.addAll([SHELL, ...fixed]))
      .then(() => worker.skipWaiting()),
  );
});

worker.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) =>
        Promise.all(
          names
            .filter((name) => name !== PAGES && name !== SAID)
            .map((name) => caches.delete(name)),
        ),
      )
      .then(() => worker.clients.claim()),
  );
});

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
  if (fixed.has(url.pathname)) event.respondWith(keptFile(request));
  else if (request.mode === 'navigate') event.respondWith(page(request));
  else if (kept(url.pathname)) event.respondWith(said(request));
});

async function keptFile(request: Request): Promise<Response> {
  return (await caches.match(request)) ?? fetch(request);
}

async function page(request: Request): Promise<Response> {
  try {
    return await fetch(request);
  } catch (failure) {
    const shell = await caches.match(SHELL);
    if (shell) return shell;
    throw failure;
  }
}

/** What the program says; while it does not answer, what it said last. */
async function said(request: Request): Promise<Response> {
  const cache = await caches.open(SAID);
  try {
    const answer = await fetch(request);
    if (answer.ok) {
      await cache.put(request, await stamped(answer.clone(), new Date()));
      const paths = (await cache.keys()).map((each) => new URL(each.url).pathname);
      await Promise.all(surplus(paths).map((path) => cache.delete(path)));
    }
    return answer;
  } catch (failure) {
    const last = await cache.match(request);
    if (last) return last;
    throw failure;
  }
}
