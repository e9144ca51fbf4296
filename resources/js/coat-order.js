// A coat is moved by dragging its grip, or with Alt and the arrow keys: under the coat that it is put on, or over all.

const coats = (root) => [...root.querySelectorAll('[data-coat]')];

// Under which coat one comes to lie: '' is over all others, null is where it lies already.
export const under = (order, coat, target, below) => {
    const rest = order.filter((one) => one !== coat);
    const at = rest.indexOf(target) + (below ? 0 : 1);
    const place = rest[at] ?? '';
    const was = order[order.indexOf(coat) + 1] ?? '';
    return target === coat || place === was ? null : place;
};

export default () => ({
    lifted: null,

    order() {
        return coats(this.$root).map((row) => row.dataset.coat);
    },

    key(event) {
        const row = event.target.closest('[data-coat]');
        const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (!event.altKey || !by || !row || !event.target.closest('.route-grip')) return;
        event.preventDefault();
        const target = this.order()[this.order().indexOf(row.dataset.coat) + by];
        if (target) this.wish(row.dataset.coat, target, by < 0);
    },

    lift(event) {
        this.lifted = event.target.closest('[data-coat]');
        if (!this.lifted) return;
        event.dataTransfer.effectAllowed = 'move';
        event.dataTransfer.setData('text/plain', this.lifted.dataset.coat);
        this.lifted.classList.add('lifted');
    },

    over(event) {
        const other = event.target.closest('[data-coat]');
        if (!this.lifted || !other) return;
        event.preventDefault();
        this.clear();
        if (other === this.lifted) return;
        const order = this.order();
        const isAbove = order.indexOf(other.dataset.coat) < order.indexOf(this.lifted.dataset.coat);
        other.classList.add(isAbove ? 'drops-above' : 'drops-below');
    },

    drop() {
        const [row, over] = [this.lifted, this.$root.querySelector('.drops-above, .drops-below')];
        const isAbove = over?.classList.contains('drops-above') === true;
        row?.classList.remove('lifted');
        this.lifted = null;
        this.clear();
        if (row && over) this.wish(row.dataset.coat, over.dataset.coat, isAbove);
    },

    clear() {
        coats(this.$root).forEach((row) => row.classList.remove('drops-above', 'drops-below'));
    },

    wish(coat, target, isAbove) {
        const place = under(this.order(), coat, target, isAbove);
        const form = this.$root.closest('section').querySelector('form.coat-place');
        if (place === null) return;
        form.elements.coat.value = coat;
        form.elements.under.value = place;
        form.requestSubmit(form.querySelector('button'));
    },
});
