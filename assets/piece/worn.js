import { addressed, find, findAll, isElsewhere } from '../page/dom.js';
import { stale } from './fields.js';

const BY_KEY = 10; // degrees

const field = (name) => find(`#edit [name=${name}]`);
const isRound = () => Math.abs(Number(find('[data-turn]')?.dataset.turn ?? 180)) < 180;

/** Returns an angle from 0 to less than 360 degrees. */
export const turnedTo = (degrees) => ((degrees % 360) + 360) % 360;

/** A worn piece is turned by dragging it or by the keys, and opened by a slider: only the drawing comes anew. */
export class Worn {
  #isLooking = false;
  #isLater = false;
  #grip = null; // where the pointer took hold of the worn piece, and how far it was turned then

  constructor() {
    this.#press();
    this.#drag();
  }

  show() {
    const slider = find('#opened');
    if (slider) {
      slider.hidden = false;
    }
  }

  async #look() {
    if (this.#isLooking) {
      this.#isLater = true;
      return;
    }
    this.#isLooking = true;
    const query = new URLSearchParams(['turn', 'open', 'zoom'].map((name) => [name, field(name)?.value ?? '']));
    try {
      const answer = await fetch(`/pieces/${find('#piece').dataset.piece}/worn?${query}`);
      if (answer.ok) {
        this.#put(new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('svg'));
      }
    } catch {
      // Without Rinkel it cannot be turned; the next turn tries again.
    }
    this.#isLooking = false;
    if (this.#isLater) {
      this.#isLater = false;
      this.#look();
    }
  }

  // The drawing itself stays, with the pointer that holds it.
  #put(drawing) {
    const old = find('#board .worn-drawing');
    stale(old);
    old?.setAttribute('viewBox', drawing.getAttribute('viewBox'));
    old?.setAttribute('aria-label', drawing.getAttribute('aria-label'));
    old?.replaceChildren(...drawing.childNodes);
  }

  #pose(name, value) {
    const input = field(name);
    if (!input || input.value === String(value)) {
      return;
    }
    input.value = value;
    addressed(name, value);
    for (const link of findAll('[data-keeps-stage]')) {
      const to = new URL(link.href);
      if (name === 'turn' && link.dataset.turn) {
        to.searchParams.set('turn', (Number(value) + Number(link.dataset.turn) + 360) % 360);
      } else if (name !== 'open' || !link.dataset.open) {
        to.searchParams.set(name, value);
      }
      link.href = to;
    }
    this.#look();
  }

  #turn(by) {
    this.#pose('turn', turnedTo(Number(field('turn')?.value) + by));
  }

  #open(value) {
    this.#pose('open', value);
    for (const link of findAll('[data-open]')) {
      Number(link.dataset.open) === Number(value) ? link.setAttribute('aria-current', 'true') : link.removeAttribute('aria-current');
    }
  }

  #press() {
    document.addEventListener('click', (event) => {
      const link = event.target.closest?.('[data-turn], [data-open]');
      if (!link || isElsewhere(event) || (link.dataset.turn && !isRound())) {
        return;
      }
      event.preventDefault();
      if (link.dataset.turn) {
        this.#turn(Number(link.dataset.turn));
      } else {
        this.#open(link.dataset.open);
        const slider = find('#opened');
        slider.value = Number(link.dataset.open) < 0 ? slider.dataset.worn : link.dataset.open;
      }
    });
    document.addEventListener('input', (event) => {
      if (event.target.id === 'opened') {
        event.stopPropagation();
        this.#open(event.target.value);
      }
    }, true);
    document.addEventListener('keydown', (event) => {
      const by = { ArrowUp: BY_KEY, ArrowDown: -BY_KEY }[event.key];
      if (by && event.target.id === 'board' && find('#board .worn-drawing') && isRound()) {
        event.preventDefault();
        this.#turn(by);
      }
    });
  }

  #drag() {
    document.addEventListener('pointerdown', (event) => {
      const drawing = event.target.closest?.('#board .worn-drawing');
      if (drawing && isRound() && event.button === 0) {
        drawing.setPointerCapture(event.pointerId);
        this.#grip = { y: event.clientY, turn: Number(field('turn').value), height: drawing.clientHeight };
      }
    });
    document.addEventListener('pointermove', (event) => {
      if (this.#grip) {
        const { y, turn, height } = this.#grip;
        this.#pose('turn', turnedTo(turn + Math.round((y - event.clientY) / height * 180)));
      }
    });
    for (const kind of ['pointerup', 'pointercancel']) {
      document.addEventListener(kind, () => { this.#grip = null; });
    }
  }
}
