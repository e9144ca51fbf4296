// A node of the profile as something to take hold of: a square for a corner, a disc for a smooth one.

import { isCorner } from './nodes';
import { say } from '../words';

const SVG = 'http://www.w3.org/2000/svg';
const SIZE = 1.5;
const LINE = 0.35;

export function attributes(curve, i, node, unit, words) {
    const size = unit * SIZE;
    const [x, y] = [(curve === 'outer' ? 1 : -1) * node[1], -node[0]];
    const corner = isCorner(node);
    return {
        ...(corner ? { x: x - size / 2, y: y - size / 2, width: size, height: size } : { cx: x, cy: y, r: size / 2 }),
        class: 'handle',
        'stroke-width': unit * LINE,
        tabindex: 0,
        role: 'button',
        'data-node': `${curve}-${i}`,
        'aria-label': say(corner ? 'corner' : 'smooth', {
            node: say('node', { curve: say(curve === 'outer' ? 'outer' : 'inner'), number: i + 1 }),
            height: words(node[0]),
            radius: words(node[1]),
            keys: say('node-keys'),
        }),
    };
}

// What a fingertip may come down on; nothing of it is seen.
export function hit(curve, node, radius) {
    const el = document.createElementNS(SVG, 'circle');
    const [cx, cy] = [(curve === 'outer' ? 1 : -1) * node[1], -node[0]];
    Object.entries({ cx, cy, r: radius, class: 'hit' }).forEach(([name, value]) => el.setAttribute(name, value));
    return el;
}

export default function handle(curve, i, node, unit, words) {
    const el = document.createElementNS(SVG, isCorner(node) ? 'rect' : 'circle');
    Object.entries(attributes(curve, i, node, unit, words)).forEach(([name, value]) => el.setAttribute(name, value));
    return el;
}
