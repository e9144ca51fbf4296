// A grid over an outline and the turn, as the arrays that a mesh is drawn from. The core's numbers, put into space:
// x to the right, y up, z to the reader; where side grain comes out lies along x.

export function bytes(base64) {
    return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

// One column more than the grid has, so that the seam has the texture's end and not its middle.
export function positions(mesh) {
    const { rows, columns } = mesh;
    const deep = new DataView(bytes(mesh.depth).buffer);
    const at = new Float32Array(rows * (columns + 1) * 3);
    for (let row = 0; row < rows; row += 1) {
        const [nz, nr] = outward(mesh, row);
        for (let column = 0; column <= columns; column += 1) {
            const depth = deep.getUint16(2 * (row * columns + (column % columns)), true) / 100;
            const [high, wide] = underRim(mesh, row, column % columns);
            const radius = Math.max(0, wide - nr * depth);
            const angle = (2 * Math.PI * column) / columns;
            const i = 3 * (row * (columns + 1) + column);
            at[i] = radius * Math.cos(angle);
            at[i + 1] = high - nz * depth;
            at[i + 2] = radius * Math.sin(angle);
        }
    }
    return at;
}

// A place above a rim that is not level is drawn down the outline, on its own side, to where the rim is there.
function underRim({ rows, z, r, rim }, row, column) {
    if (!rim || z[row] <= rim[column]) {
        return [z[row], r[row]];
    }
    const way = row <= z.indexOf(Math.max(...z)) ? -1 : 1;
    let to = row;
    while (z[to] > rim[column] && to + way >= 0 && to + way < rows) {
        to += way;
    }
    const from = to - way;
    const share = z[from] > z[to] ? (rim[column] - z[to]) / (z[from] - z[to]) : 0;
    return [rim[column], r[to] + share * (r[from] - r[to])];
}

// Out of the wood, across the outline: to the left of the way that it runs.
function outward({ rows, z, r }, row) {
    const [a, b] = [Math.max(0, row - 1), Math.min(rows - 1, row + 1)];
    const [dz, dr] = [z[b] - z[a], r[b] - r[a]];
    const long = Math.hypot(dz, dr) || 1;
    return [-dr / long, dz / long];
}

export function triangles({ rows, columns }) {
    const index = new Uint32Array((rows - 1) * columns * 6);
    let i = 0;
    for (let row = 0; row < rows - 1; row += 1) {
        for (let column = 0; column < columns; column += 1) {
            const [a, b] = [row * (columns + 1) + column, (row + 1) * (columns + 1) + column];
            index.set([a, b, a + 1, b, b + 1, a + 1], i);
            i += 6;
        }
    }
    return index;
}

export function places({ rows, columns }) {
    const uv = new Float32Array(rows * (columns + 1) * 2);
    for (let row = 0; row < rows; row += 1) {
        for (let column = 0; column <= columns; column += 1) {
            uv.set([column / columns, row / (rows - 1)], 2 * (row * (columns + 1) + column));
        }
    }
    return uv;
}
