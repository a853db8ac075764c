/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { matchPrecache, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';

/** The pages' files, put in by the build. */
declare const FILES_OF_PAGES: PrecacheEntry[];
declare const self: ServiceWorkerGlobalScope;

/** After so long without an answer what is kept is shown. Seconds */
const PATIENCE = 4;

/**
 * Keeps floor mode for when the network is gone: the pages' files, and the sheets that are out. It sees to `/floor`
 * alone: at the desk nothing is ever older than the server.
 */
void self.skipWaiting();
clientsClaim();
precacheAndRoute(FILES_OF_PAGES);

registerRoute(
  new NavigationRoute(async ({ request }) => {
    try {
      return await fetch(request);
    } catch {
      return (await matchPrecache('/index.html')) ?? Response.error();
    }
  }),
);

// What was issued never changes; which sheets are out does.
registerRoute(
  ({ url }) => /^\/api\/issued\/[^/]+$/.test(url.pathname),
  new CacheFirst({ cacheName: 'gyrus-issued' }),
);
registerRoute(
  ({ url }) => url.pathname === '/api/issued',
  new NetworkFirst({ cacheName: 'gyrus-issued-list', networkTimeoutSeconds: PATIENCE }),
);
