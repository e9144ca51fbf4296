// An address as a square that a phone's camera reads, drawn where the page asks for one. The address stands beside it.

import qrcode from 'qrcode-generator';

const SVG = 'http://www.w3.org/2000/svg';
const QUIET = 4;

export function squares(address) {
    const code = qrcode(0, 'M');
    code.addData(address);
    code.make();
    const count = code.getModuleCount();
    let d = '';
    for (let row = 0; row < count; row++) {
        for (let column = 0; column < count; column++) {
            if (code.isDark(row, column)) d += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
        }
    }
    return { d, size: count + 2 * QUIET };
}

function draw(place) {
    const { d, size } = squares(place.dataset.qr);
    const svg = document.createElementNS(SVG, 'svg');
    svg.setAttribute('viewBox', `0 0 ${size} ${size}`);
    svg.setAttribute('aria-hidden', 'true');
    svg.setAttribute('shape-rendering', 'crispEdges');
    const path = document.createElementNS(SVG, 'path');
    path.setAttribute('d', d);
    svg.append(path);
    place.replaceChildren(svg);
}

export const drawAll = () => document.querySelectorAll('[data-qr]').forEach(draw);

if (globalThis.document) {
    document.addEventListener('DOMContentLoaded', drawAll);
    document.addEventListener('fresh', drawAll);
}
