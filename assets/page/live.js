// What is changed on one device shows on the others: each page asks for a number that grows with every change, and where it grew by somebody
// else's, fetches itself anew. What is being typed is never taken away: then a notice offers what is new.
import { find, findAll, isField } from './dom.js';

const EACH = 800; // ms between two looks

/** Whether something here is not Rinkel's yet, or in somebody's hands. */
export const isBusy = (page = document) => {
  const saving = page.documentElement.dataset.saving ?? 'done';
  const typed = [...page.querySelectorAll('main input, main textarea')].some((field) => !['hidden', 'checkbox', 'radio', 'range', 'file'].includes(field.type)
    && field.value !== field.defaultValue);
  return saving !== 'done' || !!page.querySelector('dialog[open]') || (typed && !page.querySelector('#piece')) || isField(page.activeElement ?? page.body);
};

/** Whether what was fetched says something else than the page here. */
export const isOther = (here, fetched) => {
  const version = (page) => page.querySelector('#edit [name=version]')?.value;
  return version(here) === undefined
    ? here.querySelector('#work').textContent !== fetched.querySelector('#work')?.textContent
    : version(here) !== version(fetched);
};

const offer = () => {
  if (!find('.changed-notice')) {
    find('#work').prepend(find('#changed-notice').content.cloneNode(true));
    find('.changed-notice button').addEventListener('click', () => location.reload());
  }
};

const take = (fetched, morph) => {
  if (find('#piece')) {
    location.reload();
    return;
  }
  const open = findAll('main details[open][id]').map((one) => one.id);
  morph.morph(find('#work'), fetched.querySelector('#work'), { morphStyle: 'innerHTML' });
  open.forEach((id) => find(`#${CSS.escape(id)}`)?.setAttribute('open', ''));
  window.htmx?.process(find('#work'));
};

export const followOthers = (morph) => {
  const root = document.documentElement;
  if (root.dataset.stamp === undefined || root.querySelector('[data-board]')) {
    return; // not shared, or a board, which follows its own taps
  }
  let known = root.dataset.stamp;
  document.addEventListener('htmx:afterRequest', (event) => {
    known = event.detail.xhr?.getResponseHeader('X-Rinkel-Stamp') ?? known;
  });
  const look = async () => {
    if (document.hidden || (root.dataset.saving ?? 'done') === 'going') {
      return;
    }
    const stamp = await (await fetch('/changes')).text();
    if (stamp === known || !/^\d+$/.test(stamp)) {
      return;
    }
    const page = new DOMParser().parseFromString(await (await fetch(location.href)).text(), 'text/html');
    if (!isOther(document, page)) {
      known = stamp;
    } else if (isBusy()) {
      offer();
    } else {
      known = stamp;
      take(page, morph);
    }
  };
  setInterval(() => look().catch(() => {}), EACH); // Rinkel may be away for a while
};
