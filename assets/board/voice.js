import { find, store, stored } from '../page/dom.js';

const SPEAKS = 'rinkel-board-speaks';

/** Says what comes, aloud if a maker wants it; a tap is felt otherwise, where the device can. */
export class Voice {
  #root;
  #words;
  #spoken = '';

  constructor(root, words) {
    this.#root = root;
    this.#words = words;
  }

  get #isOn() {
    return find('#speak').getAttribute('aria-pressed') === 'true';
  }

  /** @param now returns the step at which the hands are */
  offer(now) {
    const button = find('#speak');
    button.setAttribute('aria-pressed', stored(SPEAKS) === '1');
    button.addEventListener('click', () => {
      const isOn = !this.#isOn;
      button.setAttribute('aria-pressed', isOn);
      store(SPEAKS, isOn ? '1' : null);
      if (isOn) {
        this.#speak(now().say);
      }
    });
  }

  say({ step, move, done }) {
    const text = done === 0 ? step.say : [move.side ? this.#words[move.side] : '', move.bead ?? ''].join(' ').trim();
    if (this.#isOn && 'speechSynthesis' in window && text !== '') {
      this.#speak(text);
    } else {
      navigator.vibrate?.(8);
    }
    this.#root.dataset.spoken = this.#spoken;
  }

  #speak(text) {
    if ('speechSynthesis' in window) {
      speechSynthesis.cancel();
      speechSynthesis.speak(Object.assign(new SpeechSynthesisUtterance(text), { lang: document.documentElement.lang }));
      this.#spoken = text;
      this.#root.dataset.spoken = text;
    }
  }
}
