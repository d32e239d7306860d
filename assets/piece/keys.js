import { find, findAll, isField, store, stored } from '../page/dom.js';
import { patches } from './pattern.js';

const SWITCH = 'rinkel-keys';

const areOn = () => stored(SWITCH) !== 'off';

/** Returns the name of a key as buttons have it in data-key. */
export const nameOfKey = (event) => {
  const key = event.key.toLowerCase();
  return { '=': '+', backspace: 'delete', arrowleft: event.altKey ? 'alt-left' : 'left', arrowright: event.altKey ? 'alt-right' : 'right' }[key] ?? key;
};

const leave = (node) => {
  if (isField(node)) {
    node.blur(); // Escape leaves a field
  }
  const open = node.closest('details:is(.put, .why)[open]');
  if (open) {
    open.open = false;
    open.querySelector('summary').focus();
  }
};

// In a row of tools arrows go from one to the next.
const walkTools = (event) => {
  const tools = event.target.closest('[role=toolbar]');
  const steps = { ArrowLeft: -1, ArrowRight: 1, Home: -Infinity, End: Infinity };
  if (!tools || !(event.key in steps) || event.altKey || event.ctrlKey || event.metaKey) {
    return false;
  }
  const all = [...tools.querySelectorAll('button, summary')].filter((one) => one.offsetParent !== null);
  const at = all.indexOf(event.target) + steps[event.key];
  event.preventDefault();
  all[Math.max(0, Math.min(all.length - 1, at))]?.focus();
  return true;
};

/**
 * Letters are shortcuts only when the last thing a maker went to is no field: a field that is gone from under the caret does not turn what
 * is typed on into deeds.
 */
export class Keys {
  #edit;
  #stages;
  #inField = false;

  constructor(edit, stages) {
    this.#edit = edit;
    this.#stages = stages;
    document.addEventListener('focusin', (event) => { this.#inField = isField(event.target); });
    document.addEventListener('pointerdown', (event) => { this.#inField = isField(event.target); });
    document.addEventListener('keydown', (event) => this.#pressed(event));
    document.addEventListener('click', (event) => {
      if (event.target.closest('#keys-link')) {
        event.preventDefault();
        find('#keys')?.showModal();
      }
    });
    // Shortcuts by single letters can be switched off, for those who speak to their computer.
    document.addEventListener('change', (event) => {
      if (event.target.id === 'keys-on') {
        store(SWITCH, event.target.checked ? null : 'off');
      }
    });
  }

  show() {
    const toggle = find('#keys-on');
    if (toggle) {
      toggle.checked = areOn();
      toggle.disabled = false;
    }
  }

  #pressed(event) {
    if (event.key === 'Escape' || event.key === 'Tab') {
      this.#inField = false;
    }
    if (event.key === 'Escape') {
      leave(event.target);
    }
    if (isField(event.target) || this.#inField || find('dialog[open]') || walkTools(event)) {
      return;
    }
    if (event.ctrlKey || event.metaKey) {
      this.#undo(event);
    } else if (areOn()) {
      this.#letter(event);
    }
  }

  #undo(event) {
    const key = event.key.toLowerCase();
    if (key === 'z' || key === 'y') {
      event.preventDefault();
      this.#edit.press('do', key === 'y' || event.shiftKey ? 'redo' : 'undo');
    }
  }

  #letter(event) {
    const name = nameOfKey(event);
    if (name === '?') {
      event.preventDefault();
      find('#keys')?.showModal();
    } else if (name === 'v' && !event.altKey) {
      find('.board-bar a:not([aria-current])')?.click();
    } else if ((name === 'left' || name === 'right') && event.target.closest('.pattern, body > main, body') && !event.target.closest('#board, [type=radio]')) {
      this.#choose(event, name === 'left' ? -1 : 1);
    } else {
      this.#button(event, name);
    }
  }

  #choose(event, way) {
    const all = patches();
    const at = all.findIndex((one) => one.classList.contains('is-chosen')) + way;
    const next = all[Math.max(0, Math.min(all.length - 1, at))];
    if (next) {
      event.preventDefault();
      this.#stages.open('pattern', false);
      this.#edit.press('choose', next.dataset.path);
    }
  }

  #button(event, name) {
    const button = findAll('[data-key]').find((one) => one.dataset.key === name);
    if (!button) {
      return;
    }
    event.preventDefault();
    if (button.dataset.stageLink) {
      this.#stages.open(button.dataset.stageLink, true);
    } else {
      this.#edit.press('do', button.value);
    }
  }
}
