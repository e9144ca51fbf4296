// A column of numbers: Enter goes to the next field, and from the last one sends.

document.addEventListener('keydown', (event) => {
    if (event.key !== 'Enter' || !('enterNext' in (event.target.dataset ?? {}))) return;
    const fields = [...event.target.form.querySelectorAll('[data-enter-next]')];
    const next = fields[fields.indexOf(event.target) + 1];
    if (!next) return;
    event.preventDefault();
    next.focus();
    next.select();
});
