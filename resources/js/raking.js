// Wood under a low light from the left, drawn from the heights of one section: what faces the light is bright, what
// lies behind a ridge is in its shadow.

// Slopes are drawn gentler than they are, or half of the wood would be black.
const RELIEF = 0.22;
const LONG_TENTHS = 24000;

// How bright flat wood is, so that what faces the light can be brighter.
const FLAT = 0.72;

// Brightness, 0 to 1, of each place of a section.
export function brightness(heights, degrees) {
    const angle = (degrees * Math.PI) / 180;
    const step = LONG_TENTHS / heights.length;
    const bright = [];
    let horizon = -Infinity;
    for (let i = 0; i < heights.length; i++) {
        const height = heights[i] * RELIEF;
        const before = heights[Math.max(0, i - 1)] * RELIEF;
        const after = heights[Math.min(heights.length - 1, i + 1)] * RELIEF;
        const slope = (after - before) / (2 * step);
        const lit = (Math.sin(angle) + slope * Math.cos(angle)) / Math.hypot(1, slope);
        // How high the light passes here over what stands to the left.
        horizon -= Math.tan(angle) * step;
        const inShadow = height < horizon - 1e-9;
        horizon = Math.max(horizon, height);
        bright.push(inShadow ? 0 : Math.max(0, Math.min(1, (FLAT * lit) / Math.sin(angle))));
    }
    return bright;
}

export function shade(canvas, heights, degrees, rgb) {
    const context = canvas.getContext('2d');
    const { width, height } = canvas;
    const [r, g, b] = [1, 3, 5].map((at) => parseInt(rgb.slice(at, at + 2), 16));
    const bright = brightness(heights, degrees);
    for (let x = 0; x < width; x++) {
        const lit = 0.16 + 0.84 * bright[Math.min(bright.length - 1, Math.floor((x / width) * bright.length))];
        context.fillStyle = `rgb(${r * lit}, ${g * lit}, ${b * lit})`;
        context.fillRect(x, 0, 1, height);
    }
}
