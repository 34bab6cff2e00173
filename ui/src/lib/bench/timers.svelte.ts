/** The time of day, in seconds; it goes on while somebody waits for something. */
class Clock {
  now = $state(Date.now());

  /** Lets it go on until what is given back is called. */
  run(): () => void {
    this.now = Date.now();
    const beat = setInterval(() => (this.now = Date.now()), 1000);
    return () => clearInterval(beat);
  }
}

export const clock = new Clock();

/** Three short tones; silent where the browser allows none before somebody has tapped. */
export function ring(): void {
  const sound = new AudioContext();
  for (const at of [0, 0.35, 0.7]) {
    const tone = sound.createOscillator();
    const loud = sound.createGain();
    tone.frequency.value = 880;
    loud.gain.value = 0.2;
    tone.connect(loud).connect(sound.destination);
    tone.start(sound.currentTime + at);
    tone.stop(sound.currentTime + at + 0.2);
  }
  setTimeout(() => void sound.close(), 1500);
}
