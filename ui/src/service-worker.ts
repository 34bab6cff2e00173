/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
import { clientsClaim } from 'workbox-core';
import type { WorkboxPlugin } from 'workbox-core';
import { cleanupOutdatedCaches, matchPrecache, precache } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst, NetworkOnly } from 'workbox-strategies';
import { kept, SAID, stamped, surplus } from '$lib/api/kept';

/**
 * Keeps the pages of the program, and what a round needs of its plants, so that a reload while the
 * program does not answer, or not soon, still shows them. What was kept says so; nothing is written
 * from here.
 */
const worker = self as unknown as ServiceWorkerGlobalScope;
const SHELL = '/';
/** Who waits longer among the shelves is shown what there is. */
const SOON_SECONDS = 2;
const fixed = [...build, ...files];

void worker.skipWaiting();
clientsClaim();
precache([SHELL, ...fixed].map((url) => ({ url, revision: version })));
cleanupOutdatedCaches();

/** What older programs kept by themselves. */
worker.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => names.filter((name) => name.startsWith('almanac-pages-')))
      .then((names) => Promise.all(names.map((name) => caches.delete(name)))),
  );
});

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && fixed.includes(url.pathname),
  async ({ request }) => (await matchPrecache(request)) ?? fetch(request),
);

const fromThere = new NetworkOnly({ networkTimeoutSeconds: SOON_SECONDS });
registerRoute(
  ({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate',
  async (options) => {
    try {
      return await fromThere.handle(options);
    } catch (failure) {
      const shell = await matchPrecache(SHELL);
      if (shell) return shell;
      throw failure;
    }
  },
);

/** An answer says when it was given; the plants that are too many go, the oldest first. */
const dated: WorkboxPlugin = {
  cacheWillUpdate: ({ response }) =>
    response.ok ? stamped(response, new Date()) : Promise.resolve(null),
  cacheDidUpdate: async () => {
    const cache = await caches.open(SAID);
    const paths = (await cache.keys()).map((each) => new URL(each.url).pathname);
    await Promise.all(surplus(paths).map((path) => cache.delete(path)));
  },
};
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && kept(url.pathname),
  new NetworkFirst({
    cacheName: SAID,
    networkTimeoutSeconds: SOON_SECONDS,
    plugins: [dated],
  }),
);
