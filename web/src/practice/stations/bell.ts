const NOTES = [880, 660];
const NOTE_S = 0.6;

/** Two notes, as loud as the device is set; silent where it makes no sound. */
export function ringBell() {
  try {
    const audio = new AudioContext();
    NOTES.forEach((pitch, i) => {
      const tone = audio.createOscillator();
      const loud = audio.createGain();
      tone.frequency.value = pitch;
      loud.gain.setValueAtTime(0.4, audio.currentTime + i * NOTE_S);
      loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + (i + 1) * NOTE_S);
      tone.connect(loud).connect(audio.destination);
      tone.start(audio.currentTime + i * NOTE_S);
      tone.stop(audio.currentTime + (i + 1) * NOTE_S);
    });
  } catch {
    // The clock says it as well.
  }
}
