import { find, findAll } from '../page/dom.js';

const PAUSE = 700; // ms after which an edit has come to rest

const textOf = (node) => node.innerText.replace(/\s+/g, ' ').trim();

// What is wrong with a field comes first, then each result by its name.
const results = () => [...findAll('#piece .stage .field > .fault, #piece .stage .faulty .fault').slice(0, 1), find('#result-fit'), find('#result-worst')]
  .filter(Boolean).map((node) => [node.dataset.label, textOf(node)].filter(Boolean).join(': ')).filter(Boolean).join('. ');

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
