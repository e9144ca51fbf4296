// The lines of a drawing as the server sampled them: x, y and arc length, mm, by name. Finds the place under a pointer.

export function nearest(lines, x, y, only) {
    let best = null;
    for (const [on, points] of Object.entries(lines)) {
        if (only && on !== only) continue;
        for (let k = 1; k < points.length; k++) {
            const [ax, ay, as] = points[k - 1];
            const [bx, by, bs] = points[k];
            const square = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
            const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / square));
            const [px, py] = [ax + t * (bx - ax), ay + t * (by - ay)];
            // Over the face of the outside, height decides: what lies there runs all the way round.
            const isFace = on === 'outer' && x > 0 && points[0][1] >= y && y >= points.at(-1)[1];
            const far = isFace ? Math.abs(y - py) + Math.max(0, x - px) : Math.hypot(x - px, y - py);
            if (!best || far < best.far) best = { on, far, arc: as + t * (bs - as) };
        }
    }
    return best;
}

export function pointAt(points, arc) {
    for (let k = 1; k < points.length; k++) {
        const [a, b] = [points[k - 1], points[k]];
        if (arc <= b[2] + 0.01) {
            const t = (arc - a[2]) / (b[2] - a[2] || 1);
            return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])];
        }
    }
    return null;
}
