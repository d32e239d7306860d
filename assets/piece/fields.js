import { find, findAll } from '../page/dom.js';

// The fields of a piece, each called by its path: "f[wrist]" is at "wrist".

export const pathOf = (node) => /^f\[(.+)\]$/.exec(node?.name ?? '')?.[1] ?? null;

const named = (path) => `[name="f[${CSS.escape(path)}]"]`;

export const fieldAt = (path) => find(`${named(path)}:not([type=hidden])`);

export const fieldsAt = (path) => findAll(named(path));

export const isText = (node) => node.matches?.('input:not([type=radio], [type=checkbox]), textarea') ?? false;

/** Returns what a field was when this page came, so that Rinkel can tell whether another tab changed it since. */
export const came = (path) => {
  const nodes = findAll(`#edit ${named(path)}:not([type=hidden])`);
  const [node] = nodes;
  if (node?.type === 'radio' || node?.type === 'checkbox') {
    return nodes.find((one) => one.defaultChecked)?.value ?? '';
  }
  if (node?.tagName === 'SELECT') {
    return ([...node.options].find((option) => option.defaultSelected) ?? node.options[0])?.value ?? '';
  }

  return node?.defaultValue;
};

// What this page has of Rinkel's parts, each with its version; those in which something was changed here are to come anew.

export const stale = (node) => node?.closest('[data-part]')?.removeAttribute('data-part');

export const partsHere = () => findAll('[data-part]').map((part) => `${part.id.slice(5)}=${part.dataset.part}`).join(' ');
