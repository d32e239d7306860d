import { find, findAll } from '../page/dom.js';

const WHEEL_PAUSE = 60; // ms between two steps of the wheel

export const patches = () => findAll('.patch');

// A part lights up in drawing and pattern with the cords to cut that it takes; a cut lights up with all parts that take of it.
const light = (node) => {
  for (const old of findAll('.is-lit')) {
    old.classList.remove('is-lit');
  }
  const hits = findAll('.hit');
  const place = node?.dataset.place;
  const roles = node?.dataset.cut ? [node.dataset.cut] : hits.find((hit) => hit.dataset.place === place)?.dataset.roles?.split(' ') ?? [];
  const lit = place
    ? [...findAll(`[data-place="${place}"]`), ...roles.flatMap((role) => findAll(`[data-cut="${CSS.escape(role)}"]`))]
    : roles.length > 0 ? [node, ...hits.filter((hit) => hit.dataset.roles.split(' ').includes(roles[0]))] : [];
  for (const one of lit) {
    one.classList.add('is-lit');
  }
};

const lightTogether = (edit, stages) => {
  document.addEventListener('pointerover', (event) => light(event.target.closest?.('.patch, .hit, [data-cut]')));
  document.addEventListener('focusin', (event) => light(event.target.closest('.patch, [data-cut]')));
  document.addEventListener('click', (event) => {
    const hit = event.target.closest?.('.hit');
    const patch = hit && patches().find((one) => one.dataset.place === hit.dataset.place);
    if (patch) {
      stages.open('pattern', false);
      edit.press('choose', patch.dataset.path);
    }
  });
};

// A fault in the text is shown where it stands.
const showFault = () => {
  document.addEventListener('click', (event) => {
    const place = event.target.closest?.('.fault-line[data-line]')?.dataset;
    const text = find('#pattern');
    if (place && text) {
      const lines = text.value.split('\n');
      const from = lines.slice(0, place.line - 1).reduce((sum, line) => sum + line.length + 1, 0) + Number(place.column) - 1;
      text.focus();
      text.setSelectionRange(from, Math.max(from + 1, text.value.slice(from).search(/[\s,()]|$/) + from));
    }
  });
};

const drag = (edit) => {
  document.addEventListener('dragstart', (event) => {
    const patch = event.target.closest?.('.patch');
    if (patch) {
      event.dataTransfer.setData('text/plain', patch.dataset.path);
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
      edit.press('do', `to ${moved} ${before.dataset.path}`);
    }
  });
};

const countByWheel = (edit) => {
  let last = 0;
  document.addEventListener('wheel', (event) => {
    if (event.target.closest?.('output.count') && find('.patch.is-chosen')?.dataset.path) {
      event.preventDefault();
      if (event.timeStamp - last > WHEEL_PAUSE) {
        last = event.timeStamp;
        edit.press('do', `${event.deltaY < 0 ? 'more' : 'fewer'} @`);
      }
    }
  }, { passive: false });
};

/** The pattern on the page: it and the drawing light up together, and what is chosen in one is chosen in the other. */
export const workPattern = (edit, stages) => {
  lightTogether(edit, stages);
  showFault();
  drag(edit);
  countByWheel(edit);
};

export const showPattern = () => {
  const place = find('.patch.is-chosen')?.dataset.place;
  for (const hit of findAll('.hit')) {
    hit.classList.toggle('is-chosen', hit.dataset.place === place);
  }
  for (const patch of patches()) {
    patch.draggable = true;
  }
};
