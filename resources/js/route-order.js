// A step of the route is moved by dragging its grip, or with Alt and the arrow keys. The page knows between which steps
// each may stand and why (from the server); here it is only shown, and the wish is sent.

import { say } from './words';

const steps = (root) => [...root.querySelectorAll('[data-step]')];
const roomOf = (row) => (row.dataset.room ? JSON.parse(row.dataset.room) : null);

// Whether a step may come straight before (or after) another, by the steps that hold it: the reason where it may not.
export const refusal = (order, room, target, place) => {
    const at = order.indexOf(target);
    const floor = room.after === null ? -1 : order.indexOf(room.after);
    const ceiling = room.before === null ? order.length : order.indexOf(room.before);
    const lands = place === 'before' ? at : at + 1;
    if (floor >= 0 && lands <= floor) return room.afterBecause;
    if (room.before !== null && ceiling >= 0 && lands > ceiling) return room.beforeBecause;
    return null;
};

// The next step in a direction that a step can change places with: mounts follow by themselves.
export const neighbour = (rows, from, by) => {
    for (let i = from + by; i >= 0 && i < rows.length; i += by) {
        if (rows[i].room !== null) return i;
    }
    return -1;
};

export default () => ({
    lifted: null,

    order() {
        return steps(this.$root).map((row) => row.dataset.step);
    },

    key(event) {
        const row = event.target.closest('[data-step]');
        if (!event.altKey || !event.target.closest('.route-grip') || !row) return;
        const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (!by) return;
        event.preventDefault();
        const rows = steps(this.$root).map((one) => ({ id: one.dataset.step, room: roomOf(one) }));
        const at = rows.findIndex((one) => one.id === row.dataset.step);
        const to = neighbour(rows, at, by);
        if (to < 0) {
            this.tell(say('no-step-there'));
            return;
        }
        this.wish(row, rows[to].id, by < 0 ? 'before' : 'after');
    },

    lift(event) {
        const row = event.target.closest('[data-step]');
        if (!row || !roomOf(row)) return;
        this.lifted = row;
        event.dataTransfer.effectAllowed = 'move';
        event.dataTransfer.setData('text/plain', row.dataset.step);
        this.$root.classList.add('is-lifting');
        row.classList.add('lifted');
        const order = this.order();
        steps(this.$root).forEach((other) => {
            const why = refusal(order, roomOf(row), other.dataset.step, this.placeOf(row, other));
            other.classList.toggle('takes', why === null && other !== row);
            other.title = why ?? '';
        });
    },

    // Whoever is dragged up comes before what it meets, and whoever is dragged down after it.
    placeOf(row, other) {
        const order = this.order();
        return order.indexOf(other.dataset.step) < order.indexOf(row.dataset.step) ? 'before' : 'after';
    },

    over(event) {
        const other = event.target.closest('[data-step]');
        if (!this.lifted || !other) return;
        event.preventDefault();
        this.clearMarks();
        if (other === this.lifted) return;
        const place = this.placeOf(this.lifted, other);
        other.classList.add(place === 'before' ? 'drops-above' : 'drops-below');
        const why = refusal(this.order(), roomOf(this.lifted), other.dataset.step, place);
        this.tell(why === null ? '' : say('not-there', { why }));
    },

    drop() {
        const row = this.lifted;
        const over = this.$root.querySelector('.drops-above, .drops-below');
        const place = over?.classList.contains('drops-above') ? 'before' : 'after';
        this.lifted = null;
        this.$root.classList.remove('is-lifting');
        steps(this.$root).forEach((other) => {
            other.classList.remove('takes', 'lifted');
            other.removeAttribute('title');
        });
        this.clearMarks();
        if (row && over) this.wish(row, over.dataset.step, place);
    },

    clearMarks() {
        steps(this.$root).forEach((row) => row.classList.remove('drops-above', 'drops-below'));
    },

    wish(row, target, place) {
        const why = refusal(this.order(), roomOf(row), target, place);
        if (why !== null) {
            this.tell(say('not-there', { why }));
            return;
        }
        const form = this.$refs.move;
        form.elements.step.value = row.dataset.step;
        form.elements.target.value = target;
        form.elements.place.value = place;
        form.requestSubmit();
    },

    tell(words) {
        this.$refs.says.textContent = words;
        this.$refs.says.hidden = words === '';
    },
});
