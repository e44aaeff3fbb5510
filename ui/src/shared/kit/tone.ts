/** A short low tone for what is refused: whoever scans looks at the piece, not at the screen. */
export function lowTone(): void {
  try {
    const context = new AudioContext();
    const tone = context.createOscillator();
    const quiet = context.createGain();
    quiet.gain.value = 0.15;
    tone.type = 'square';
    tone.frequency.value = 160;
    tone.connect(quiet).connect(context.destination);
    tone.start();
    tone.stop(context.currentTime + 0.25);
    tone.onended = () => void context.close();
  } catch {
    // A browser without sound shows it all the same.
  }
}
