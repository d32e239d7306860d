// A size is drawn out on the tape: what it becomes is written in the list of sizes, as one could type it.
import { inches } from '../board/lengths.js';
import { find } from './dom.js';
import { drag, write } from './drag.js';

const MM = { mm: 1, cm: 10, in: 25.4 };
const STEPS = { mm: 1, cm: 1, in: 25.4 / 8 }; // in mm

/** The sizes of a list as they are typed. */
export const listed = (text) => {
  const sizes = text.split(text.includes(';') ? ';' : /,(?!\d\D|\d$)/).map((one) => one.trim()).filter((one) => one !== '');
  return sizes.length === 1 && (text.match(/,/g) ?? []).length > 1 ? text.split(',').map((one) => one.trim()) : sizes;
};

/** A length as it is typed, so many millimetres longer, in its own unit and in steps that are measured. */
export const longer = (text, by, unit) => {
  const [, whole = '', over, under, said] = /^\s*([\d.,]+(?!\/|\d))?\s*(?:(\d+)\/(\d+))?\s*(mm|cm|in|")?/.exec(text);
  const own = said === '"' ? 'in' : said ?? unit;
  const now = ((Number(whole.replace(',', '.')) || 0) + (over ? over / under : 0)) * MM[own];
  const mm = Math.max(STEPS[own], Math.round((now + by) / STEPS[own]) * STEPS[own]);
  return own === 'in' ? `${inches(mm)} in` : `${Number((mm / MM[own]).toFixed(1))} ${own}`;
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
    const sizes = listed(field.value);
    const become = (by) => longer(sizes[at], by, drawing.dataset.unit);
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
