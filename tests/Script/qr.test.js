import { expect, test } from 'vitest';
import { squares } from '../../resources/js/qr';

test('an address becomes a square with its three eyes and a quiet edge', () => {
    const { d, size } = squares('http://127.0.0.1:8000/made/abcdefghijklmnopqrstuvwxyz012345');
    const dark = new Set([...d.matchAll(/M(\d+) (\d+)h/g)].map(([, x, y]) => `${x},${y}`));
    const isDark = (x, y) => dark.has(`${x},${y}`);
    const last = size - 5;
    for (const [x, y] of [
        [4, 4],
        [last - 6, 4],
        [4, last - 6],
    ]) {
        expect([isDark(x, y), isDark(x + 1, y + 1), isDark(x + 3, y + 3), isDark(x + 6, y + 6)]).toEqual([
            true,
            false,
            true,
            true,
        ]);
    }
    expect([...dark].some((at) => at.split(',').some((n) => Number(n) < 4 || Number(n) > last))).toBe(false);
    expect(squares('a').d).not.toBe(squares('b').d);
});
