import { find } from '../page/dom.js';
import { minutesAhead } from './count.js';
import { inHalves, lengthIn } from './lengths.js';

const LONG_WAIT = 120; // minutes from which a wait is said in hours
const BEGUN = 0.5; // mm from which a length that is due has begun

/** Everything on the page of a board that says where the hands are. */
export class Face {
  #root;
  #data;
  #words;
  #count;
  #covers;
  #shown = null;

  constructor(root, data, words, count, covers) {
    this.#root = root;
    this.#data = data;
    this.#words = words;
    this.#count = count;
    this.#covers = covers;
  }

  /** Shows so many moves as done; returns the step, the move that comes and how many of the step are done. */
  show(now) {
    const [at, done] = this.#count.placeOf(now);
    const step = this.#data.steps[at];
    const move = step.moves[Math.min(done, step.count - 1) % step.moves.length];
    const isEnd = now >= this.#count.total;
    this.#number(step, done);
    this.#move(move, isEnd);
    this.#due(step, done);
    if (this.#shown?.at !== at || this.#shown.isEnd !== isEnd) {
      this.#step(at, step, isEnd);
    }
    find('#all').parentNode.querySelector('[name=by]').value = step.count - done;
    find('#progress').value = now;
    find('#time-left').textContent = this.#ahead(at, done);
    this.#detour(now);
    this.#draw(now, at, done);
    this.#heard(at, step, move, done, isEnd);
    this.#root.toggleAttribute('data-done', isEnd);
    this.#shown = { at, now, isEnd };
    return { step, move, done };
  }

  #isHalves(step) {
    return step.moves.every((one) => one.share === 0.5);
  }

  #number(step, done) {
    const isHalves = this.#isHalves(step);
    find('#done').textContent = isHalves ? inHalves(done / 2) : done;
    find('#of').textContent = isHalves ? inHalves(step.count / 2) : step.count;
  }

  #move(move, isEnd) {
    const side = isEnd ? '' : move.side ?? '';
    find('#side').dataset.side = side;
    find('#side-word').textContent = side === '' ? '' : this.#words[side];
    find('#bead').hidden = !move.bead;
    if (move.bead) {
      find('#bead .bead-dot').style.backgroundColor = this.#data.beads[move.bead] ?? 'transparent';
      const where = move.on === 'core' ? '' : (this.#words.lanes[move.on] ?? '').replace('%', move.strand ?? '');
      find('#bead-name').textContent = [move.bead, move.letter ? `“${move.letter}”` : '', where].filter(Boolean).join(' ');
    }
  }

  #due(step, done) {
    const due = step.due === undefined ? null : (step.from + (step.due - step.from) * done / step.count);
    find('#due').hidden = due === null;
    const length = (mm) => lengthIn(this.#data.unit, mm, document.documentElement.lang);
    find('#due').textContent = due === null ? ''
      : (Math.abs(due) >= BEGUN ? this.#words.due : this.#words.comes).replace('%1', length(due)).replace('%2', length(step.due));
  }

  #step(at, step, isEnd) {
    find('#say').textContent = isEnd ? this.#words.done : this.#said(at, step);
    find('#look').textContent = isEnd ? '' : step.look ?? '';
    find('#tools').textContent = isEnd ? '' : (step.tools ?? []).map((tool) => this.#words.tools[tool]).join(' · ');
    find('#how').hidden = !step.knot || isEnd;
    find('#how').setAttribute('href', `/knots/${step.knot ?? 'square'}?board=${this.#root.dataset.board}`);
    find('#now').dataset.does = step.do;
    const item = (next) => Object.assign(document.createElement('li'), { textContent: next.say });
    find('#then').replaceChildren(...this.#data.steps.slice(at + 1, at + 4).map(item));
    find('#clock-step').value = at;
    if (step.minutes) {
      find('#clock-minutes').value = step.minutes;
    }
  }

  // What is said more than once says which time it is: without it nobody knows where she is.
  #said(at, step) {
    const alike = this.#data.steps.flatMap((one, i) => (one.say === step.say ? [i] : []));
    return alike.length > 1 ? `${step.say} (${this.#of(alike.indexOf(at) + 1, alike.length)})` : step.say;
  }

  #of(done, all) {
    return this.#words.of.replace('%1', done).replace('%2', all);
  }

  // Heard with every move: which knot it is of how many, from which side, what goes on; and the sentence where a step begins.
  #heard(at, step, move, done, isEnd) {
    const [each, knot] = [this.#isHalves(step) ? 2 : 1, this.#words.knots[step.knot] ?? ''];
    const now = Math.floor(Math.min(done, step.count - 1) / each) + 1;
    const which = step.count > 1 ? this.#of(now, Math.ceil(step.count / each)) : '';
    const side = move.side ? this.#words[move.side] : '';
    const named = [knot, which].filter(Boolean).join(' ');
    const one = [step.count > 1 ? named : '', named && step.count > 1 ? side.toLowerCase() : side, move.bead].filter(Boolean).join(', ');
    find('#heard').textContent = isEnd ? this.#words.done : [done === 0 ? this.#said(at, step) : '', one].filter(Boolean).join(' ');
  }

  // Minutes of hands and of waiting that are still to come.
  #ahead(at, done) {
    const { hands, waiting } = minutesAhead(this.#data.left, at, done);
    const [unit, waited] = waiting >= LONG_WAIT ? [2, Math.ceil(waiting / 60)] : [waiting > 0 ? 1 : 0, waiting];
    const written = (value) => value.toLocaleString(document.documentElement.lang);
    return this.#words.ahead[hands === 1 ? 0 : 1][unit].replace('777', written(hands)).replace('888', written(waited));
  }

  // What hands do otherwise than planned is in the way of what comes next, once it is its turn.
  #detour(now) {
    const detour = this.#data.detours.find((one) => one.at <= now);
    find('#detour').hidden = !detour;
    if (detour) {
      find('#detour-say').textContent = detour.say;
      find('#detour-id').value = detour.id;
    }
  }

  // A tap changes one step or two; all are gone through only after a leap.
  #draw(now, at, done) {
    const { steps } = this.#data;
    const near = this.#shown && Math.abs(this.#shown.now - now) < 2 && Math.abs(this.#shown.at - at) < 2
      ? [Math.min(this.#shown.at, at), Math.max(this.#shown.at, at)] : [...steps.keys()];
    near.forEach((i) => this.#covers.cover(i, this.#count.doneOf(i, now)));
    this.#covers.mark(at, done);
  }
}
