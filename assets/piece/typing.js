import { isText, pathOf } from './fields.js';

/** What a maker types, chooses and presses in the form of a piece. */
export const listenTo = (edit) => {
  document.addEventListener('input', ({ target: node }) => {
    const path = node.form?.id === 'edit' ? pathOf(node) : null;
    if (path === null) {
      return;
    }
    if (isText(node)) {
      edit.typed(node, path);
    } else {
      edit.chosen(path, node.type === 'checkbox' && !node.checked ? '' : node.value);
    }
  });
  document.addEventListener('focusout', ({ target: node }) => {
    const path = pathOf(node);
    if (path !== null && node.isConnected) {
      edit.settle(path);
    }
  });
  document.addEventListener('submit', (event) => {
    if (event.target.id !== 'edit') {
      return;
    }
    event.preventDefault();
    const button = event.submitter;
    if (button?.name && button.name !== 'act') {
      edit.press(button.name, button.value);
    } else {
      edit.settle();
    }
  }, true);
  document.addEventListener('click', (event) => {
    if (event.target.closest?.('#take-theirs')) {
      edit.takeTheirs();
    }
  });
};
