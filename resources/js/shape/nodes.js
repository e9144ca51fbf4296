// The nodes of a profile, [height, radius] or [height, radius, 'corner'], and what can be done to them. Each function
// gives back a new shape; none touches the one it was given.

const tenth = (mm) => Math.round(mm * 10) / 10;

const withCurve = (shape, curve, nodes) => ({ ...shape, [curve]: nodes });

export const isCorner = (node) => node[2] === 'corner';

export function moved(shape, { curve, i }, height, radius) {
    const nodes = [...shape[curve]];
    nodes[i] = [tenth(height), Math.max(0, tenth(radius)), ...nodes[i].slice(2)];
    return withCurve(shape, curve, nodes);
}

export function typed(shape, { curve, i }, axis, mm) {
    const nodes = [...shape[curve]];
    const node = [...nodes[i]];
    node[axis === 'z' ? 0 : 1] = mm;
    nodes[i] = node;
    return withCurve(shape, curve, nodes);
}

// Null where a curve would be left with a single node.
export function removed(shape, { curve, i }) {
    return shape[curve].length <= 2
        ? null
        : withCurve(
              shape,
              curve,
              shape[curve].filter((_, k) => k !== i),
          );
}

export function turned(shape, { curve, i }) {
    const nodes = [...shape[curve]];
    nodes[i] = isCorner(nodes[i]) ? nodes[i].slice(0, 2) : [...nodes[i], 'corner'];
    return withCurve(shape, curve, nodes);
}

// Half-way to the next node; after the last one, half-way back.
export function added(shape, { curve, i }) {
    const nodes = [...shape[curve]];
    const [a, b] = i + 1 < nodes.length ? [nodes[i], nodes[i + 1]] : [nodes[i - 1], nodes[i]];
    nodes.splice(Math.min(i + 1, nodes.length - 1), 0, [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]);
    return withCurve(shape, curve, nodes);
}

// How far a point lies from the chord between two nodes.
export function offChord([ah, ar], [bh, br], height, radius) {
    const along = ((height - ah) * (bh - ah) + (radius - ar) * (br - ar)) / ((bh - ah) ** 2 + (br - ar) ** 2 || 1);
    const t = Math.min(1, Math.max(0, along));
    return Math.hypot(height - ah - t * (bh - ah), radius - ar - t * (br - ar));
}

// A node where the pointer is, between the two whose chord is nearest: right of the axis on the outside, left of it
// on the inside. Null where no chord is within reach.
export function addedAt(shape, x, y, reach) {
    const curve = x >= 0 || !shape.inner ? 'outer' : 'inner';
    const [height, radius] = [-y, Math.abs(x)];
    const off = shape[curve].slice(1).map((b, i) => offChord(shape[curve][i], b, height, radius));
    const nearest = off.indexOf(Math.min(...off));
    if (off[nearest] > reach) return null;
    const nodes = [...shape[curve]];
    nodes.splice(nearest + 1, 0, [tenth(height), tenth(radius)]);
    return withCurve(shape, curve, nodes);
}

// What an arrow key adds to height and radius; null for any other key.
export function arrow(key, curve, by) {
    const out = curve === 'outer' ? by : -by;
    return { ArrowUp: [by, 0], ArrowDown: [-by, 0], ArrowRight: [0, out], ArrowLeft: [0, -out] }[key] ?? null;
}

// The node that lies nearest to a place of the drawing.
export function nearestNode(shape, x, y) {
    const all = ['outer', 'inner'].flatMap((curve) =>
        (shape[curve] ?? []).map((node, i) => ({
            curve,
            i,
            off: Math.hypot((curve === 'outer' ? 1 : -1) * node[1] - x, -node[0] - y),
        })),
    );
    const { curve, i } = all.reduce((best, one) => (one.off < best.off ? one : best));
    return { curve, i };
}
