let context: AudioContext | undefined;

/** How a beep sounds: high enough for a room with a saw in it. */
const TONE = { hertz: 880, seconds: 0.25, times: 3, gain: 0.4 };

/** Three short tones and a shake, where the device and its settings allow them. */
export function beep(): void {
  // Before anybody has touched the page a browser allows neither.
  if (navigator.userActivation?.hasBeenActive === false) return;
  try {
    navigator.vibrate?.([200, 100, 200]);
    context ??= new AudioContext();
    const begin = context.currentTime;
    for (let k = 0; k < TONE.times; k++) {
      const tone = context.createOscillator();
      const volume = context.createGain();
      const from = begin + 2 * k * TONE.seconds;
      tone.frequency.value = TONE.hertz;
      volume.gain.value = TONE.gain;
      tone.connect(volume).connect(context.destination);
      tone.start(from);
      tone.stop(from + TONE.seconds);
    }
  } catch {
    // A device without sound still shows what it would have told.
  }
}
