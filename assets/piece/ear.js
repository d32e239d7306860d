import { find } from '../page/dom.js';

const PAUSE = 700; // ms after which an edit has come to rest

const results = () => ['#result-fit', '#result-worst']
  .map((part) => find(part)?.innerText.replace(/\s+/g, ' ').trim()).filter(Boolean).join('. ');

/** Says on the page why Rinkel did not answer: in its own words, if it had any. */
export const sayLost = (xhr) => {
  const why = find('#lost-why');
  if (why) {
    why.dataset.offline ??= why.textContent;
    why.textContent = xhr.getResponseHeader('X-Rinkel-Says') ? xhr.responseText : why.dataset.offline;
  }
};

/** What comes of an edit is heard once, when it has come to rest: the fit, and the worst that is to be said. */
export class Ear {
  #heard = find('#result-fit') ? results() : null; // what a page begins with is read, not announced
  #timer = 0;

  hear(text) {
    const ear = find('#heard');
    if (ear && text !== this.#heard) {
      this.#heard = text;
      ear.textContent = text;
    }
  }

  heed() {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => this.hear(results()), PAUSE);
  }
}
