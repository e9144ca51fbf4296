// Forms marked data-live are sent in the background and the page's parts are swapped, so that the
// scroll position, open details and focus stay. Without scripts the same forms post and redirect.

const main = () => document.querySelector('main');

// With keepalive a small form arrives even when the page is left at once. Throws, in words, what kept it from being
// taken.
export async function send(form, submitter, keepalive = false) {
    return post(form.action, new FormData(form, submitter ?? undefined), keepalive);
}

async function post(action, body, keepalive) {
    const how = { method: 'POST', body, headers: { Accept: 'text/html' }, credentials: 'same-origin', keepalive };
    const response = await fetch(action, how).catch(() => {
        throw new Error("The shop's computer did not answer; nothing was saved. Try again.");
    });
    if (response.status === 419) {
        throw new Error('The page has been open too long. Reload it; what you typed is still here until you do.');
    }
    const page = new DOMParser().parseFromString(await response.text(), 'text/html');
    if (response.status === 503) {
        throw new Error("The workshop's records do not answer. What you typed is still here; look whether it stands.");
    }
    if (!response.ok) {
        throw new Error(
            `${page.querySelector('h1')?.textContent ?? response.statusText}. Nothing was saved; ` +
                'what you typed is still here.',
        );
    }
    return { url: response.url, page };
}

export function swap(page, selectors) {
    for (const selector of selectors) {
        const [from, to] = [page.querySelector(selector), document.querySelector(selector)];
        if (from && to) to.replaceWith(document.importNode(from, true));
    }
    const version = page.querySelector('input[name=version]')?.value;
    if (version) document.querySelectorAll('input[name=version]').forEach((field) => (field.value = version));
}

export function tell(words) {
    const line = document.querySelector('#said');
    if (!line) return;
    line.textContent = words;
    line.classList.add('px-4', 'sm:px-[40px]', 'py-2');
}

// Forms sent while another is under way wait for it, and go on from the version that it left: nothing is lost when two
// fields are changed one right after the other.
let underWay = Promise.resolve();
let waiting = 0;
let left = null;

async function sendLive(action, body, follows) {
    if (follows && left && body.has('version')) body.set('version', left);
    const { page, url } = await post(action, body, false);
    const fresh = page.querySelector('main');
    if (!fresh) throw new Error('The page could not be read.');
    const focused = document.activeElement?.id;
    main().replaceWith(document.importNode(fresh, true));
    if (url.split('?')[0] !== location.href.split('?')[0]) history.pushState({}, '', url);
    document.title = page.title;
    if (focused) document.getElementById(focused)?.focus();
    left = page.querySelector('input[name=version]')?.value ?? null;
}

document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.dataset.ask && !window.confirm(form.dataset.ask)) {
        event.preventDefault();
        return;
    }
    const body = new FormData(form, event.submitter ?? undefined);
    const same = new URLSearchParams([...body].filter(([, value]) => typeof value === 'string')).toString();
    if (form.dataset.busy === same) {
        event.preventDefault();
        return;
    }
    form.dataset.busy = same;
    window.setTimeout(() => delete form.dataset.busy, 4000);
    if (!('live' in form.dataset)) return;
    event.preventDefault();
    const follows = waiting > 0;
    waiting += 1;
    underWay = underWay
        .then(() => sendLive(form.action, body, follows))
        .catch((error) => tell(error.message))
        .then(() => {
            waiting -= 1;
            delete form.dataset.busy;
        });
});

document.addEventListener('change', (event) => {
    if ('autosend' in (event.target.dataset ?? {})) event.target.form?.requestSubmit();
});

window.addEventListener('popstate', () => location.reload());

// Undo and redo by the usual keys, unless a text field has its own.
document.addEventListener('keydown', (event) => {
    if (
        !(event.ctrlKey || event.metaKey) ||
        event.key.toLowerCase() !== 'z' ||
        event.target.matches('input, textarea, select')
    )
        return;
    const form = document.querySelector(event.shiftKey ? '#redo' : '#undo');
    if (form && !form.querySelector('button').disabled) {
        event.preventDefault();
        form.requestSubmit();
    }
});
