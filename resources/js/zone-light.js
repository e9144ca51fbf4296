// Points between what a page says of a zone and the zone on the drawing, both ways. Choosing a zone on the
// small drawing goes to what this page says of it, or to its sanding or its mark where it says nothing.

const zoneOf = (target) => {
    const at = target.closest('[data-zone], [data-band], [data-light]');
    return at?.dataset.band ?? at?.dataset.zone ?? at?.dataset.light ?? '';
};

// The part that is meant: of the drawing, of what the page says, or the one that the page is about.
const partOf = (target, shown) =>
    target.closest('[data-part]')?.dataset.part ?? target.closest('[data-light-part]')?.dataset.lightPart ?? shown;

export default () => ({
    light(event) {
        const lit = zoneOf(event.target).split(' ').filter(Boolean);
        const shown = this.$root.querySelector('[data-part-shown]')?.dataset.partShown;
        const part = partOf(event.target, shown);
        this.$root
            .querySelectorAll('[data-drawing] [data-zone], [data-drawing] [data-band]')
            .forEach((el) =>
                el.classList.toggle(
                    'is-lit',
                    lit.includes(el.dataset.zone ?? el.dataset.band) && (!part || partOf(el, part) === part),
                ),
            );
        this.$root.querySelectorAll('tr[data-light]').forEach((row) =>
            row.classList.toggle(
                'bg-tint',
                lit.some((id) => row.dataset.light.split(' ').includes(id)),
            ),
        );
    },
    choose(event) {
        const zone = event.target.closest('[data-index]') && zoneOf(event.target);
        if (!zone) return;
        const index = event.target.closest('[data-index]').dataset;
        const part = partOf(event.target, index.partShown);
        const isHere = !index.partShown || part === index.partShown;
        const here = document.getElementById(`zone-${zone}`) ?? this.$root.querySelector(`[data-light~="${zone}"]`);
        if (here && isHere) {
            here.scrollIntoView({ block: 'center' });
            here.focus();
        } else {
            const about = part ? `?part=${part}` : '';
            const page = event.target.closest('[data-band]') ? index.marks : index.surface;
            window.location.assign(`${page}${about}#zone-${zone}`);
        }
    },
});
