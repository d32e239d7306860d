import { find } from '../page/dom.js';

const HOLD = 550; // ms until a press counts on by itself
const EACH = 140; // ms from one to the next while it is held
const SWEEP = 60; // pixels to the left that take one back
const TAP = 30; // pixels within which a press is a tap

/** Tap anywhere in the large field: one more. Held: many, never beyond the end of a step. Swept to the left: one back. */
export class Press {
  #add;
  #rest;
  #isHeld = false;
  #timer = 0;
  #from = null;

  /**
   * @param add  adds so many moves
   * @param rest returns how many are left of the step
   */
  constructor(add, rest) {
    this.#add = add;
    this.#rest = rest;
    this.#buttons();
    this.#field(find('#now'));
    find('#more').addEventListener('pointerdown', (event) => this.#down(event));
    ['pointerup', 'pointercancel', 'pointerleave'].forEach((end) => find('#more').addEventListener(end, () => this.#letGo()));
  }

  #buttons() {
    for (const [id, by] of [['more', () => 1], ['back', () => -1], ['ten', () => tenOf(this.#rest())], ['all', this.#rest]]) {
      find(`#${id}`).addEventListener('click', (event) => {
        event.preventDefault();
        if (!this.#isHeld) {
          this.#add(by());
        }
        this.#isHeld = false;
      });
    }
  }

  #field(field) {
    field.addEventListener('pointerdown', (event) => this.#down(event));
    field.addEventListener('pointerup', (event) => this.#up(event));
    ['pointercancel', 'pointerleave'].forEach((end) => field.addEventListener(end, () => this.#letGo()));
    field.addEventListener('contextmenu', (event) => event.preventDefault());
  }

  #down(event) {
    // A link in the field is a link: what it shows is looked at, nothing is counted.
    if (event.button > 0 || event.target.closest('a')) {
      this.#from = null;
      return;
    }
    this.#isHeld = false;
    this.#from = [event.clientX, event.clientY];
    this.#timer = setTimeout(() => {
      this.#isHeld = true;
      this.#timer = setInterval(() => (this.#rest() > 0 ? this.#add(1) : this.#letGo()), EACH);
    }, HOLD);
  }

  #up(event) {
    this.#letGo();
    if (!this.#isHeld && this.#from) {
      const [right, down] = [event.clientX - this.#from[0], event.clientY - this.#from[1]];
      if (right < -SWEEP && Math.abs(down) < SWEEP) {
        this.#add(-1);
      } else if (Math.hypot(right, down) < TAP) {
        this.#add(1);
      }
    }
    this.#isHeld = false;
    this.#from = null;
  }

  #letGo() {
    clearTimeout(this.#timer);
    clearInterval(this.#timer);
  }
}

/** Returns ten, or what is left of a step if that is less, and one at least. */
export const tenOf = (rest) => Math.min(10, Math.max(1, rest));
