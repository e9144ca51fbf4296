import { describe, expect, test } from 'vitest';
import { places, positions, triangles } from '../../resources/js/turned/grid';

const mesh = (depths) => ({
    rows: 3,
    columns: 4,
    z: [0, 10, 20],
    r: [5, 5, 5],
    depth: btoa(String.fromCharCode(...depths.flatMap((d) => [d % 256, Math.floor(d / 256)]))),
});

describe('a piece in the round', () => {
    test('its points lie on its radius, and what is cut lies deeper', () => {
        const depths = Array(12).fill(0);
        depths[5] = 150;
        const at = positions(mesh(depths));
        const radius = (i) => Math.hypot(at[3 * i], at[3 * i + 2]);
        expect(radius(0)).toBeCloseTo(5, 5);
        expect(radius(6)).toBeCloseTo(3.5, 5);
        expect(at[1]).toBeCloseTo(0, 5);
        expect(at[3 * 14 + 1]).toBeCloseTo(20, 5);
    });

    test('what stands above a rim that is not level is drawn down to it, on its own side', () => {
        const bowl = { rows: 5, columns: 4, z: [0, 20, 20, 10, 10], r: [6, 10, 8, 7, 0], rim: [20, 15, 20, 20] };
        const at = positions({ ...bowl, depth: btoa('\0'.repeat(40)) });
        const point = (row, column) => {
            const i = 3 * (row * 5 + column);
            return [at[i + 1], Math.hypot(at[i], at[i + 2])];
        };
        expect(point(1, 0)).toEqual([20, 10]);
        expect(point(1, 1)[0]).toBeCloseTo(15, 5);
        expect(point(1, 1)[1]).toBeCloseTo(9, 5);
        expect(point(2, 1)[0]).toBeCloseTo(15, 5);
        expect(point(2, 1)[1]).toBeCloseTo(7.5, 5);
        expect(point(3, 1)).toEqual([10, 7]);
    });

    test('the seam stands twice, at one place and at both ends of the picture', () => {
        const at = positions(mesh(Array(12).fill(0)));
        for (const k of [0, 1, 2]) expect(at[k]).toBeCloseTo(at[3 * 4 + k], 5);
        const uv = places(mesh(Array(12).fill(0)));
        expect([uv[0], uv[8], uv[29]]).toEqual([0, 1, 1]);
        expect(triangles({ rows: 3, columns: 4 })).toHaveLength(48);
        expect(Math.max(...triangles({ rows: 3, columns: 4 }))).toBe(14);
    });
});
