// What every script of a page needs: finding things, ids that nobody else has, and a drawer in this browser that may be locked.

export const find = (selector) => document.querySelector(selector);
export const findAll = (selector) => [...document.querySelectorAll(selector)];

/** Returns an id of 24 hexadecimal digits. */
export const newId = () => [...crypto.getRandomValues(new Uint8Array(12))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** In a workshop each person has a drawer of their own: what one typed is neither shown to nor sent by another. */
const whose = () => {
  const { me } = document.documentElement.dataset;
  return me ? `${me} ` : '';
};

/** Keeps a text under a name, or forgets it when it is null. */
export const store = (name, value) => {
  try {
    value === null ? localStorage.removeItem(whose() + name) : localStorage.setItem(whose() + name, value);
  } catch {
    // No room, or none allowed: then only this page knows.
  }
};

export const stored = (name) => {
  try {
    return localStorage.getItem(whose() + name);
  } catch {
    return null;
  }
};

/** Returns the names under which something is kept that begin so. */
export const storedUnder = (stem) => {
  try {
    const own = whose();
    return Object.keys(localStorage).filter((name) => name.startsWith(own + stem)).map((name) => name.slice(own.length));
  } catch {
    return [];
  }
};

/** Whether a click asks for another tab or window. */
export const isElsewhere = (event) => event.ctrlKey || event.metaKey || event.shiftKey;

/** Whether something is typed or chosen in it with keys. */
export const isField = (node) => node.matches?.('input:not([type=radio], [type=checkbox], [type=range]), textarea, select') ?? false;

/** Changes one word of this page's address without going anywhere; with isStep so that going back undoes it. */
export const addressed = (name, value, isStep = false) => {
  const address = new URL(location.href);
  address.searchParams.set(name, value);
  history[isStep ? 'pushState' : 'replaceState'](isStep ? null : history.state, '', address);
};
