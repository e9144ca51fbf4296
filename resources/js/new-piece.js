// Choosing a form fills in its usual sizes and grain, unless they have been typed over, or are those of a blank that is
// there: another form comes out of the same wood.

export default () => ({
    init() {
        const chosen = this.$root.querySelector('[name=form]:checked');
        if (chosen) this.show(chosen.dataset.asks);
    },
    show(asked) {
        const asks = asked.split(' ');
        this.$root.querySelectorAll('[data-size]').forEach((el) => (el.hidden = !asks.includes(el.dataset.size)));
    },
    choose(event) {
        this.show(event.target.dataset.asks);
        if ('kept' in this.$root.dataset) return;
        const sizes = JSON.parse(event.target.dataset.sizes);
        for (const [name, value] of Object.entries(sizes)) {
            const field = this.$root.querySelector(`[name=${name}]`);
            if (field && !field.dataset.typed) field.value = value;
        }
        this.$root
            .querySelectorAll('[name=grain]')
            .forEach((radio) => (radio.checked = radio.value === event.target.dataset.grain));
    },
    typed(event) {
        event.target.dataset.typed = 'yes';
    },
});
