import { isText, stale } from './fields.js';

/** An answer is put in around what a maker is doing: what she typed meanwhile, opened or chose to look at stays. */
export const putInAround = (edit, morph) => {
  const isHers = (node) => edit.held.has(node) || (!edit.isPressed && node === document.activeElement && isText(node));
  morph.defaults.callbacks.beforeAttributeUpdated = (name, node) => {
    if ((name === 'open' && node.tagName === 'DETAILS') || (name === 'data-stage' && node.id === 'piece')) {
      return false;
    }
    if (['value', 'checked', 'selected'].includes(name) && isHers(node)) {
      stale(node); // it is not as Rinkel has it
      return false;
    }
    return true;
  };
  // A part that Rinkel did not send stays; one without the caret is put in whole, which is quicker than comparing it.
  morph.defaults.callbacks.beforeNodeMorphed = (old, fresh) => {
    if (fresh.dataset?.same !== undefined) {
      return false;
    }
    if (fresh.dataset?.part && !old.contains(document.activeElement) && !old.querySelector('input, textarea, select, details')) {
      old.dataset.part = fresh.dataset.part;
      old.replaceChildren(...fresh.childNodes);
      return false;
    }
    return true;
  };
};
