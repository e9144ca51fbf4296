// What a device keeps of the app for when the network is gone: built styles, scripts and fonts, and the pages that are
// read with wet hands as they were last seen.

import { CacheableResponsePlugin } from 'workbox-cacheable-response';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst, NetworkOnly } from 'workbox-strategies';
import files from 'virtual:files';

const PAGES = /^\/(bench|rack\/weigh|shop\/climate|pieces\/\d+\/(route|card)|steps\/\d+\/(cup|wrong))$/;

// A shop's computer that is slow is waited for; what a device kept may be hours old.
const PATIENCE_SECONDS = 8;
const MOST_PAGES = 150;
const A_WEEK_SECONDS = 7 * 24 * 3600;

self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

cleanupOutdatedCaches();
precacheAndRoute(files);

registerRoute(
    ({ request, url }) => request.mode === 'navigate' && PAGES.test(url.pathname),
    new NetworkFirst({
        cacheName: 'pages',
        networkTimeoutSeconds: PATIENCE_SECONDS,
        plugins: [
            // A page that sends to the sign-in is none to keep.
            new CacheableResponsePlugin({ statuses: [200] }),
            new ExpirationPlugin({ maxEntries: MOST_PAGES, maxAgeSeconds: A_WEEK_SECONDS }),
        ],
    }),
);
registerRoute(({ request }) => request.mode === 'navigate', new NetworkOnly());
setCatchHandler(async ({ request }) =>
    request.mode === 'navigate' ? ((await matchPrecache('/offline.html')) ?? Response.error()) : Response.error(),
);
