// Points between what a page says of a zone and the zone on the drawing, both ways. Choosing a zone on the
// small drawing goes to what this page says of it, or to its sanding or its mark where it says nothing.

const zoneOf = (target) => {
    const at = target.closest('[data-zone], [data-band], [data-light]');
    return at?.dataset.band ?? at?.dataset.zone ?? at?.dataset.light ?? '';
};

export default () => ({
    light(event) {
        const lit = zoneOf(event.target).split(' ').filter(Boolean);
        this.$root.querySelectorAll('[data-drawing] [data-zone], [data-drawing] [data-band]').forEach((el) => el.classList.toggle('is-lit', lit.includes(el.dataset.zone ?? el.dataset.band)));
        this.$root.querySelectorAll('tr[data-light]').forEach((row) => row.classList.toggle('bg-tint', lit.some((id) => row.dataset.light.split(' ').includes(id))));
    },
    choose(event) {
        const zone = event.target.closest('[data-index]') && zoneOf(event.target);
        if (!zone) return;
        const here = document.getElementById(`zone-${zone}`) ?? this.$root.querySelector(`[data-light~="${zone}"]`);
        if (here) {
            here.scrollIntoView({ block: 'center' });
            here.focus();
        } else {
            const { surface, marks } = event.target.closest('[data-index]').dataset;
            window.location.assign(event.target.closest('[data-band]') ? marks : `${surface}#zone-${zone}`);
        }
    },
});
