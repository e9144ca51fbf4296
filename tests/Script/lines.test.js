import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { nearest, pointAt } from '../../resources/js/lines';

// A line of the drawing: x, y and the length along it.
const line = fc
    .array(fc.tuple(fc.integer({ min: -200, max: 200 }), fc.integer({ min: -200, max: 200 })), {
        minLength: 2,
        maxLength: 10,
    })
    .map((points) => {
        let arc = 0;
        return points.map(([x, y], k) => {
            arc += k === 0 ? 0 : Math.hypot(x - points[k - 1][0], y - points[k - 1][1]);
            return [x, y, arc];
        });
    });

describe('the lines of a drawing', () => {
    test('a place given by its length is found again under the pointer', () => {
        fc.assert(
            fc.property(line, fc.double({ min: 0, max: 1, noNaN: true }), (points, share) => {
                const arc = points.at(-1)[2] * share;
                const [x, y] = pointAt(points, arc);
                const found = nearest({ inner: points }, x, y);
                expect(found.far).toBeLessThan(0.02);
                const [px, py] = pointAt(points, found.arc);
                expect(Math.hypot(px - x, py - y)).toBeLessThan(0.02);
            }),
        );
    });

    test('no sampled point is nearer than the place found', () => {
        fc.assert(
            fc.property(
                line,
                fc.integer({ min: -200, max: 200 }),
                fc.integer({ min: -200, max: 200 }),
                (points, x, y) => {
                    const { far } = nearest({ rim: points }, x, y);
                    for (const [px, py] of points) expect(far).toBeLessThanOrEqual(Math.hypot(px - x, py - y) + 1e-9);
                },
            ),
        );
    });

    test('what was begun on one line goes on along it', () => {
        const lines = {
            outer: [
                [10, 0, 0],
                [10, -50, 50],
            ],
            foot: [
                [0, 0, 0],
                [10, 0, 10],
            ],
        };
        expect(nearest(lines, 4, -1).on).toBe('outer');
        expect(nearest(lines, 4, -1, 'foot')).toMatchObject({ on: 'foot', arc: 4 });
        expect(nearest(lines, 4, -1, 'bore')).toBeNull();
    });

    test('over the face of the outside the height decides, however far in the pointer is', () => {
        const lines = {
            outer: [
                [10, 0, 0],
                [60, -50, 70.7],
            ],
            inner: [
                [-55, -50, 0],
                [0, -5, 71],
            ],
        };
        expect(nearest(lines, 5, -25)).toMatchObject({ on: 'outer' });
        expect(nearest(lines, -30, -28)).toMatchObject({ on: 'inner' });
    });

    test('past the end of a line there is no point', () => {
        expect(
            pointAt(
                [
                    [0, 0, 0],
                    [10, 0, 10],
                ],
                11,
            ),
        ).toBeNull();
    });
});
