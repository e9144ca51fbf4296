// A half profile pressed over one's own photograph, or read out of an SVG. The picture stays in the browser: only the
// points are sent, and what they make is worked out where all else is.

import { along, axisOf, read, round, written } from './trace';
import { say } from './words';

const WIDTH = 800;
const LARGEST = 2000;
const SVG = 'http://www.w3.org/2000/svg';

export default () => ({
    points: [],
    says: '',
    none: true,

    init() {
        this.typed();
    },
    async take(event) {
        const file = event.target.files[0];
        if (!file) return;
        this.says = '';
        const isDrawing = file.type === 'image/svg+xml' || /\.svg$/i.test(file.name);
        try {
            await (isDrawing ? this.drawing(await file.text()) : this.photograph(file));
        } catch {
            this.says = say('unreadable-picture');
        }
    },
    async photograph(file) {
        const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
        const scale = Math.min(1, LARGEST / Math.max(picture.width, picture.height));
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [picture.width * scale, picture.height * scale].map(Math.round);
        canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
        picture.close();
        this.stage(WIDTH, (WIDTH * canvas.height) / canvas.width);
        this.$refs.picture.setAttribute('href', canvas.toDataURL('image/jpeg', 0.85));
        this.clear();
    },
    // Its first line; nothing else of the file is looked at, and none of it is run.
    drawing(text) {
        const found = new DOMParser().parseFromString(text, 'image/svg+xml').querySelector('path, polyline, polygon');
        const path = document.createElementNS(SVG, 'path');
        path.setAttribute('d', found.getAttribute('d') ?? `M${found.getAttribute('points')}`);
        this.points = along(path);
        const [xs, ys] = [0, 1].map((i) => this.points.map((point) => point[i]));
        const axis = axisOf(this.points);
        const [width, height] = [Math.max(...xs) - Math.min(axis, ...xs), Math.max(...ys) - Math.min(...ys)];
        if (!(width > 0 && height > 0)) throw new Error();
        this.$refs.picture.removeAttribute('href');
        this.stage(1.1 * width, 1.1 * height, Math.min(axis, ...xs) - 0.05 * width, Math.min(...ys) - 0.05 * height);
        this.$refs.axis.value = String(round(axis));
        this.tell();
    },
    stage(width, height, x = 0, y = 0) {
        this.$refs.stage.setAttribute('viewBox', [x, y, width, height].join(' '));
        for (const [name, value] of Object.entries({ x, y, width, height })) {
            this.$refs.picture.setAttribute(name, value);
        }
        this.$refs.stage.removeAttribute('hidden');
    },
    press(event) {
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(
            this.$refs.stage.getScreenCTM().inverse(),
        );
        if (this.$refs.axis.value === '') this.$refs.axis.value = String(round(at.x));
        else this.points.push([at.x, at.y]);
        this.tell();
    },
    back() {
        if (this.points.length > 0) this.points.pop();
        else this.$refs.axis.value = '';
        this.tell();
    },
    clear() {
        this.points = [];
        this.$refs.axis.value = '';
        this.tell();
    },
    typed() {
        this.points = read(this.$refs.outline.value) ?? this.points;
        this.show();
    },
    tell() {
        this.$refs.outline.value = written(this.points);
        this.show();
        this.$refs.outline.dispatchEvent(new Event('change', { bubbles: true }));
    },
    show() {
        const axis = this.$refs.axis.value;
        this.none = this.points.length === 0 && axis === '';
        const [, y, width, height] = this.$refs.stage.getAttribute('viewBox').split(' ').map(Number);
        this.$refs.axisLine.setAttribute('d', axis === '' ? '' : `M${axis} ${y}v${height}`);
        this.$refs.line.setAttribute('d', this.points.length > 1 ? `M${this.points.join('L')}` : '');
        const dots = this.points.length > 40 ? [] : this.points;
        this.$refs.dots.replaceChildren(
            ...dots.map(([cx, cy]) => {
                const dot = document.createElementNS(SVG, 'circle');
                for (const [name, value] of Object.entries({ cx, cy, r: width / 160 })) dot.setAttribute(name, value);
                return dot;
            }),
        );
    },
});
