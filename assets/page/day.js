// A stretch of work is dragged along its day: where it is let go its time is written, as one could type it.
import { find } from './dom.js';
import { drag, write } from './drag.js';

const STEP = 5;

/** The time of day so many minutes after another, in steps of five. */
export const moved = (clock, minutes) => {
  const [hours, rest] = clock.split(':').map(Number);
  const at = (((Math.round((hours * 60 + rest + minutes) / STEP) * STEP) % 1440) + 1440) % 1440;
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
};

/** Blocks of the day, and works of the calendar, are moved where they are to begin. */
export const dragDays = () => {
  document.addEventListener('pointerdown', (event) => {
    const block = event.target.closest?.('.day-line [data-at]');
    const field = block && find(`#at-${block.dataset.at}`);
    if (field) {
      drag(event, block, (by) => write(field, moved(field.value, by / Number(block.ownerSVGElement.dataset.minute))));
    }
    const work = event.target.closest?.('.bench-days [data-work]');
    const day = work && find(`#from-${work.dataset.work}`);
    if (day) {
      drag(event, work, (by) => {
        const columns = [...work.ownerSVGElement.querySelectorAll('[data-on]')].map((one) => one.dataset.on);
        const to = Number(work.dataset.column) + Math.round(by / Number(work.ownerSVGElement.dataset.day));
        write(day, columns[Math.max(0, Math.min(columns.length - 1, to))]);
      });
    }
  });
};
