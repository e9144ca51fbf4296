// Opens all that is folded on a page, and folds it again: a button with `data-open-all`, which names what it opens.

import { say } from './words';

function dress() {
    for (const button of document.querySelectorAll('[data-open-all]')) {
        const folded = [...document.querySelectorAll(button.dataset.openAll)];
        button.hidden = folded.length === 0;
        button.textContent = folded.every((one) => one.open) ? say('fold-all') : say('open-all');
    }
}

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-open-all]');
    if (!button) return;
    const folded = [...document.querySelectorAll(button.dataset.openAll)];
    const isOpen = folded.every((one) => one.open);
    for (const one of folded) one.open = !isOpen;
    dress();
});
document.addEventListener('DOMContentLoaded', dress);
document.addEventListener('fresh', dress);
