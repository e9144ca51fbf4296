// What a running clock says when a grit has had its time, and the tones that a page rings by.

// The last signal whose time has come; null before the first.
export function due(signals, minutes) {
    return signals.filter((signal) => signal.at <= minutes).at(-1) ?? null;
}

// Each a row of strikes: from second, for seconds, hertz, loudness, shape.
const TONES = {
    soft: [[0, 0.7, 523, 0.06, 'sine']],
    bell: [
        [0, 1.6, 880, 0.12, 'sine'],
        [0, 1.2, 1760, 0.04, 'sine'],
        [0.5, 1.6, 880, 0.12, 'sine'],
    ],
    wood: [
        [0, 0.12, 330, 0.3, 'triangle'],
        [0.22, 0.12, 262, 0.3, 'triangle'],
        [0.44, 0.16, 330, 0.3, 'triangle'],
    ],
};

export const canSound = () => Boolean(window.AudioContext && navigator.userActivation?.hasBeenActive);

export function sound(name) {
    const strikes = TONES[name];
    if (!strikes || !canSound()) return;
    const audio = new window.AudioContext();
    let last = 0;
    for (const [from, seconds, hertz, loud, shape] of strikes) {
        const at = audio.currentTime + from;
        const tone = audio.createOscillator();
        const loudness = audio.createGain();
        tone.type = shape;
        tone.frequency.value = hertz;
        loudness.gain.setValueAtTime(0, at);
        loudness.gain.linearRampToValueAtTime(loud, at + Math.min(0.05, seconds / 4));
        loudness.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
        tone.connect(loudness).connect(audio.destination);
        tone.start(at);
        tone.stop(at + seconds);
        last = Math.max(last, from + seconds);
    }
    window.setTimeout(() => audio.close(), 1000 * last + 300);
}

export const softTone = () => sound('soft');
