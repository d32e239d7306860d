import { store, stored } from './dom.js';

const KEPT = 'rinkel-form-';
const SENT = 'rinkel-form-sent';

// What changes with each showing tells no form from another.
const PASSING = ['once', 'was', 'mark', 'token', 'step', 'id[]'];

const nameOf = (form) => KEPT + [
  new URL(form.action).pathname,
  ...[...form.querySelectorAll('input[type=hidden]')]
    .filter((node) => !PASSING.includes(node.name) && node.value.length < 80).map((node) => `${node.name}=${node.value}`),
].join(' ');

const fieldsOf = (form) => [...form.elements].filter((node) => node.name
  && !node.matches('[type=hidden], [type=file], [type=password], [type=submit], button, [data-unkept]'));

const isTick = (node) => node.matches('[type=checkbox], [type=radio]');

const isChangedList = (node) => {
  const options = [...node.options];
  const isFirstByItself = node.selectedIndex === 0 && !options.some((option) => option.defaultSelected);
  return options.some((option) => option.selected !== option.defaultSelected) && !isFirstByItself;
};

const isChanged = (node) => {
  if (isTick(node)) {
    return node.checked !== node.defaultChecked;
  }
  return node.tagName === 'SELECT' ? isChangedList(node) : node.value !== node.defaultValue;
};

const isKept = (form) => form?.method === 'post' && form.id !== 'edit' && !form.matches('[data-unkept]');

const typedIn = (form) => fieldsOf(form).filter(isChanged).map((node) => [
  node.name, node.matches('[type=checkbox]') ? node.checked : node.value, node.type === 'radio' ? node.value : null,
]);

const keptOf = (form) => {
  try {
    return JSON.parse(stored(nameOf(form)) ?? 'null') ?? [];
  } catch {
    return [];
  }
};

// Puts what was typed earlier in its field; returns whether it said something else.
const putBack = (form, [name, value, radio]) => {
  const node = fieldsOf(form).find((one) => one.name === name && (radio === null || one.value === radio));
  const property = node && isTick(node) ? 'checked' : 'value';
  const wanted = node?.type === 'radio' ? true : value;
  if (!node || node[property] === wanted) {
    return false;
  }
  node[property] = wanted;
  node.dispatchEvent(new Event('change', { bubbles: true }));
  node.closest('details')?.setAttribute('open', '');
  return true;
};

const offerToForget = (form) => {
  const notice = document.querySelector('#kept-notice');
  if (!notice) {
    return;
  }
  const shown = notice.content.firstElementChild.cloneNode(true);
  shown.querySelector('button').addEventListener('click', () => {
    store(nameOf(form), null);
    form.reset();
    shown.remove();
  });
  form.prepend(shown);
};

/** What is typed in forms outside the Piece page stays in this browser until Rinkel has it. */
export const keepForms = () => {
  document.addEventListener('input', ({ target: { form } }) => {
    if (isKept(form)) {
      const typed = typedIn(form);
      store(nameOf(form), typed.length > 0 ? JSON.stringify(typed) : null);
    }
  });
  // A page that shows what is wrong still has it all; any other means that Rinkel took it.
  const isRefused = document.querySelector('[aria-invalid=true], [role=alert], .error-page') !== null;
  const sent = sessionStorage.getItem(SENT);
  sessionStorage.removeItem(SENT);
  if (sent && !isRefused) {
    store(sent, null);
  }
  document.addEventListener('submit', (event) => {
    if (isKept(event.target) && !event.defaultPrevented) {
      sessionStorage.setItem(SENT, nameOf(event.target));
    }
  });
  for (const form of [...document.forms].filter(isKept)) {
    if (keptOf(form).map((field) => putBack(form, field)).includes(true)) {
      offerToForget(form);
    }
  }
};
