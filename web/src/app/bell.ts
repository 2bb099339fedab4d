/** A fork of a sound: how high, Hz, and how long, s. */
const PITCH = 660
const LASTS = 0.5

/** Rings once, softly; where a browser lets no page make a sound, nothing is heard. */
export function ring(): void {
  if (!('AudioContext' in window)) return
  const context = new AudioContext()
  const tone = context.createOscillator()
  const loudness = context.createGain()
  tone.frequency.value = PITCH
  loudness.gain.setValueAtTime(0.15, context.currentTime)
  loudness.gain.exponentialRampToValueAtTime(0.001, context.currentTime + LASTS)
  tone.connect(loudness).connect(context.destination)
  tone.start()
  tone.stop(context.currentTime + LASTS)
  tone.onended = () => void context.close()
}
