// What is wider than a phone is moved aside by a finger, or by the keys once it is reached by them.

import { say } from './words';

const WIDE = 'main table, main .overflow-x-auto';

function reach() {
    for (const el of document.querySelectorAll(WIDE)) {
        const isWide = el.scrollWidth > el.clientWidth + 1 && getComputedStyle(el).overflowX === 'auto';
        if (isWide && !el.hasAttribute('tabindex')) {
            el.tabIndex = 0;
            if (el.matches('div')) {
                const others = document.querySelectorAll('[data-sideways][role=region]').length;
                el.setAttribute('role', 'region');
                el.setAttribute('aria-label', `${say('wider-than-the-page')} ${others || ''}`.trim());
            }
            el.dataset.sideways = '';
        } else if (!isWide && 'sideways' in el.dataset) {
            el.removeAttribute('tabindex');
            if (el.matches('div')) ['role', 'aria-label'].forEach((name) => el.removeAttribute(name));
            delete el.dataset.sideways;
        }
    }
}

let timer = null;

document.addEventListener('DOMContentLoaded', reach);
document.addEventListener('fresh', reach);
window.addEventListener('resize', () => {
    window.clearTimeout(timer);
    timer = window.setTimeout(reach, 100);
});
