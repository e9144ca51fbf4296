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

    test('the seam stands twice, at one place and at both ends of the picture', () => {
        const at = positions(mesh(Array(12).fill(0)));
        for (const k of [0, 1, 2]) expect(at[k]).toBeCloseTo(at[3 * 4 + k], 5);
        const uv = places(mesh(Array(12).fill(0)));
        expect([uv[0], uv[8], uv[29]]).toEqual([0, 1, 1]);
        expect(triangles({ rows: 3, columns: 4 })).toHaveLength(48);
        expect(Math.max(...triangles({ rows: 3, columns: 4 }))).toBe(14);
    });
});
