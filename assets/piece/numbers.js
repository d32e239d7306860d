import { pathOf } from './fields.js';

const STEPS = { cm: 0.1, mm: 0.5, in: 0.125 };

/**
 * Returns a number a sensible step further: a count by one, millimetres by half, centimetres by a millimetre, inches by an eighth; null
 * if it is no such number.
 */
export const stepped = (text, way, isCount) => {
  const [, number, gap, unit] = /^\s*(\d+(?:[.,]\d+)?)(\s*)(cm|mm|in)?\s*$/.exec(text) ?? [];
  if (number === undefined || (!unit && !isCount)) {
    return null;
  }
  const value = Math.max(0, Number(number.replace(',', '.')) + way * (STEPS[unit] ?? 1));
  return `${String(Number(value.toFixed(3))).replace('.', number.includes(',') ? ',' : '.')}${gap}${unit ?? ''}`;
};

/** Up and down take a number in the form a step further. */
export const stepNumbers = () => {
  document.addEventListener('keydown', (event) => {
    const node = event.target;
    const way = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (!way || event.altKey || node.tagName !== 'INPUT' || node.form?.id !== 'edit' || pathOf(node) === null) {
      return;
    }
    const next = stepped(node.value, way, node.inputMode === 'numeric');
    if (next !== null) {
      event.preventDefault();
      node.value = next;
      node.dispatchEvent(new Event('input', { bubbles: true }));
    }
  });
};
