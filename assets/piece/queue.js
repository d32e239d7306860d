/**
 * What a maker did and Rinkel has not taken yet, in order. One request is on its way at a time and carries all that wait then; each act
 * has an id of its own, so that it is done once however often it is sent.
 *
 * An act is `{ id, f: { path: text }, stroke? }` or `{ id, do: word }`; a stroke is typing in one field that goes on.
 */
export class Queue {
  #acts = [];
  #flying = 0;
  #isOut = false;

  get acts() {
    return this.#acts;
  }

  get isEmpty() {
    return this.#acts.length === 0;
  }

  /** Whether a request is on its way. */
  get isOut() {
    return this.#isOut;
  }

  /** The acts on their way; none when a request only asks. */
  get sent() {
    return this.#acts.slice(0, this.#flying);
  }

  /** Whether acts wait that are not on their way. */
  get hasMore() {
    return this.#acts.length > this.#flying;
  }

  add(act) {
    this.#acts.push(act);
  }

  /** Changes what waits of a stroke; returns false if it is on its way already, or another act came between. */
  retype(stroke, path, text) {
    const last = this.hasMore ? this.#acts[this.#acts.length - 1] : null;
    if (last?.stroke !== stroke) {
      return false;
    }
    last.f[path] = text;
    return true;
  }

  leave() {
    this.#isOut = true;
    this.#flying = this.#acts.length;
  }

  /** Rinkel took what was on its way: returns it. */
  taken() {
    const sent = this.#acts.splice(0, this.#flying);
    this.#flying = 0;
    return sent;
  }

  /** The request is over, whatever came of it. */
  back() {
    this.#isOut = false;
    this.#flying = 0;
  }

  /** Puts acts of an earlier page before those of this one. */
  begin(earlier) {
    this.#acts = [...earlier, ...this.#acts];
  }

  clear() {
    this.#acts = [];
  }

  /** Returns the paths of all fields in which something waits. */
  paths() {
    return this.#acts.flatMap((act) => Object.keys(act.f ?? {}));
  }

  /** What has another name now keeps what was typed under the old one. */
  rename(stems) {
    for (const act of this.#acts) {
      act.f = act.f && Object.fromEntries(Object.entries(act.f).map(([path, text]) => [renamed(path, stems), text]));
    }
  }
}

/** Returns a path whose stem, all before its last dot, may have another name now. */
export const renamed = (path, stems) => {
  const at = path.lastIndexOf('.');
  return (stems[path.slice(0, at)] ?? path.slice(0, at)) + path.slice(at);
};
