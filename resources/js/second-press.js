// What comes to lie under a finger that has just pressed does not take the second half of a double press: for a moment
// after the page has changed, the place of the press is covered.

const REST_MS = 600;
const ROUND_PX = 10;
const KEPT_MS = 8000;
const NAME = 'pressed';

let pressed = null;

const mark = (button) =>
    [button.form?.getAttribute('action'), button.name, button.value, button.textContent.trim()].join('|');

document.addEventListener(
    'click',
    (event) => {
        const button = event.target.closest?.('button, input[type=submit], a[href]');
        if (!button || !event.isTrusted) return;
        const { left, top, width, height } = button.getBoundingClientRect();
        pressed = { left, top, width, height, at: Date.now(), mark: mark(button) };
    },
    true,
);

// Called as soon as other things stand on the page.
export function rest(press = pressed) {
    if (!press || Date.now() - press.at > KEPT_MS) return;
    const now = document.elementFromPoint(press.left + press.width / 2, press.top + press.height / 2);
    const button = now?.closest?.('button, input[type=submit], a[href]');
    if (button && mark(button) === press.mark) return;
    const cover = document.createElement('div');
    cover.className = 'rest';
    cover.setAttribute('aria-hidden', 'true');
    Object.assign(cover.style, {
        left: `${press.left - ROUND_PX}px`,
        top: `${press.top - ROUND_PX}px`,
        width: `${press.width + 2 * ROUND_PX}px`,
        height: `${press.height + 2 * ROUND_PX}px`,
    });
    document.body.append(cover);
    const until = Date.now() + REST_MS;
    // A key held or pressed twice is a second press as well, until somebody goes elsewhere with it.
    const still = (event) => {
        const target = event.target.closest?.('button, input[type=submit], a[href]');
        if ((event.key === 'Enter' || event.key === ' ') && target && mark(target) !== press.mark) {
            event.preventDefault();
        }
    };
    const wake = () => {
        document.removeEventListener('keydown', still, true);
        document.removeEventListener('focusin', wake, true);
    };
    document.addEventListener('keydown', still, true);
    document.addEventListener('focusin', wake, true);
    window.setTimeout(() => {
        cover.remove();
        wake();
    }, until - Date.now());
    pressed = null;
}

// The same over a page that is loaded anew.
export function keep() {
    try {
        if (pressed) sessionStorage.setItem(NAME, JSON.stringify(pressed));
    } catch {
        // Storage is shut off: the page is as it would be without this.
    }
}

export function restOnLoad() {
    try {
        const kept = sessionStorage.getItem(NAME);
        sessionStorage.removeItem(NAME);
        if (kept) rest(JSON.parse(kept));
    } catch {
        // As above.
    }
}
