/** Three strokes of a bell, made here: no file, no network. Silent where the browser wants to be touched first. */
export function ring(): void {
  const sound = new AudioContext();
  const strokes = [0, 0.45, 0.9];
  for (const at of strokes) {
    const bell = sound.createOscillator();
    const loud = sound.createGain();
    bell.type = 'sine';
    bell.frequency.value = 880;
    loud.gain.setValueAtTime(0.4, sound.currentTime + at);
    loud.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + at + 0.4);
    bell.connect(loud).connect(sound.destination);
    bell.start(sound.currentTime + at);
    bell.stop(sound.currentTime + at + 0.42);
  }
  setTimeout(() => void sound.close(), 2000);
}

/** Said aloud, by a voice that the browser has itself: no word of a kitchen goes out to be spoken. */
export function say(words: string): void {
  if (!('speechSynthesis' in window)) return;
  const voice = speechSynthesis
    .getVoices()
    .find(({ localService, lang }) => localService && lang.startsWith('en'));
  if (!voice) return;
  const spoken = new SpeechSynthesisUtterance(words);
  spoken.voice = voice;
  speechSynthesis.speak(spoken);
}

/** A word from the system while the page is hidden, where the cook has allowed it. */
export function notify(words: string): void {
  if (document.hidden && 'Notification' in window && Notification.permission === 'granted')
    new Notification(words);
}
