import { find, findAll } from '../page/dom.js';

const LATE = 10; // seconds after which a clock that is over rings no more

/** Returns so many seconds as a clock shows them: minutes and seconds, with hours before them from one on. */
export const clockOf = (seconds) => {
  const parts = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60].map((part) => String(part).padStart(2, '0'));
  return (seconds < 3600 ? parts.slice(1) : parts).join(':');
};

const canNotify = (permission) => 'Notification' in window && Notification.permission === permission;

const ring = (text) => {
  try {
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    tone.frequency.value = 880;
    tone.connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.5);
  } catch {
    // No sound here; it is written and shown.
  }
  if (canNotify('granted')) {
    new Notification(text);
  }
};

const tick = (over) => findAll('[data-ends]').forEach((clock) => {
  const left = Number(clock.dataset.ends) - Math.floor(Date.now() / 1000);
  clock.querySelector('.clock').textContent = left <= 0 ? over : clockOf(left);
  if (left <= 0 && !clock.hasAttribute('data-over')) {
    clock.setAttribute('data-over', '');
    if (left > -LATE) {
      ring(clock.textContent.trim());
    }
  }
});

/** Clocks count down, and ring once. */
export const runClocks = (over) => {
  const bell = find('#bell');
  if (canNotify('default')) {
    bell.hidden = false;
    bell.addEventListener('click', () => Notification.requestPermission().then(() => {
      bell.hidden = true;
    }));
  }
  setInterval(() => tick(over), 1000);
  tick(over);
};

/** The screen stays awake while a board is looked at, where the browser lets it. */
export const stayAwake = (look) => {
  const wake = () => document.visibilityState === 'visible' && navigator.wakeLock?.request('screen').catch(() => {});
  document.addEventListener('visibilitychange', () => {
    wake();
    look();
  });
  wake();
};
