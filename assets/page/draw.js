// Lays a cord on squared paper: a press puts the next place down, a place can be dragged, a crossing turned over.
// Each is a deed that the server does, as the buttons beside the paper are.

const placeAt = (paper, event) => {
  const point = new window.DOMPoint(event.clientX, event.clientY).matrixTransform(paper.getScreenCTM().inverse());
  const square = Number(paper.dataset.square);
  const column = Math.round(point.x / square);
  const row = Math.round(point.y / square);
  if (column < 0 || row < 0 || column >= Number(paper.dataset.columns) || row >= Number(paper.dataset.rows)) {
    return null;
  }
  return { name: String.fromCharCode(97 + column) + (row + 1), x: column * square, y: row * square };
};

const deed = (form, what) => {
  form.querySelector('#draw-deed').value = what;
  form.dispatchEvent(new CustomEvent('rinkel:deed', { bubbles: true }));
};

export const drawKnots = () => {
  let held = null;
  document.addEventListener('pointerdown', (event) => {
    const paper = event.target.closest?.('#knot-paper');
    if (!paper || !paper.closest('#draw') || event.button > 0) {
      return;
    }
    const place = document.elementsFromPoint(event.clientX, event.clientY).find((one) => one.matches('[data-place]')) ?? null;
    const crossing = event.target.closest('[data-crossing]');
    held = { paper, place, crossing, from: placeAt(paper, event)?.name };
    if (place || crossing) {
      event.preventDefault();
      paper.setPointerCapture(event.pointerId);
    }
  });
  document.addEventListener('pointermove', (event) => {
    const at = held?.place ? placeAt(held.paper, event) : null;
    if (at) {
      held.place.setAttribute('cx', at.x);
      held.place.setAttribute('cy', at.y);
    }
  });
  document.addEventListener('pointerup', (event) => {
    if (!held) {
      return;
    }
    const { paper, place, crossing, from } = held;
    held = null;
    const at = placeAt(paper, event);
    const form = paper.closest('#draw');
    if (crossing && (!place || !at || at.name === from)) {
      deed(form, `turn ${crossing.dataset.crossing}`);
    } else if (place && at && at.name !== from) {
      deed(form, `move ${place.dataset.place} ${at.name}`);
    } else if (at && at.name === from && !(place && place.classList.contains('paper-end'))) {
      deed(form, `place ${at.name}`);
    }
  });
  document.addEventListener('pointercancel', () => {
    held = null;
  });
};
