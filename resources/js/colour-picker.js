// Picks places on a photograph of a test board: the server reads the colours there.

const SVG = 'http://www.w3.org/2000/svg';

export default () => ({
    spot: 'grey',

    init() {
        this.show();
    },

    field(axis, spot) {
        return this.$root.querySelector(`[name=${axis}_${spot}]`);
    },

    pick(event) {
        const box = this.$refs.photo.getBoundingClientRect();
        const at = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
        ['x', 'y'].forEach((axis, k) => {
            this.field(axis, this.spot).value = Math.max(0, Math.min(1, at[k])).toFixed(4);
        });
        this.show();
        if (this.spot === 'grey') this.spot = 'early';
    },

    show() {
        const marks = this.$refs.marks;
        marks.replaceChildren();
        ['grey', 'early', 'late', 'figure'].forEach((spot) => {
            const [x, y] = ['x', 'y'].map((axis) => this.field(axis, spot).value);
            if (x === '' || y === '') return;
            const ring = document.createElementNS(SVG, 'circle');
            const how = { cx: `${x * 100}%`, cy: `${y * 100}%`, r: 9, fill: 'none', stroke: '#fff', 'stroke-width': 2 };
            Object.entries(how).forEach(([name, value]) => ring.setAttribute(name, value));
            const shadow = ring.cloneNode();
            shadow.setAttribute('stroke', '#000');
            shadow.setAttribute('r', 11);
            marks.append(shadow, ring);
        });
    },
});
