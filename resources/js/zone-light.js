// Points between a table's rows and the drawing's zones, both ways.

export default () => ({
    light(event) {
        const zone = event.target.closest('[data-zone], [data-band], [data-light]');
        const id = zone?.dataset.zone ?? zone?.dataset.light ?? zone?.dataset.band;
        this.clear();
        if (!id) return;
        this.$root.querySelectorAll('[data-drawing]').forEach((el) => el.classList.add(`lit-${id}`));
        this.$root.querySelectorAll('[data-light]').forEach((row) => row.classList.toggle('bg-tint', row.dataset.light === id));
    },
    clear() {
        this.$root.querySelectorAll('[data-drawing]').forEach((el) => (el.className = el.className.replace(/\s*lit-\S+/g, '')));
        this.$root.querySelectorAll('[data-light]').forEach((row) => row.classList.remove('bg-tint'));
    },
});
