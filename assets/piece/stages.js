import { addressed, find, findAll, isElsewhere } from '../page/dom.js';

/** One stage is open at a time. All are on the page, so that going there takes no request. */
export class Stages {
  #edit;

  constructor(edit) {
    this.#edit = edit;
    document.addEventListener('click', (event) => {
      const link = event.target.closest?.('[data-stage-link]');
      if (link && !isElsewhere(event)) {
        event.preventDefault();
        this.open(link.dataset.stageLink, !link.matches('.stage-link'));
      }
    });
    // Going back and on goes through the stages that were open.
    window.addEventListener('popstate', () => this.#show(new URL(location.href).searchParams.get('stage') ?? 'measure'));
  }

  /** @param go whether the keyboard goes there, too */
  open(name, go) {
    const piece = find('#piece');
    if (!piece || piece.dataset.stage === name) {
      return;
    }
    addressed('stage', name, true);
    this.#show(name);
    if (go) {
      find(`#stage-${name}`)?.focus({ preventScroll: true });
    }
  }

  #show(name) {
    const piece = find('#piece');
    if (piece && piece.dataset.stage !== name) {
      piece.dataset.stage = name;
      this.#edit.look();
      this.show();
    }
  }

  show() {
    const open = find('#piece')?.dataset.stage;
    for (const link of findAll('.stage-link')) {
      link.dataset.stageLink === open ? link.setAttribute('aria-current', 'step') : link.removeAttribute('aria-current');
    }
    for (const link of findAll('[data-keeps-stage]')) {
      const address = new URL(link.href);
      address.searchParams.set('stage', open);
      link.href = address;
    }
  }
}
