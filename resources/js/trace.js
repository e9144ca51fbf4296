// The points of a picture's half profile, without a page: what is pressed, and what an SVG's line is made of.

// As many as an address carries, and more than a curve needs.
export const MOST_POINTS = 120;

export const written = (points) => points.map(([x, y]) => `${round(x)},${round(y)}`).join(' ');

export const round = (value) => Math.round(value * 10) / 10;

// "120,40 131,52"; null where it is none.
export function read(text) {
    const numbers = text
        .split(/[\s,;]+/)
        .filter(Boolean)
        .map(Number);
    if (numbers.length % 2 !== 0 || numbers.some((one) => !Number.isFinite(one))) return null;
    return Array.from({ length: numbers.length / 2 }, (_, i) => [numbers[2 * i], numbers[2 * i + 1]]);
}

// Evenly along a path, its ends among them.
export function along(path, most = MOST_POINTS) {
    const long = path.getTotalLength();
    return Array.from({ length: most }, (_, i) => {
        const { x, y } = path.getPointAtLength((long * i) / (most - 1));
        return [x, y];
    });
}

// Where a drawing turns if it does not say: at 0 where all of it lies right of that, else where it comes closest.
export const axisOf = (points) => {
    const least = Math.min(...points.map(([x]) => x));
    return least >= 0 && least < 0.05 * Math.max(...points.map(([x]) => x)) ? 0 : least;
};
