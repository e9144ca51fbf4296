// Strokes on a unit square that is repeated to its left and right: where a new point falls, and what it snaps to.

const NEAR = 0.03;
const GRID = 32;

const round = (value) => Math.round(value * 1e5) / 1e5;
const ends = (strokes) => strokes.flatMap((stroke) => [stroke[0], stroke[stroke.length - 1]]);

// Heights at which strokes touch a side (0 or 1).
export function heights(strokes, side) {
    return ends(strokes)
        .filter(([u]) => Math.abs(u - side) < 1e-6)
        .map(([, v]) => v);
}

// At a side a point goes to the height at which another stroke touches the other side, so that the unit meets itself;
// near an end of a stroke it goes there; else to the grid.
export function snapped([u, v], strokes) {
    for (const [eu, ev] of ends(strokes)) {
        if (Math.hypot(eu - u, ev - v) < NEAR) return [eu, ev];
    }
    const side = [0, 1].find((one) => Math.abs(u - one) < NEAR);
    if (side !== undefined) {
        const other = heights(strokes, 1 - side).find((height) => Math.abs(height - v) < 2 * NEAR);
        return [side, other ?? round(Math.max(0, Math.min(1, Math.round(v * GRID) / GRID)))];
    }
    return [u, v].map((value) => round(Math.max(0, Math.min(1, Math.round(value * GRID) / GRID))));
}

// Ends that touch a side where nothing touches the other.
export function loose(strokes) {
    return [0, 1].flatMap((side) =>
        heights(strokes, side)
            .filter((v) => !heights(strokes, 1 - side).some((other) => Math.abs(other - v) < 0.005))
            .map((v) => [side, v]),
    );
}

export function moved([u, v], key, far) {
    const step = (far ? 4 : 1) / GRID;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[key];
    return by && [u + by[0], v + by[1]].map((value) => round(Math.max(0, Math.min(1, value))));
}
