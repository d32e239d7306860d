import { find, store, stored } from '../page/dom.js';
import { tenOf } from './press.js';

const KEY = 'rinkel-foot-key';

/** A foot switch types a key; which one is asked once. The keyboard counts, too. */
export class Switch {
  #words;
  #add;
  #rest;
  #isAsking = false;

  constructor(words, add, rest) {
    this.#words = words;
    this.#add = add;
    this.#rest = rest;
    document.addEventListener('keydown', (event) => this.#pressed(event), true);
    document.addEventListener('rinkel:foot', () => add(1));
    find('#switch').addEventListener('click', () => {
      this.#isAsking = true;
      find('#switch').setAttribute('aria-pressed', 'true');
      find('#switch-key').textContent = words.press;
    });
    this.#tell();
  }

  #tell() {
    const key = stored(KEY);
    find('#switch-key').textContent = key ? this.#words.key.replace('%', key === ' ' ? 'Space' : key) : '';
  }

  #pressed(event) {
    if (this.#isAsking) {
      event.preventDefault();
      this.#isAsking = false;
      store(KEY, event.key === 'Escape' ? null : event.key);
      find('#switch').setAttribute('aria-pressed', 'false');
      this.#tell();
    } else if (!event.ctrlKey && !event.metaKey && !event.altKey && !event.target.closest('input, select, textarea, summary, a')) {
      this.#counted(event);
    }
  }

  #counted(event) {
    const isButton = event.target.closest('button') !== null;
    if (event.key === stored(KEY) || (!isButton && (event.key === ' ' || event.key === 'Enter'))) {
      event.preventDefault();
      event.stopPropagation();
      if (!event.repeat) {
        this.#add(1);
      }
    } else if (event.key === 'Backspace' || event.key === '-') {
      event.preventDefault();
      this.#add(-1);
    } else if (event.key === '+') {
      this.#add(tenOf(this.#rest()));
    }
  }
}
