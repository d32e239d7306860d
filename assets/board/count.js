/** Where moves stand in the steps of a board: each step has a count, and what is counted runs through all of them. */
export class Count {
  #steps;
  #before = []; // moves before each step
  total;

  constructor(steps, total) {
    this.#steps = steps;
    this.total = total;
    steps.reduce((sum, step) => {
      this.#before.push(sum);
      return sum + step.count;
    }, 0);
  }

  within(moves) {
    return Math.max(0, Math.min(this.total, moves));
  }

  /** Returns how many moves are done when taps are added to what was known, none of them beyond an end. */
  after(known, taps) {
    return taps.reduce((sum, tap) => this.within(sum + tap.by), known);
  }

  /** Returns the step in which a number of moves ends, and how many of it are done. */
  placeOf(moves) {
    const at = Math.max(0, this.#before.findLastIndex((first) => first <= moves));
    return [at, Math.min(this.#steps[at].count, moves - this.#before[at])];
  }

  /** Returns how many of a step are done when so many moves are. */
  doneOf(step, moves) {
    return Math.max(0, Math.min(this.#steps[step].count, moves - this.#before[step]));
  }

  /** Returns how many are left of the step in which a number of moves ends. */
  restOf(moves) {
    const [at, done] = this.placeOf(moves);
    return this.#steps[at].count - done;
  }
}

/**
 * Returns the minutes of hands and of waiting still to come at a place; a wait is over once it was begun.
 *
 * @param left of each step: minutes of hands, of waiting, and of hands for each move
 */
export const minutesAhead = (left, at, done) => {
  const [all, waits, each] = left[at];
  return {
    hands: Math.max(0, Math.ceil(all - done * each - 1e-6)),
    waiting: done > 0 ? left[at + 1]?.[1] ?? 0 : waits,
  };
};
