// The shop's time on this device: the device's own, put right by what the shop's computer last said.

const SKEW = 'clock-skew';
const SAME_MS = 2000;

let skewMs = 0;

// By how much this device's clock is wrong, as it was last known: a page that the device kept says an old time itself.
try {
    skewMs = Number(localStorage.getItem(SKEW) ?? 0);
} catch {
    skewMs = 0;
}

// A time of day, with its day where that is not today.
export function timeOfDay(second) {
    const zone = document.querySelector('meta[name=alive]')?.dataset.zone || undefined;
    const said = (form, at) => new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...form }).format(at * 1000);
    const time = said({ hour: '2-digit', minute: '2-digit' }, second);
    const day = { weekday: 'short', day: 'numeric', month: 'short' };

    return said(day, second) === said(day, now()) ? time : `${said(day, second)} ${time}`;
}

// Seconds.
export const now = () => (Date.now() + skewMs) / 1000;

export function setTo(seconds) {
    const wrong = seconds * 1000 - Date.now();
    skewMs = Math.abs(wrong) > SAME_MS ? wrong : 0;
    try {
        localStorage.setItem(SKEW, String(skewMs));
    } catch {
        // It is learnt again on the next page.
    }
}
