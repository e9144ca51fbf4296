// Columns of a table, as they are pasted into the nodes of a profile.

import { typed } from './nodes';

// The numbers by row, each of one or two columns; null for what is a single field and no column.
export function pasted(text, read) {
    const rows = text
        .split(/\r?\n/)
        .map((row) => row.trim())
        .filter((row) => row !== '')
        .map((row) => row.split(/\s*[\t;]\s*/));
    if (rows.length === 0 || (rows.length === 1 && rows[0].length === 1)) return null;
    return rows.map((row) => row.map(read));
}

// The shape with them, from one node on down: one column for the axis that it was pasted on, two for height and
// radius. What is wrong where they do not fit.
export function withColumns(shape, { curve, i }, axis, columns) {
    if (columns.length > shape[curve].length - i) return 'too-many';
    const wide = columns[0].length;
    if (wide > 2 || columns.some((row) => row.length !== wide || !row.every(Number.isFinite))) return 'no-numbers';
    const axes = wide === 2 ? ['z', 'r'] : [axis];
    return columns.reduce(
        (one, row, n) => axes.reduce((had, of, k) => typed(had, { curve, i: i + n }, of, row[k]), one),
        shape,
    );
}
