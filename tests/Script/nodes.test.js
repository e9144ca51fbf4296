import fc from 'fast-check';
import { describe, expect, test, vi } from 'vitest';
import { attributes } from '../../resources/js/shape/handle';
import {
    added,
    addedAt,
    arrow,
    isCorner,
    moved,
    offChord,
    removed,
    turned,
    typed,
} from '../../resources/js/shape/nodes';

const mm = fc.double({ min: 0, max: 500, noNaN: true });
const node = fc.oneof(fc.tuple(mm, mm), fc.tuple(mm, mm, fc.constant('corner')));
const curve = fc.array(node, { minLength: 2, maxLength: 12 });
const shape = fc.record({ outer: curve, inner: fc.oneof(fc.constant(null), curve) });
const picked = shape.chain((drawn) =>
    fc.tuple(
        fc.constant(drawn),
        fc
            .constantFrom(...(drawn.inner ? ['outer', 'inner'] : ['outer']))
            .chain((on) => fc.record({ curve: fc.constant(on), i: fc.nat({ max: drawn[on].length - 1 }) })),
    ),
);
const changes = [
    (drawn, at) => moved(drawn, at, 12.34, 56.78),
    (drawn, at) => typed(drawn, at, 'z', 7),
    (drawn, at) => turned(drawn, at),
    (drawn, at) => added(drawn, at),
    (drawn, at) => removed(drawn, at) ?? drawn,
    (drawn) => addedAt(drawn, 20, -30, 1e9),
];

describe('the nodes of a profile', () => {
    test('no change touches the shape that it was given, nor the other curve', () => {
        fc.assert(
            fc.property(picked, fc.nat({ max: 4 }), ([drawn, at], which) => {
                const before = structuredClone(drawn);
                const after = changes[which](drawn, at);
                expect(drawn).toEqual(before);
                const other = at.curve === 'outer' ? 'inner' : 'outer';
                expect(after[other]).toEqual(before[other]);
            }),
        );
    });

    test('a moved node is where it was put, to the tenth, keeps its corner and never crosses the axis', () => {
        fc.assert(
            fc.property(picked, mm, fc.double({ min: -50, max: 500, noNaN: true }), ([drawn, at], height, radius) => {
                const [h, r, kind] = moved(drawn, at, height, radius)[at.curve][at.i];
                expect(h).toBeCloseTo(height, 0);
                expect(Math.abs(h * 10 - Math.round(h * 10))).toBeLessThan(1e-6);
                expect(r).toBeGreaterThanOrEqual(0);
                expect(Math.abs(r - Math.max(0, radius))).toBeLessThanOrEqual(0.0501);
                expect(kind).toBe(drawn[at.curve][at.i][2]);
            }),
        );
    });

    test('a corner turned twice is what it was', () => {
        fc.assert(
            fc.property(picked, ([drawn, at]) => {
                const once = turned(drawn, at);
                expect(isCorner(once[at.curve][at.i])).toBe(!isCorner(drawn[at.curve][at.i]));
                expect(turned(once, at)).toEqual(drawn);
            }),
        );
    });

    test('an added node lies half-way between two that were neighbours, and taken out leaves all as it was', () => {
        fc.assert(
            fc.property(picked, ([drawn, at]) => {
                const nodes = added(drawn, at)[at.curve];
                expect(nodes).toHaveLength(drawn[at.curve].length + 1);
                const i = Math.min(at.i + 1, drawn[at.curve].length - 1);
                const [a, b] = [nodes[i - 1], nodes[i + 1]];
                expect(nodes[i]).toEqual([(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]);
                if (drawn[at.curve].length >= 2) {
                    expect(removed(added(drawn, at), { curve: at.curve, i })).toEqual(drawn);
                }
            }),
        );
    });

    test('the last two nodes of a curve stay', () => {
        const two = {
            outer: [
                [0, 5],
                [9, 5],
            ],
            inner: null,
        };
        expect(removed(two, { curve: 'outer', i: 0 })).toBeNull();
        expect(removed(added(two, { curve: 'outer', i: 0 }), { curve: 'outer', i: 1 })).toEqual(two);
    });

    test('a double click adds a node on the chord beneath it, on the side of the axis where it was', () => {
        const bowl = {
            outer: [
                [0, 30],
                [20, 60],
                [60, 80],
            ],
            inner: [
                [60, 75],
                [30, 50],
                [5, 0],
            ],
        };
        expect(addedAt(bowl, 70, -40, 3).outer).toEqual([
            [0, 30],
            [20, 60],
            [40, 70],
            [60, 80],
        ]);
        expect(addedAt(bowl, -62.5, -45, 3).inner[1]).toEqual([45, 62.5]);
        expect(addedAt(bowl, 10, -40, 3)).toBeNull();
        // A solid piece has no inside: what is left of the axis is its outside, seen from the other side.
        expect(addedAt({ ...bowl, inner: null }, -70, -40, 3).outer).toHaveLength(4);
    });

    test('the distance from a chord is that to its nearest point, ends and all', () => {
        expect(offChord([0, 0], [0, 10], 3, 5)).toBeCloseTo(3);
        expect(offChord([0, 0], [0, 10], 3, 14)).toBeCloseTo(5);
        expect(offChord([2, 2], [2, 2], 2, 5)).toBeCloseTo(3);
    });

    test('arrows move up and outwards as they look, and other keys are left alone', () => {
        expect(arrow('ArrowUp', 'outer', 0.5)).toEqual([0.5, 0]);
        expect(arrow('ArrowRight', 'outer', 0.5)).toEqual([0, 0.5]);
        expect(arrow('ArrowRight', 'inner', 0.5)).toEqual([0, -0.5]);
        expect(arrow('Enter', 'outer', 1)).toBeNull();
    });

    test('a handle says what it is, and its hold lies on its node', () => {
        const lines = {
            corner: '{node}, corner: height {height}, radius {radius}. {keys}',
            smooth: '{node}, smooth. {keys}',
            node: '{curve} node {number}',
            outer: 'outside',
        };
        vi.stubGlobal('document', { querySelector: () => ({ content: JSON.stringify(lines) }) });
        const words = (value) => `${value} mm`;
        const square = attributes('outer', 2, [40, 70, 'corner'], 2, words);
        expect([square.x + square.width / 2, square.y + square.height / 2]).toEqual([70, -40]);
        expect(square['aria-label']).toMatch(/^outside node 3, corner: height 40 mm, radius 70 mm\./);
        const disc = attributes('inner', 0, [40, 70], 2, words);
        expect([disc.cx, disc.cy, disc['data-node']]).toEqual([-70, -40, 'inner-0']);
        expect(disc['aria-label']).toContain('smooth');
    });
});
