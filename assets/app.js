// Keeps what a maker is doing while the server redraws around it, and lends the keyboard, the wheel and the pointer to its buttons.
// All else is htmx and plain forms: every deed here presses a button that is on the page.
(() => {
  const morph = window.Idiomorph;
  const fresh = new Set(); // fields changed since the last request left
  const find = (selector) => document.querySelector(selector);

  morph.defaults.ignoreActiveValue = true;
  morph.defaults.callbacks.beforeNodeMorphed = (old) => !fresh.has(old);
  morph.defaults.callbacks.beforeAttributeUpdated = (name, node) => !(name === 'open' && node.tagName === 'DETAILS');

  document.addEventListener('input', (event) => fresh.add(event.target));
  document.addEventListener('htmx:beforeRequest', () => fresh.clear());

  const state = (name) => document.documentElement.setAttribute('data-saving', name);
  document.addEventListener('htmx:beforeRequest', () => state('going'));
  document.addEventListener('htmx:afterSwap', () => state('done'));
  for (const lost of ['htmx:sendError', 'htmx:responseError', 'htmx:timeout']) {
    document.addEventListener(lost, () => state('lost'));
  }

  // A page left in the moment between a key and its save still sends the key.
  window.addEventListener('pagehide', () => {
    const form = find('#edit');
    if (form && fresh.size > 0) {
      navigator.sendBeacon(form.action, new FormData(form));
    }
  });

  const press = (name, value) => {
    const button = find('#deed');
    if (button) {
      find('#pattern:focus')?.blur(); // else the redraw would leave the text as it was typed, before this deed
      button.name = name;
      button.value = value;
      button.click();
      button.name = 'do';
      button.value = '';
    }
  };
  const chosen = () => find('.patch.is-chosen')?.dataset.path;
  const blocks = () => [...document.querySelectorAll('.patch')];

  // A list that was opened to pick one thing closes when that is picked.
  document.addEventListener('click', (event) => {
    const list = event.target.closest('details.put');
    for (const open of document.querySelectorAll('details.put[open]')) {
      if (open !== list || event.target.closest('.put-list button')) {
        open.open = false;
      }
    }
  });

  // Drawing and pattern light up together; choosing in one chooses in the other.
  // A part lights up in both with the cords to cut that it takes; a cut lights up with all parts that take of it.
  const light = (node) => {
    for (const old of document.querySelectorAll('.is-lit')) {
      old.classList.remove('is-lit');
    }
    const hits = [...document.querySelectorAll('.hit')];
    const place = node?.dataset.place;
    const roles = node?.dataset.cut ? [node.dataset.cut] : hits.find((hit) => hit.dataset.place === place)?.dataset.roles?.split(' ') ?? [];
    const lit = place
      ? [...document.querySelectorAll(`[data-place="${place}"]`), ...roles.flatMap((role) => [...document.querySelectorAll(`[data-cut="${CSS.escape(role)}"]`)])]
      : roles.length > 0 ? [node, ...hits.filter((hit) => hit.dataset.roles.split(' ').includes(roles[0]))] : [];
    for (const one of lit) {
      one.classList.add('is-lit');
    }
  };
  const lightChosen = () => {
    const place = find('.patch.is-chosen')?.dataset.place;
    for (const hit of document.querySelectorAll('.hit')) {
      hit.classList.toggle('is-chosen', hit.dataset.place === place);
    }
  };
  document.addEventListener('pointerover', (event) => light(event.target.closest?.('.patch, .hit, [data-cut]')));
  document.addEventListener('focusin', (event) => light(event.target.closest('.patch, [data-cut]')));
  document.addEventListener('click', (event) => {
    const hit = event.target.closest?.('.hit');
    const block = hit && blocks().find((one) => one.dataset.place === hit.dataset.place);
    if (block) {
      press('choose', block.dataset.path);
    }
  });
  // A fault in the text is shown where it stands.
  document.addEventListener('click', (event) => {
    const place = /line (\d+), column (\d+)/i.exec(event.target.closest?.('.fault-line')?.dataset.fault ?? '');
    const text = find('#pattern');
    if (place && text) {
      const lines = text.value.split('\n');
      const from = lines.slice(0, place[1] - 1).reduce((sum, line) => sum + line.length + 1, 0) + Number(place[2]) - 1;
      text.focus();
      text.setSelectionRange(from, Math.max(from + 1, text.value.slice(from).search(/[\s,()]|$/) + from));
    }
  });

  // Blocks move by dragging too.
  document.addEventListener('dragstart', (event) => {
    const block = event.target.closest?.('.patch');
    if (block) {
      event.dataTransfer.setData('text/plain', block.dataset.path);
      event.dataTransfer.effectAllowed = 'move';
      event.stopPropagation();
    }
  });
  document.addEventListener('dragover', (event) => event.target.closest?.('.patch') && event.preventDefault());
  document.addEventListener('drop', (event) => {
    const before = event.target.closest?.('.patch');
    const moved = event.dataTransfer.getData('text/plain');
    if (before && /^[\d.]+$/.test(moved)) {
      event.preventDefault();
      press('do', `to ${moved} ${before.dataset.path}`);
    }
  });

  let wheel = 0;
  document.addEventListener('wheel', (event) => {
    if (event.target.closest?.('output.count') && chosen()) {
      event.preventDefault();
      if (event.timeStamp - wheel > 60) {
        wheel = event.timeStamp;
        press('do', `${event.deltaY < 0 ? 'more' : 'fewer'} ${chosen()}`);
      }
    }
  }, { passive: false });

  const typing = (node) => node.matches?.('input:not([type=radio], [type=checkbox], [type=range]), textarea, select');
  document.addEventListener('keydown', (event) => {
    if (typing(event.target) || find('dialog[open]')) {
      return;
    }
    const key = event.key.toLowerCase();
    if (event.ctrlKey || event.metaKey) {
      if (key === 'z' || key === 'y') {
        event.preventDefault();
        press('do', key === 'y' || event.shiftKey ? 'redo' : 'undo');
      }
      return;
    }
    if (key === '?') {
      event.preventDefault();
      find('#keys')?.showModal();
      return;
    }
    if (key === 'v' && !event.altKey) {
      find('.board-bar a:not([aria-current])')?.click();
      return;
    }
    const named = { '=': '+', backspace: 'delete', arrowleft: event.altKey ? 'alt-left' : 'left', arrowright: event.altKey ? 'alt-right' : 'right' }[key] ?? key;
    if ((named === 'left' || named === 'right') && event.target.closest('.pattern, body > main, body') && !event.target.closest('#board, [type=radio]')) {
      const all = blocks();
      const at = all.findIndex((one) => one.classList.contains('is-chosen'));
      const next = all[named === 'left' ? Math.max(0, at - 1) : Math.min(all.length - 1, at + 1)];
      if (next) {
        event.preventDefault();
        press('choose', next.dataset.path);
      }
      return;
    }
    const button = [...document.querySelectorAll('[data-key]')].find((one) => one.dataset.key === named);
    if (button) {
      event.preventDefault();
      press('do', button.value);
    }
  });
  document.addEventListener('click', (event) => {
    if (event.target.closest('#keys-link')) {
      event.preventDefault();
      find('#keys')?.showModal();
    }
  });

  // True size: how many pixels of this screen a bank card is wide, remembered by this browser.
  const CARD = 85.6; // mm, ISO/IEC 7810 ID-1
  const perMillimetre = () => Number(localStorage.getItem('rinkel-px-per-mm')) || 96 / 25.4;
  const size = () => {
    const board = find('#board svg.board-drawing');
    const card = find('#card');
    const toggle = find('#true-size');
    if (!board || !card || !toggle) {
      return;
    }
    toggle.hidden = false;
    card.style.width = `${CARD * perMillimetre()}px`;
    const isTrue = localStorage.getItem('rinkel-true-size') === 'yes';
    toggle.setAttribute('aria-pressed', String(isTrue));
    board.style.minWidth = isTrue ? '0' : '';
    board.style.width = isTrue ? `${Number(board.dataset.scale) * perMillimetre()}px` : '';
  };
  document.addEventListener('click', (event) => {
    if (event.target.closest('#true-size')) {
      localStorage.setItem('rinkel-true-size', localStorage.getItem('rinkel-true-size') === 'yes' ? 'no' : 'yes');
      size();
    }
  });
  document.addEventListener('input', (event) => {
    if (event.target.id === 'card-size') {
      localStorage.setItem('rinkel-px-per-mm', String(event.target.value / CARD));
      event.stopPropagation();
      size();
    }
  }, true);

  const settle = () => {
    size();
    lightChosen();
    for (const block of blocks()) {
      block.draggable = true;
    }
  };
  document.addEventListener('htmx:afterSwap', settle);
  settle();
})();
