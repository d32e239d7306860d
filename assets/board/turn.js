import { find } from '../page/dom.js';

/** Pieces of one order by turns: where the turn of this one ends, one tap more goes to the next. */
export class Turn {
  #link;
  #until;

  constructor() {
    this.#link = find('#turn-next') ?? find('#turn-due');
    this.#until = Number(find('#together')?.dataset.until);
  }

  /** Shows whether its turn ends after so many moves; returns whether it does. */
  ends(moves) {
    const ends = this.#link !== null && moves === this.#until;
    this.#link?.classList.toggle('act', ends);
    return ends;
  }

  /** Goes on to the next, once Rinkel has all taps of this one. */
  pass(taps) {
    taps.settled(() => location.assign(this.#link.href));
  }
}
