// Numbers as makers write them: 12.5, 12,5, 5/8, 1 1/2, 1-1/2; sums of them, 120/3 or (260 - 14)/2; each with its unit
// where it is another than the field's, 4 1/2" or 3 cm. `mm` is what one unit of the field is. NaN for what is none.

const MM = { '"': 25.4, in: 25.4, inch: 25.4, mm: 1, cm: 10, ft: 304.8, "'": 304.8 };
// A whole and a part of an inch: halves to sixty-fourths. 260-14/2 is a sum.
const MIXED = /^(\d+)(?:\s+|-)(\d{1,2})\/(2|4|8|16|32|64)(?![\d.,])/;
const PLAIN = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)(?![\d.,])/;
const UNIT = /^\s*(mm|cm|inch|in\b\.?|ft|["'])/i;

// What is left to read, taken from the front.
class Reader {
    constructor(text, mm) {
        Object.assign(this, { rest: text.replaceAll('−', '-').replaceAll('×', '*').replaceAll('÷', '/'), mm });
    }
    take(pattern) {
        const found = pattern.exec(this.rest);
        if (found) this.rest = this.rest.slice(found[0].length);
        return found;
    }
    sum() {
        let value = this.product();
        for (let sign; (sign = this.take(/^\s*([+-])/));) {
            value += (sign[1] === '-' ? -1 : 1) * this.product();
        }
        return value;
    }
    product() {
        let value = this.factor();
        for (let sign; (sign = this.take(/^\s*([*/x])/i));) {
            const by = this.factor();
            value = sign[1] === '/' ? (by === 0 ? NaN : value / by) : value * by;
        }
        return value;
    }
    factor() {
        this.take(/^\s*/);
        if (this.take(/^-/)) return -this.factor();
        if (this.take(/^\(/)) {
            const value = this.sum();
            return this.take(/^\s*\)/) ? value : NaN;
        }
        const parts = MIXED.exec(this.rest);
        const mixed = parts && Number(parts[2]) < Number(parts[3]) ? this.take(MIXED) : null;
        const plain = mixed ? null : this.take(PLAIN);
        if (!mixed && !plain) return NaN;
        const value = mixed ? Number(mixed[1]) + mixed[2] / mixed[3] : Number(plain[0].replace(',', '.'));
        const fraction = mixed ? null : /^\s*\/\s*(\d+)(?=\s*(?:["']|in\b|ft|mm|cm))/i.exec(this.rest);
        // 5/8" is five eighths of an inch, and not five over eight inches.
        if (fraction) this.rest = this.rest.slice(fraction[0].length);
        const unit = this.take(UNIT);
        const size = unit ? MM[unit[1].toLowerCase().replace('.', '')] / this.mm : 1;
        return ((fraction ? value / Number(fraction[1]) : value) || (value === 0 ? 0 : NaN)) * size;
    }
}

export default function number(text, mm = 1) {
    const reader = new Reader(String(text).trim(), mm);
    const value = reader.sum();
    return reader.rest.trim() === '' && Number.isFinite(value) ? value : NaN;
}
