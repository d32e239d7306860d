import { find, newId } from '../page/dom.js';
import { sayLost } from './ear.js';
import { came, fieldAt, fieldsAt, partsHere, stale } from './fields.js';
import { Queue, renamed } from './queue.js';

const ACT_PAUSE = 1000; // ms after the last key at which what was typed is judged
const REST_PAUSE = 400; // ms after an answer at which what is out of sight is asked for
const FIRST_TRY = 500; // ms until a lost request is sent again; twice as long each time
const LAST_TRY = 4000;

const saving = (name) => document.documentElement.setAttribute('data-saving', name);
const savingState = () => document.documentElement.getAttribute('data-saving');
const valueOf = (name) => find(`#edit [name=${name}]`)?.value ?? '';

/** The form of a piece: what is typed, chosen and pressed in it goes to Rinkel at once, and what Rinkel answers is put in around it. */
export class Edit {
  #queue = new Queue();
  #unsent;
  #ear;
  #typing = null; // the field being typed in: its path, and the stroke that goes on in it
  #choose = ''; // a part to choose with the next request
  #over = ''; // the version over which a maker wants hers saved
  #conflict = false;
  #isRest = false; // whether an answer left out what is not in sight
  #refresh = false; // whether to ask for the page once more, to judge what was typed
  #tries = 0;
  #timer = 0;
  #pause = 0;
  #taken = {}; // what Rinkel took of this page since it came, by field

  /** The fields that an answer leaves as they are, since more was typed in them. */
  held = new Set();

  /** Whether an answer is to a button: then it may change the field with the caret, too. */
  isPressed = false;

  constructor(unsent, ear) {
    this.#unsent = unsent;
    this.#ear = ear;
  }

  /** Begins: what an earlier page left comes before anything is typed here. */
  begin() {
    saving(find('#piece')?.dataset.state === 'conflict' ? 'conflict' : 'done');
    this.#restore();
    document.addEventListener('DOMContentLoaded', () => this.send()); // by then htmx knows the form
    window.addEventListener('online', () => this.send());
    this.#unsent.guard(this.#queue, () => ['lost', 'conflict'].includes(savingState()));
    this.#talk();
  }

  press(name, value) {
    this.#settle();
    if (name === 'choose') {
      this.#choose = value;
    } else if (name === 'over') {
      this.#over = value;
      this.#conflict = false;
    } else if (name.startsWith('set[')) {
      this.#add({ f: { [name.slice(4, -1)]: value } });
    } else {
      this.#add({ do: value });
    }
    this.send();
  }

  /** What was out of sight is in sight now: asks for it, if it was left out. */
  look() {
    if (this.#refresh) {
      this.send();
    }
  }

  /** At once means before the browser paints what was typed, which a timer would wait for. */
  send(wait = 0) {
    clearTimeout(this.#timer);
    if (wait > 0) {
      this.#timer = setTimeout(() => this.#flush(), wait);
    } else {
      queueMicrotask(() => this.#flush());
    }
  }

  get #hasToSend() {
    return !this.#queue.isEmpty || this.#choose !== '' || this.#refresh;
  }

  #flush() {
    if (!this.#queue.isOut && !this.#conflict && find('#edit') && this.#hasToSend) {
      this.#queue.leave();
      this.#refresh = false;
      saving('going');
      window.htmx.trigger('#edit', 'rinkel:send');
    }
  }

  #keep() {
    this.#unsent.keep(this.#queue);
  }

  #restore() {
    if (!this.#queue.isOut && !this.#conflict && find('#edit')) {
      this.#unsent.restore(this.#queue);
    }
  }

  #add(act) {
    const paths = act.do ? ['pattern'] : Object.keys(act.f ?? {});
    Object.keys(act.f ?? {}).forEach((path) => stale(fieldAt(path)));
    const was = paths.map((path) => [path, this.#taken[path] ?? came(path)]).filter(([, text]) => text !== undefined);
    this.#queue.add({ id: newId(), in: valueOf('shown_in') || 'cm', was: Object.fromEntries(was), ...act });
    this.#conflict = false; // one that is shown is asked for anew, to tell this too
    this.#keep();
  }

  /** A key was pressed in a field of text. */
  typed(node, path) {
    if (this.#typing?.path !== path) {
      this.#settle();
      this.#typing = { path, stroke: newId() };
    }
    if (this.#queue.retype(this.#typing.stroke, path, node.value)) {
      this.#conflict = false;
      this.#keep();
    } else {
      this.#add({ f: { [path]: node.value }, stroke: this.#typing.stroke });
    }
    clearTimeout(this.#pause);
    this.#pause = setTimeout(() => this.settle(), ACT_PAUSE);
    this.send();
  }

  /** Something was chosen in a field. */
  chosen(path, value) {
    this.#settle();
    this.#add({ f: { [path]: value } });
    this.send();
  }

  /** Typing has ended where the caret is, or where it was last, if no field is named. */
  settle(path = this.#typing?.path) {
    if (this.#typing?.path === path && this.#settle()) {
      this.send();
    }
  }

  /** Typing in a field has ended, or paused: now it is judged, and what is typed next is another step. */
  #settle() {
    clearTimeout(this.#pause);
    if (!this.#typing) {
      return false;
    }
    const { path, stroke } = this.#typing;
    this.#typing = null;
    const node = fieldAt(path);
    stale(node);
    if (node && path.endsWith('.called')) {
      this.#add({ f: { [path]: node.value }, stroke }); // a name is taken only now
    }
    this.#refresh = true;
    return true;
  }

  /** A maker takes what another tab saved, and lets go of what waits here. */
  takeTheirs() {
    this.#queue.clear();
    this.#typing = null;
    this.#conflict = false;
    saving('done');
    this.#keep();
  }

  /** What goes between this page and Rinkel. */
  #talk() {
    const heard = (name, what) => document.addEventListener(name, (event) => event.detail.elt.id === 'edit' && what(event.detail));
    heard('htmx:configRequest', (request) => this.#ask(request));
    document.addEventListener('htmx:beforeOnLoad', (event) => {
      if (event.detail.elt.id === 'edit' && [200, 422].includes(event.detail.xhr.status)) {
        this.#take();
      }
      const waiting = [...this.#queue.paths(), ...(this.#typing ? [this.#typing.path] : [])];
      this.held = new Set(waiting.flatMap(fieldsAt));
    });
    document.addEventListener('rinkel:renamed', ({ detail }) => {
      this.#queue.rename(detail.stems);
      this.#typing = this.#typing && { ...this.#typing, path: renamed(this.#typing.path, detail.stems) };
    });
    heard('htmx:afterRequest', ({ xhr }) => {
      if ([200, 422, 409].includes(xhr.status)) {
        this.#answered(xhr.status === 409);
      } else {
        this.#lost(xhr);
      }
    });
  }

  #ask(request) {
    request.headers['X-Rinkel-Has'] = partsHere();
    this.#isRest = this.#queue.sent.length > 0;
    if (this.#isRest) {
      request.headers['X-Rinkel-Sight'] = 'first';
    }
    request.parameters = {
      acts: JSON.stringify(this.#queue.sent),
      version: this.#over || this.#unsent.version || valueOf('version'),
      typing: this.#typing?.path ?? '',
      ...Object.fromEntries(['view', 'zoom', 'turn', 'open', 'at'].map((name) => [name, valueOf(name)])),
      stage: find('#piece')?.dataset.stage ?? '',
      ...(this.#choose === '' ? {} : { choose: this.#choose }),
    };
    this.#choose = '';
  }

  /** Before an answer is put in: what it took is no longer waiting. */
  #take() {
    const done = this.#queue.taken();
    done.forEach((act) => Object.assign(this.#taken, act.f ?? {}));
    this.isPressed = done.some((act) => act.stroke === undefined);
    [this.#over, this.#unsent.version, this.#tries] = ['', '', 0];
  }

  #answered(isConflict) {
    this.#conflict = isConflict && !this.#queue.hasMore;
    this.#queue.back();
    this.#over = '';
    saving(isConflict ? 'conflict' : 'done');
    this.#ear.heed();
    this.#keep();
    this.#restore();
    if (this.#hasToSend || !this.#isRest) {
      this.send();
    } else {
      this.#refresh = true;
      this.send(REST_PAUSE);
    }
  }

  #lost(xhr) {
    this.#queue.back();
    saving('lost');
    this.#ear.hear(find('#lost-why')?.textContent ?? '');
    sayLost(xhr);
    this.#tries += 1;
    this.send(Math.min(LAST_TRY, FIRST_TRY * 2 ** this.#tries));
  }
}
