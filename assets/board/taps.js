import { findAll, newId, store, stored } from '../page/dom.js';

const SEND = 300; // ms after a tap at which it is sent
const AGAIN = 2000;
const LOOK = 1500;
const MOST = 400; // taps in one request

const state = (word) => findAll('#board-state [data-word]').forEach((one) => {
  one.hidden = one.dataset.word !== word;
});
const answerOf = (answer) => (answer.ok ? answer.json() : Promise.reject(new Error(answer.status)));

/** Every tap is kept in this browser first, and sent with a number of its own until Rinkel has it; what another device does is seen here. */
export class Taps {
  #root;
  #count;
  #show;
  #name;
  #known; // the moves that Rinkel has
  #number;
  #taps;
  #flying = 0;
  #timer = 0;

  /** @param show told the number of moves whenever another device changed it, or Rinkel answered */
  constructor(root, data, count, show) {
    this.#root = root;
    this.#count = count;
    this.#show = show;
    this.#name = `rinkel-board-${root.dataset.board}`;
    [this.#known, this.#number] = [data.moves, data.number];
    this.#taps = JSON.parse(stored(this.#name) ?? '[]');
  }

  get moves() {
    return this.#count.after(this.#known, this.#taps);
  }

  get isEmpty() {
    return this.#taps.length === 0;
  }

  begin() {
    setInterval(() => this.look(), LOOK);
    window.addEventListener('online', () => this.look());
    // What was typed beside the board is sent after what was tapped.
    document.addEventListener('submit', (event) => {
      if (this.isEmpty || !this.#root.contains(event.target)) {
        return;
      }
      event.preventDefault();
      this.settled(() => event.target.submit());
    });
    this.#send();
  }

  /** Does something once Rinkel has all that was tapped. */
  settled(then) {
    this.#send();
    const wait = setInterval(() => {
      if (this.isEmpty) {
        clearInterval(wait);
        then();
      }
    }, 50);
  }

  /** Adds a tap; it is painted before anything else is done with it. */
  add(by, paint) {
    this.#taps.push({ id: newId(), by, at: Date.now() });
    paint(this.moves);
    this.#keep();
    state('sending');
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => this.#send(), SEND);
  }

  look() {
    if (document.visibilityState !== 'visible' || this.#flying > 0) {
      return;
    }
    if (!this.isEmpty) {
      this.#send();
      return;
    }
    fetch(this.#address('state')).then(answerOf).then((answer) => {
      if (this.isEmpty && this.#flying === 0) {
        const was = this.#known;
        this.#take(answer);
        state('kept');
        if (this.#known !== was) {
          this.#show(this.moves);
        }
      }
    }).catch(() => state('alone'));
  }

  #address(what) {
    return `/boards/${this.#root.dataset.board}/${what}`;
  }

  #keep() {
    store(this.#name, this.isEmpty ? null : JSON.stringify(this.#taps));
  }

  #send() {
    clearTimeout(this.#timer);
    if (this.#flying > 0 || this.isEmpty) {
      return;
    }
    const batch = this.#taps.slice(0, MOST);
    this.#flying = batch.length;
    const body = JSON.stringify({ taps: batch });
    fetch(this.#address('taps'), { method: 'POST', headers: { 'Content-Type': 'application/json' }, body }).then(answerOf).then((answer) => {
      this.#taps = this.#taps.slice(batch.length);
      this.#flying = 0;
      this.#keep();
      this.#take(answer);
      state(this.isEmpty ? 'kept' : 'sending');
      this.#show(this.moves);
      this.#send();
    }).catch(() => {
      this.#flying = 0;
      state('alone');
      this.#timer = setTimeout(() => this.#send(), AGAIN);
    });
  }

  #take(answer) {
    if (answer.plan !== this.#root.dataset.plan || answer.finished) {
      location.reload();
      return;
    }
    if (answer.number < this.#number) {
      return;
    }
    const isOther = answer.number > this.#number && answer.clocks.length !== findAll('.clocks li').length;
    [this.#number, this.#known] = [answer.number, answer.moves];
    if (isOther && this.isEmpty && !this.#root.contains(document.activeElement?.closest('form'))) {
      location.reload();
    }
  }
}
