// A stretch of work is dragged along its day: where it is let go its time is written, as one could type it.
import { find } from './dom.js';

const STEP = 5;

/** The time of day so many minutes after another, in steps of five. */
export const moved = (clock, minutes) => {
  const [hours, rest] = clock.split(':').map(Number);
  const at = (((Math.round((hours * 60 + rest + minutes) / STEP) * STEP) % 1440) + 1440) % 1440;
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
};

const write = (field, value) => {
  field.value = value;
  field.dispatchEvent(new Event('change', { bubbles: true }));
};

const drag = (event, block, minutes, put) => {
  const from = event.clientX;
  const scale = block.ownerSVGElement.getScreenCTM().a;
  const by = (one) => (one.clientX - from) / scale;
  const move = (one) => block.setAttribute('transform', `translate(${by(one)})`);
  const end = (one) => {
    ['pointermove', 'pointerup', 'pointercancel'].forEach((name, i) => document.removeEventListener(name, i === 0 ? move : end));
    block.removeAttribute('transform');
    if (one.type === 'pointerup' && Math.abs(one.clientX - from) > 3) {
      put(by(one) / minutes);
    }
  };
  ['pointermove', 'pointerup', 'pointercancel'].forEach((name, i) => document.addEventListener(name, i === 0 ? move : end));
};

/** Blocks of the day, and works of the calendar, are moved where they are to begin. */
export const dragDays = () => {
  document.addEventListener('pointerdown', (event) => {
    const block = event.target.closest?.('.day-line [data-at]');
    const field = block && find(`#at-${block.dataset.at}`);
    if (field) {
      drag(event, block, Number(block.ownerSVGElement.dataset.minute), (minutes) => write(field, moved(field.value, minutes)));
      event.preventDefault();
    }
    const work = event.target.closest?.('.bench-days [data-work]');
    const day = work && find(`#from-${work.dataset.work}`);
    if (day) {
      drag(event, work, Number(work.ownerSVGElement.dataset.day), (days) => {
        const columns = [...work.ownerSVGElement.querySelectorAll('[data-on]')].map((one) => one.dataset.on);
        const to = Math.max(0, Math.min(columns.length - 1, Number(work.dataset.column) + Math.round(days)));
        write(day, columns[to]);
      });
      event.preventDefault();
    }
  });
};
