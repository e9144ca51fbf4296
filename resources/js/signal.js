// What a running clock says when a grit has had its time: in words, and by a soft tone where the browser lets it.

// The last signal whose time has come; null before the first.
export function due(signals, minutes) {
    return signals.filter((signal) => signal.at <= minutes).at(-1) ?? null;
}

const HERTZ = 523;
const SECONDS = 0.7;
const SOFT = 0.06;

export function softTone() {
    const Context = window.AudioContext;
    if (!Context || !navigator.userActivation?.hasBeenActive) return;
    const audio = new Context();
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = HERTZ;
    loudness.gain.setValueAtTime(0, audio.currentTime);
    loudness.gain.linearRampToValueAtTime(SOFT, audio.currentTime + 0.05);
    loudness.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + SECONDS);
    tone.connect(loudness).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + SECONDS);
    tone.onended = () => audio.close();
}
