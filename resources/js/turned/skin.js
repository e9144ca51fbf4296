// The colours of the grid and the lines drawn on it, as one picture to wrap round the mesh.

import { bytes } from './grid';

const WIDE = 2048;
const HIGH = 1024;

export default function skin(mesh) {
    const small = document.createElement('canvas');
    [small.width, small.height] = [mesh.columns, mesh.rows];
    const ink = small.getContext('2d');
    const picture = ink.createImageData(mesh.columns, mesh.rows);
    const colours = bytes(mesh.colours);
    for (let i = 0; i < mesh.columns * mesh.rows; i += 1) {
        picture.data.set([colours[3 * i], colours[3 * i + 1], colours[3 * i + 2], 255], 4 * i);
    }
    ink.putImageData(picture, 0, 0);
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [WIDE, HIGH];
    const on = canvas.getContext('2d');
    on.imageSmoothingEnabled = true;
    on.drawImage(small, 0, 0, WIDE, HIGH);
    lines(on, mesh);
    dots(on, mesh);
    return canvas;
}

const down = (mesh, row) => (row / (mesh.rows - 1)) * HIGH;

// A mm along the outline, in pixels of the picture.
function perMm(mesh) {
    let long = 0;
    for (let row = 1; row < mesh.rows; row += 1)
        long += Math.hypot(mesh.z[row] - mesh.z[row - 1], mesh.r[row] - mesh.r[row - 1]);
    return HIGH / Math.max(1, long);
}

function lines(on, mesh) {
    const mm = perMm(mesh);
    on.lineJoin = 'round';
    for (const [colour, width, path] of mesh.lines) {
        on.strokeStyle = colour;
        on.lineWidth = Math.max(1.2, width * mm);
        on.beginPath();
        path.forEach(([turn, row], i) => on[i === 0 ? 'moveTo' : 'lineTo'](turn * WIDE, down(mesh, row)));
        on.stroke();
    }
}

function dots(on, mesh) {
    const mm = perMm(mesh);
    for (const [colour, turn, row, radius] of mesh.dots) {
        const around = (2 * Math.PI * Math.max(1, mesh.r[Math.round(row)])) / WIDE;
        on.fillStyle = colour;
        on.beginPath();
        on.ellipse(turn * WIDE, down(mesh, row), radius / around, radius * mm, 0, 0, 2 * Math.PI);
        on.fill();
    }
}
