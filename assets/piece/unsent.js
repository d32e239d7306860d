import { find, newId, store, stored, storedUnder } from '../page/dom.js';
import { fieldAt, stale } from './fields.js';

/** What Rinkel has not taken of a piece yet, kept in this browser and sent again until it is. */
export class Unsent {
  #page = newId();
  #isLooking = true; // whether what an earlier page could not send is still to be looked for

  /** The version over which acts of an earlier page were done. */
  version = '';

  get #stem() {
    return `rinkel-unsent-${find('#piece')?.dataset.piece}-`;
  }

  keep(queue) {
    store(this.#stem + this.#page, queue.isEmpty ? null
      : JSON.stringify({ version: this.version || find('#piece').dataset.version, acts: queue.acts }));
  }

  /** A page that cannot send what still waits asks before it is left; any other sends it then. */
  guard(queue, isStuck) {
    window.addEventListener('beforeunload', (event) => {
      if (!queue.isEmpty && isStuck()) {
        event.preventDefault();
      }
    });
    window.addEventListener('pagehide', () => {
      if (!queue.isEmpty && !isStuck() && find('#edit')) {
        const body = new FormData();
        body.set('acts', JSON.stringify(queue.acts));
        body.set('version', this.version || find('#piece').dataset.version);
        navigator.sendBeacon(find('#edit').action, body);
      }
    });
  }

  /** What an earlier page of this piece could not send comes before what is done here; Rinkel knows what it took already. */
  restore(queue) {
    if (!this.#isLooking) {
      return;
    }
    this.#isLooking = false;
    const [stem, own] = [this.#stem, this.#stem + this.#page];
    for (const name of storedUnder(stem).filter((one) => one !== own)) {
      const text = stored(name);
      store(name, null);
      try {
        this.#resume(JSON.parse(text), queue);
        this.#isLooking = true;
        this.keep(queue);
        return;
      } catch {
        queue.clear(); // not what Rinkel kept
        this.version = '';
      }
    }
  }

  #resume(earlier, queue) {
    const typedHere = new Set(queue.paths());
    queue.begin(earlier.acts);
    this.version = earlier.version;
    for (const [path, value] of earlier.acts.flatMap((act) => Object.entries(act.f ?? {}))) {
      const node = fieldAt(path);
      stale(node);
      if (node && !['radio', 'checkbox'].includes(node.type) && !typedHere.has(path)) {
        node.value = value;
      }
    }
  }
}
