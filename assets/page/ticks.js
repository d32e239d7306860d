import { find, findAll } from './dom.js';

const EVERY = 4000;

/** Which ticks of a sheet others set or took away meanwhile; one that is on its way from here is left alone. */
export const changedTicks = (boxes, made, pending) =>
  boxes.filter((box) => !pending.has(box.id) && box.checked !== made.has(box.id.slice('tick-'.length)));

/** What is ticked on one device stands on all that show the sheet. */
export const shareTicks = () => {
  const boxes = () => findAll('input[id^="tick-"]');
  const pending = new Set();
  document.addEventListener('htmx:beforeRequest', (event) => {
    const box = event.target.querySelector?.('input[id^="tick-"]');
    if (box) {
      pending.add(box.id);
    }
  });
  document.addEventListener('htmx:afterRequest', (event) => {
    const box = event.target.querySelector?.('input[id^="tick-"]');
    if (box) {
      setTimeout(() => pending.delete(box.id), EVERY);
    }
  });
  const ask = async () => {
    const from = find('[data-ticks]')?.dataset.ticks;
    if (!from || document.hidden || boxes().length === 0) {
      return;
    }
    try {
      const made = new Set(await (await fetch(from, { headers: { Accept: 'application/json' } })).json());
      for (const box of changedTicks(boxes(), made, pending)) {
        box.checked = !box.checked;
      }
    } catch {
      // Without the server there is nothing new.
    }
  };
  if (find('[data-ticks]')) {
    setInterval(ask, EVERY);
  }
};
