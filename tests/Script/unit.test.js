import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { loose, moved, snapped } from '../../resources/js/unit/strokes';

describe('a unit of one’s own', () => {
    test('at a side a point goes to the height at which the other side is touched', () => {
        const strokes = [
            [
                [0, 0.37],
                [0.5, 0.9],
            ],
        ];
        expect(snapped([0.99, 0.4], strokes)).toEqual([1, 0.37]);
        expect(snapped([0.99, 0.7], strokes)).toEqual([1, 0.6875]);
        expect(snapped([0.51, 0.89], strokes)).toEqual([0.5, 0.9]);
        expect(snapped([0.26, 0.26], strokes)).toEqual([0.25, 0.25]);
    });

    test('every point lies in the square, wherever it is pressed, and is snapped for good', () => {
        const share = fc.double({ min: -2, max: 3, noNaN: true });
        fc.assert(
            fc.property(share, share, (u, v) => {
                const at = snapped([u, v], []);
                at.forEach((value) => expect(value >= 0 && value <= 1).toBe(true));
                expect(snapped(at, [])).toEqual(at);
            }),
        );
    });

    test('an end is loose where nothing comes in on the other side', () => {
        const line = (from, to) => [
            [0, from],
            [1, to],
        ];
        expect(loose([line(0.5, 0.5)])).toEqual([]);
        expect(loose([line(0.5, 0.7)])).toEqual([
            [0, 0.5],
            [1, 0.7],
        ]);
        expect(loose([line(0.5, 0.7), line(0.7, 0.5)])).toEqual([]);
    });

    test('arrows move the cross by a step of the grid and stay in the square', () => {
        expect(moved([0.5, 0.5], 'ArrowUp', false)).toEqual([0.5, 0.53125]);
        expect(moved([0.98, 0.5], 'ArrowRight', true)).toEqual([1, 0.5]);
        expect(moved([0.5, 0.5], 'Tab', false)).toBeUndefined();
    });
});
