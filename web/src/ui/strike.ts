const STRIKE_HZ = 660;
const STRIKE_SECONDS = 0.9;

/** One soft strike. */
export function strike() {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const loud = audio.createGain();
  tone.frequency.value = STRIKE_HZ;
  loud.gain.setValueAtTime(0.25, audio.currentTime);
  loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + STRIKE_SECONDS);
  tone.connect(loud).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + STRIKE_SECONDS);
  tone.onended = () => void audio.close();
}
