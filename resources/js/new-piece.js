// Choosing a form fills in its usual sizes and grain, unless they have been typed over.

export default () => ({
    choose(event) {
        const sizes = JSON.parse(event.target.dataset.sizes);
        for (const [name, value] of Object.entries(sizes)) {
            const field = this.$root.querySelector(`[name=${name}]`);
            if (field && !field.dataset.typed) field.value = value;
        }
        this.$root.querySelectorAll('[name=grain]').forEach((radio) => (radio.checked = radio.value === event.target.dataset.grain));
    },
    typed(event) {
        event.target.dataset.typed = 'yes';
    },
});
