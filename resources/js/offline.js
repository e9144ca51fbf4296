// What a device keeps of the app: the worker that keeps it, the pages that it is given beforehand, and nothing of them
// for whoever is not signed in any more.

import { say } from './words';

const PAGES = 'pages';
const AGAIN_MS = 15 * 60_000;
const AT = 'pages-kept';

const canKeep = window.isSecureContext && 'serviceWorker' in navigator && 'caches' in window;

const forget = () => window.caches.delete(PAGES);

function keptAt() {
    try {
        return Number(sessionStorage.getItem(AT) ?? 0);
    } catch {
        return 0;
    }
}

// The pages of what is in work, fetched while nothing else is to do. One after the other: they are for later.
async function keepPages(addresses) {
    if (Date.now() - keptAt() < AGAIN_MS) return;
    const cache = await window.caches.open(PAGES);
    for (const address of addresses) {
        const page = await fetch(address, { headers: { Accept: 'text/html' } });
        if (page.ok && !page.redirected) await cache.put(address, page);
    }
    try {
        sessionStorage.setItem(AT, String(Date.now()));
    } catch {
        // They are fetched again on the next page.
    }
    document.documentElement.dataset.kept = String(addresses.length);
}

// What was sent changed them.
async function keepAnew() {
    const cache = await window.caches.open(PAGES);
    for (const request of await cache.keys()) {
        const page = await fetch(request.url, { headers: { Accept: 'text/html' } });
        if (page.ok && !page.redirected) await cache.put(request, page);
    }
}

// Elsewhere the page says what is missing.
function dress() {
    const line = document.querySelector('[data-no-pages]');
    if (!line || window.isSecureContext) return;
    line.textContent = say('keeps-no-pages');
    line.hidden = false;
}
document.addEventListener('DOMContentLoaded', dress);

if (canKeep) {
    document.addEventListener('presses-sent', () => keepAnew().catch(() => {}));
    const isSignedIn = document.querySelector('meta[name=alive]') !== null;
    if (isSignedIn) {
        navigator.serviceWorker
            .register('/sw.js')
            .then(() => navigator.serviceWorker.ready)
            .then(() => {
                const addresses = JSON.parse(document.querySelector('[data-keep]')?.dataset.keep ?? '[]');
                const idle = window.requestIdleCallback ?? ((then) => window.setTimeout(then, 2000));
                if (addresses.length > 0) idle(() => keepPages(addresses).catch(() => {}));
            })
            .catch(() => {});
        document.addEventListener('submit', (event) => {
            if (event.target.getAttribute('action')?.endsWith('/sign-out')) {
                forget();
                sessionStorage.removeItem(AT);
            }
        });
    } else {
        forget();
    }
}
