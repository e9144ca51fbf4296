// Choosing a form fills in its usual sizes and grain, unless they have been typed over, or are those of a blank that is
// there: another form comes out of the same wood. What the piece would come to is asked while it is typed.

import { refreshParts } from './live-forms';

const PATIENCE_MS = 350;
const BUSY_MS = 600;
const GOES_ALONG = ['name', 'form', 'due', 'recipe', 'purpose', 'blank', 'outline', 'axis', 'known'];
const TRACED = ['diameter', 'height', 'foot'];
const PARTS = ['#foreseen-drawing', '#foreseen-verdict'];

export default () => ({
    because: '',
    usual: '',
    timer: null,
    asked: null,
    init() {
        this.tell();
        this.see();
    },
    show(asked) {
        const asks = asked.split(' ');
        const drawn = this.drawn();
        this.$root.querySelectorAll('[data-size]').forEach(({ dataset }, i, all) => {
            all[i].hidden = !asks.includes(dataset.size) || drawn.includes(dataset.size);
        });
    },
    // Sizes that a picture brings: all but the one that it is drawn to.
    drawn() {
        const fields = new FormData(this.$root);
        return fields.get('outline') ? TRACED.filter((size) => size !== fields.get('known')) : [];
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
        this.ask();
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
    // Another wood comes with its own grain, moisture and sizes; what is not the wood's goes along.
    cut(event) {
        const fields = new FormData(this.$root);
        const typed = [...this.$root.querySelectorAll('[data-typed]')].map(({ name }) => name);
        const goes = [...GOES_ALONG, ...typed]
            .filter((name) => fields.get(name))
            .map((name) => [name, fields.get(name)]);
        event.stopPropagation();
        window.location.assign(`${event.target.dataset.leaves}?${new URLSearchParams(goes)}`);
    },
    typed(event) {
        event.target.dataset.typed = 'yes';
    },
    // What was taken without being asked for, as its fields have it.
    tell() {
        const form = this.$root.querySelector('[name=form]:checked');
        if (form) this.show(form.dataset.asks);
        const value = (name) => this.$root.querySelector(`[name=${name}]`);
        const chosen = (name) => value(name)?.selectedOptions?.[0]?.textContent.trim();
        const grain = this.$root.querySelector('[name=grain]:checked')?.closest('label')?.textContent;
        this.usual = [
            grain?.trim().split(',')[0],
            `${value('moisture')?.value} %`,
            chosen('starts_as'),
            chosen('purpose'),
        ]
            .filter(Boolean)
            .join(' · ');
    },
    ask() {
        this.tell();
        window.clearTimeout(this.timer);
        this.timer = window.setTimeout(() => this.see(), PATIENCE_MS);
    },
    // The last question alone is answered; where nobody answers, what stands there stays.
    async see() {
        this.asked?.abort();
        this.asked = new AbortController();
        const { signal } = this.asked;
        const fields = new FormData(this.$root);
        for (const name of ['_token', 'once']) fields.delete(name);
        try {
            const response = await fetch(`${this.$root.dataset.foreseen}?${new URLSearchParams(fields)}`, {
                signal,
                headers: { Accept: 'text/html', 'X-Requested-With': 'XMLHttpRequest' },
            });
            // The question before is still worked at.
            if (response.status === 409) this.timer = window.setTimeout(() => this.see(), BUSY_MS);
            if (!response.ok && response.status !== 422) return;
            const page = new DOMParser().parseFromString(await response.text(), 'text/html');
            // What cannot be made leaves the drawing of what could.
            refreshParts(page, response.ok ? PARTS : PARTS.slice(1));
            this.$root.dataset.seen = String(Number(this.$root.dataset.seen ?? 0) + 1);
        } catch {
            // Aborted by the next question, or the network is gone.
        }
    },
});
