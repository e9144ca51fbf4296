// Whoever registers is usually where their browser is: its time zone is chosen beforehand.

document.addEventListener('DOMContentLoaded', () => {
    const field = document.querySelector('select[data-own-zone]');
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (field && [...field.options].some((option) => option.value === zone)) field.value = zone;
});
