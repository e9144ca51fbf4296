// The piece in the round. The numbers come from the server; what draws them is loaded on this view alone.

import { say } from './words';

const STEP = { ArrowLeft: [-0.12, 0], ArrowRight: [0.12, 0], ArrowUp: [0, 0.08], ArrowDown: [0, -0.08] };

export default () => {
    // Kept apart from what the page watches: what draws must not be wrapped.
    let view = null;

    return {
        shown: false,
        says: say('fetching'),
        gone: new AbortController(),

        async init() {
            try {
                const [{ default: Stage }, mesh] = await Promise.all([import('./turned/stage'), this.fetched()]);
                if (this.gone.signal.aborted) return;
                view = new Stage(this.$refs.canvas, mesh);
            } catch (error) {
                this.says = error.message.includes('WebGL') ? say('no-round') : error.message;
                return;
            }
            this.shown = true;
            this.says = '';
            this.light();
            const on = (name, how) => this.$refs.canvas.addEventListener(name, how, { signal: this.gone.signal });
            on('pointerdown', (event) => this.hold(event));
            on('pointermove', (event) => this.drag(event));
            on('pointerup', () => (this.held = null));
            on('wheel', (event) => this.roll(event));
            on('keydown', (event) => this.key(event));
            window.addEventListener('resize', () => view.fit(), { signal: this.gone.signal });
            this.$nextTick(() => view.fit());
        },
        destroy() {
            this.gone.abort();
            view?.dispose();
        },

        async fetched() {
            const response = await fetch(this.$root.dataset.mesh, { headers: { Accept: 'application/json' } });
            if (!response.ok) throw new Error(say('no-mesh'));
            return response.json();
        },

        hold(event) {
            this.held = [event.clientX, event.clientY];
            this.$refs.canvas.setPointerCapture(event.pointerId);
        },
        drag(event) {
            if (!this.held) return;
            view.turn((event.clientX - this.held[0]) / 160, (event.clientY - this.held[1]) / 160);
            this.held = [event.clientX, event.clientY];
        },
        roll(event) {
            event.preventDefault();
            view.nearer(event.deltaY < 0 ? 0.92 : 1.08);
        },
        key(event) {
            if (STEP[event.key]) {
                event.preventDefault();
                view.turn(...STEP[event.key]);
            } else if (event.key === '+' || event.key === '=') view.nearer(0.9);
            else if (event.key === '-') view.nearer(1.1);
        },
        light() {
            view?.light(Number(this.$refs.round.value), Number(this.$refs.height.value));
        },
        side() {
            view.look(0, 0.12);
        },
        top() {
            view.look(0, 1.35);
        },
        end() {
            view.look(Math.PI / 2, 0.35);
        },
        async png() {
            this.save(await view.png(), 'png');
        },
        async gltf() {
            this.save(new Blob([JSON.stringify(await view.gltf())], { type: 'model/gltf+json' }), 'gltf');
        },
        save(blob, extension) {
            const link = document.createElement('a');
            link.href = URL.createObjectURL(blob);
            link.download = `${this.$root.dataset.name}.${extension}`;
            link.click();
            window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
        },
    };
};
