// What lies under a finger, larger and above it, for as long as it is down.

const ACROSS_PX = 132;
const LARGER = 2.6;
const ABOVE_PX = 96;

// A fingertip covers this much around the place that it means.
export const FINGER_PX = 22;

// Where the round picture stands: above the finger, beside it where there is no room, never off the screen.
export function placed(x, y, width, across = ACROSS_PX) {
    const half = across / 2;
    const within = (left) => Math.min(Math.max(left, 4), width - across - 4);
    return y - ABOVE_PX - half >= 4
        ? { left: within(x - half), top: y - ABOVE_PX - half }
        : { left: within(x > width / 2 ? x - ABOVE_PX - across : x + ABOVE_PX), top: Math.max(4, y - half) };
}

// How many units of a drawing are so many px on the screen.
export const unitsIn = (svg, px) => px / (svg.getScreenCTM()?.a || 1);

export default class Loupe {
    constructor(overlay, drawing) {
        this.overlay = overlay;
        this.drawing = drawing;
    }

    begin(event) {
        this.end();
        if (event.pointerType !== 'touch') return;
        this.round = document.createElement('div');
        this.round.className = 'loupe';
        this.round.setAttribute('aria-hidden', 'true');
        this.round.innerHTML = '<svg></svg><i></i>';
        document.body.append(this.round);
        this.follow(event);
    }

    follow(event) {
        if (!this.round) return;
        const { clientX, clientY } = event;
        const at = new DOMPoint(clientX, clientY).matrixTransform(this.overlay.getScreenCTM().inverse());
        const span = unitsIn(this.overlay, ACROSS_PX / LARGER);
        const svg = this.round.firstChild;
        // The server draws it anew while it is changed.
        const drawn = this.drawing().querySelector('svg');
        if (this.drawn !== drawn) svg.innerHTML = drawn?.innerHTML ?? '';
        this.drawn = drawn;
        svg.setAttribute('viewBox', `${at.x - span / 2} ${at.y - span / 2} ${span} ${span}`);
        const { left, top } = placed(clientX, clientY, window.innerWidth);
        Object.assign(this.round.style, { left: `${left}px`, top: `${top}px` });
    }

    end() {
        this.round?.remove();
        this.round = this.drawn = null;
    }
}
