// What was not taken stands at its field and, with a link there, at the top; the page goes to the first.

export function goToFirst() {
    const link = document.querySelector('#problems a[href^="#"]');
    const place = link && document.getElementById(link.getAttribute('href').slice(1));
    if (!place) return false;
    show(place);

    return true;
}

function show(place) {
    for (let el = place; el; el = el.parentElement) if (el.tagName === 'DETAILS') el.open = true;
    place.scrollIntoView({ block: 'center' });
    const around = place.closest('label, td, fieldset, .field') ?? place.parentElement;
    const field = around?.querySelector('input:not([type=hidden]), select, textarea');
    field?.focus({ preventScroll: true });
}

document.addEventListener('click', (event) => {
    const link = event.target.closest?.('#problems a[href^="#"]');
    const place = link && document.getElementById(link.getAttribute('href').slice(1));
    if (!place) return;
    event.preventDefault();
    show(place);
});
