// Choosing a form fills in its usual sizes and grain, unless they have been typed over, or are those of a blank that is
// there: another form comes out of the same wood.

export default () => ({
    because: '',
    init() {
        const chosen = this.$root.querySelector('[name=form]:checked');
        if (chosen) this.show(chosen.dataset.asks);
    },
    show(asked) {
        const asks = asked.split(' ');
        this.$root.querySelectorAll('[data-size]').forEach((el) => (el.hidden = !asks.includes(el.dataset.size)));
    },
    size(sizes) {
        for (const [name, value] of Object.entries(JSON.parse(sizes))) {
            const field = this.$root.querySelector(`[name=${name}]`);
            if (field && !field.dataset.typed) field.value = value;
        }
    },
    // What a piece is used for asks for a form and sizes of its own.
    use(event) {
        const { form, sizes, because } = event.currentTarget.dataset;
        this.$root.querySelector(`[name=form][value=${form}]`).click();
        this.size(sizes);
        this.because = because;
    },
    choose(event) {
        this.because = '';
        this.show(event.target.dataset.asks);
        if ('kept' in this.$root.dataset) return;
        this.size(event.target.dataset.sizes);
        this.$root
            .querySelectorAll('[name=grain]')
            .forEach((radio) => (radio.checked = radio.value === event.target.dataset.grain));
    },
    typed(event) {
        event.target.dataset.typed = 'yes';
    },
});
