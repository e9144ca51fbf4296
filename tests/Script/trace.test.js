import { expect, test } from 'vitest';
import { along, axisOf, read, written } from '../../resources/js/trace';

test('points are written as they are read, to a tenth', () => {
    const points = [
        [120, 40.04],
        [131.26, 52],
    ];
    expect(written(points)).toBe('120,40 131.3,52');
    expect(read('120,40 131.3 52; 1,2')).toEqual([
        [120, 40],
        [131.3, 52],
        [1, 2],
    ]);
    expect(read('')).toEqual([]);
    expect(read('120,40 131')).toBeNull();
    expect(read('a,b')).toBeNull();
});

test('a line is taken evenly, its ends among them', () => {
    const path = { getTotalLength: () => 90, getPointAtLength: (at) => ({ x: at, y: 2 * at }) };
    const points = along(path, 4);
    expect(points).toEqual([
        [0, 0],
        [30, 60],
        [60, 120],
        [90, 180],
    ]);
});

test('what is drawn from 0 on turns about 0, and what lies elsewhere about its inner edge', () => {
    expect(
        axisOf([
            [0, 1],
            [50, 2],
        ]),
    ).toBe(0);
    expect(
        axisOf([
            [2, 1],
            [90, 2],
        ]),
    ).toBe(0);
    expect(
        axisOf([
            [120, 1],
            [190, 2],
        ]),
    ).toBe(120);
    expect(
        axisOf([
            [-30, 1],
            [40, 2],
        ]),
    ).toBe(-30);
});
