import { find } from './dom.js';

/** What is printed is another page than what is worked on; it has to be there before the sheet is laid out, so it is waited for. */
export const printPaper = () => {
  window.addEventListener('beforeprint', () => {
    const paper = find('#paper');
    if (!paper) {
      return;
    }
    const request = new XMLHttpRequest();
    request.open('GET', paper.dataset.from, false);
    try {
      request.send();
    } catch {
      return; // without the server the page prints as it is
    }
    if (request.status === 200) {
      paper.innerHTML = request.responseText;
      paper.hidden = false;
    }
  });
  window.addEventListener('afterprint', () => {
    const paper = find('#paper');
    if (paper) {
      paper.hidden = true;
      paper.replaceChildren();
    }
  });
};
