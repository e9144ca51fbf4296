import { beforeAll, expect, test, vi } from 'vitest';

let smaller;

beforeAll(async () => {
    vi.stubGlobal('document', { addEventListener: () => {} });
    ({ smaller } = await import('../../resources/js/photographs'));
});

const file = (bytes) => new File([new Uint8Array(bytes)], 'dish.of.oak.png', { type: 'image/png' });

test('a photograph goes as a smaller JPEG where one can be made', async () => {
    const made = await smaller(file(9000), 1600, async () => new Blob([new Uint8Array(300)]));
    expect([made.name, made.type, made.size]).toEqual(['dish.of.oak.jpg', 'image/jpeg', 300]);
});

test('what cannot be drawn here, or would only grow, goes as it is', async () => {
    const given = file(500);
    const draws = [
        async () => {
            throw new Error('no picture');
        },
        async () => null,
        async () => new Blob([new Uint8Array(900)]),
    ];
    for (const draw of draws) expect(await smaller(given, 1600, draw)).toBe(given);
});
