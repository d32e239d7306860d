// A size is drawn out on the tape: what it becomes is written in the list of sizes, as one could type it.
import { lengthIn } from '../board/lengths.js';
import { find } from './dom.js';
import { drag, write } from './drag.js';

const STEPS = { in: 25.4 / 8 }; // in mm; a millimetre for who measures in those

/** A size so many millimetres longer, in steps that are measured. */
export const longer = (mm, by, unit) => {
  const step = STEPS[unit] ?? 1;
  return lengthIn(unit, Math.max(step, Math.round((mm + by) / step) * step), 'en');
};

/** Each size has a handle at the end of its body. */
export const dragSizes = () => {
  document.addEventListener('pointerdown', (event) => {
    const grip = event.target.closest?.('[data-grip]');
    const field = grip && find('#list');
    if (!field) {
      return;
    }
    const [at, drawing] = [Number(grip.dataset.grip), grip.ownerSVGElement];
    const sizes = JSON.parse(drawing.closest('[data-sizes]').dataset.sizes);
    const become = (by) => longer(Number(grip.dataset.mm), by, drawing.dataset.unit);
    drag(
      event,
      grip,
      (by) => write(field, sizes.map((one, i) => (i === at ? become(by) : one)).join('; ')),
      (by) => {
        drawing.querySelector(`[data-name="${at}"]`).textContent = become(by);
      },
    );
  });
};
