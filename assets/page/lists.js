import { find, findAll } from './dom.js';

const EDGE = 8; // pixels that stay free at the side of the screen

/** A list that was opened to pick one thing closes when that is picked. */
const closeLists = () => {
  document.addEventListener('click', (event) => {
    const list = event.target.closest('details.put, details.why');
    for (const open of findAll('details:is(.put, .why)[open]')) {
      if (open !== list || event.target.closest('.put-list button')) {
        open.open = false;
      }
    }
  });
};

/** What opens beside a field or a button moves over as far as it would lie outside the screen. */
const keepInSight = () => {
  document.addEventListener('toggle', (event) => {
    const list = event.target.matches('details.put, details.why') && event.target.open ? event.target.lastElementChild : null;
    if (list) {
      list.style.translate = '';
      const [{ left, right }, wide] = [list.getBoundingClientRect(), document.documentElement.clientWidth];
      const over = Math.max(0, EDGE - left) || Math.min(0, wide - EDGE - right);
      list.style.translate = over ? `${over}px` : '';
    }
  }, true);
};

/** Enter in a field with a button of its own presses that one, not the first of the form. */
const pressOwn = () => {
  document.addEventListener('keydown', (event) => {
    const start = event.key === 'Enter' && event.target.matches('.new-start input') ? event.target.closest('.new-start') : null;
    if (start) {
      event.preventDefault();
      start.querySelector('button')?.click();
    }
  });
};

/** Files are dropped where they could be chosen. */
const dropFiles = () => {
  for (const kind of ['dragover', 'dragleave', 'drop']) {
    document.addEventListener(kind, (event) => {
      const form = event.dataTransfer?.types.includes('Files') ? find('#import') : null;
      if (!form) {
        return;
      }
      event.preventDefault();
      form.classList.toggle('is-over', kind === 'dragover');
      if (kind === 'drop') {
        find('#import-files').files = event.dataTransfer.files;
        form.requestSubmit();
      }
    });
  }
};

/** A large cut sheet comes cord by cord. */
const followCuts = () => {
  document.addEventListener('htmx:load', () => {
    const progress = find('#cut-progress');
    if (progress) {
      progress.value = progress.max - findAll('[data-waits]').length;
      find('#cut-progress-says').hidden = progress.value === progress.max;
    }
  });
};

export const helpLists = () => {
  closeLists();
  keepInSight();
  pressOwn();
  dropFiles();
  followCuts();
};
