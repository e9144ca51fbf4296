import { expect, test } from 'vitest';
import { placed } from '../../resources/js/loupe';
import { nearestNode } from '../../resources/js/shape/nodes';

test('what is under the finger stands above it, never under it or off the screen', () => {
    for (const [x, y] of [
        [200, 400],
        [5, 300],
        [385, 300],
        [20, 30],
        [380, 10],
        [195, 60],
    ]) {
        const { left, top } = placed(x, y, 390);
        expect(left).toBeGreaterThanOrEqual(4);
        expect(left + 132).toBeLessThanOrEqual(390);
        expect(top).toBeGreaterThanOrEqual(4);
        const covers = x > left && x < left + 132 && y > top && y < top + 132;
        expect(covers, `${x}, ${y}`).toBe(false);
    }
});

test('a finger between two nodes takes the nearer one, of whichever line', () => {
    const shape = {
        outer: [
            [0, 40],
            [20, 60],
        ],
        inner: [
            [20, 55],
            [5, 0],
        ],
    };
    expect(nearestNode(shape, 58, -17)).toEqual({ curve: 'outer', i: 1 });
    expect(nearestNode(shape, -50, -18)).toEqual({ curve: 'inner', i: 0 });
    expect(nearestNode({ ...shape, inner: null }, -50, -18)).toEqual({ curve: 'outer', i: 0 });
});
