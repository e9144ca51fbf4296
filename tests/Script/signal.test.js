import { expect, test } from 'vitest';
import { due } from '../../resources/js/signal';
import { brightness } from '../../resources/js/raking';

const signals = [
    { at: 4.5, say: 'P120' },
    { at: 9, say: 'P180' },
];

test('a clock says the last grit that has had its time', () => {
    expect(due(signals, 4.4)).toBe(null);
    expect(due(signals, 4.5).say).toBe('P120');
    expect(due(signals, 30).say).toBe('P180');
    expect(due([], 5)).toBe(null);
});

test('under a low light a ridge is bright towards it and casts a shadow behind it, which a higher light fills', () => {
    const heights = Array.from({ length: 200 }, (_, i) => (i > 80 && i < 100 ? 800 - 40 * Math.abs(i - 90) : 0));
    const low = brightness(heights, 4);
    const high = brightness(heights, 40);
    expect(low[85]).toBeGreaterThan(low[20]);
    expect(low[103]).toBe(0);
    expect(high[103]).toBeGreaterThan(0.5);
    expect(Math.abs(low[20] - high[20])).toBeLessThan(1e-9);
});
