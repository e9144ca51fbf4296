// Numbers as makers write them: 12.5, 12,5, 5/8, 1 1/2, 1-1/2, with or without an inch mark. NaN for what is none.
export default function number(text) {
    const typed = String(text)
        .trim()
        .replace(/\s*(?:"|in\.?|mm)$/, '');
    const fraction = /^(-?)(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/.exec(typed);
    if (fraction && Number(fraction[4]) > 0) {
        const value = Number(fraction[2] ?? 0) + Number(fraction[3]) / Number(fraction[4]);
        return fraction[1] === '-' ? -value : value;
    }
    return typed === '' ? NaN : Number(typed.replace(/^(-?\d+),(\d+)$/, '$1.$2'));
}
