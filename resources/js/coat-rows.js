// Coats in rows of a form: moved up and down, and one more of them. What order they stand in is what is sent.

const all = (root) => [...root.querySelectorAll('li:not(.recipe-coats-more)')];

const rows = (root) => all(root).filter((row) => !row.hidden);

const number = (root) =>
    rows(root).forEach((row, i) => {
        const [product, denib] = row.querySelectorAll('select');
        product.setAttribute('aria-label', product.getAttribute('aria-label').replace(/\d+/, i + 1));
        denib.setAttribute('aria-label', denib.getAttribute('aria-label').replace(/\d+/, i + 1));
    });

export default () => ({
    // What was typed and put back after an answer is shown.
    init() {
        all(this.$root).forEach((row) => (row.hidden &&= row.querySelector('select').value === ''));
        this.end();
    },

    end() {
        this.$root.querySelector('.recipe-coats-more').hidden = !all(this.$root).some((row) => row.hidden);
    },

    up(event) {
        this.move(event, -1);
    },

    down(event) {
        this.move(event, 1);
    },

    move(event, by) {
        const shown = rows(this.$root);
        const row = event.target.closest('li');
        const other = shown[shown.indexOf(row) + by];
        if (!other) return;
        if (by < 0) other.before(row);
        else other.after(row);
        number(this.$root);
        event.target.focus();
    },

    more() {
        const row = all(this.$root).find(({ hidden }) => hidden);
        row.hidden = false;
        this.end();
        row.querySelector('select').focus();
    },
});
