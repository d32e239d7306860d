import { find, store, stored } from '../page/dom.js';

const CARD = 85.6; // mm, ISO/IEC 7810 ID-1
const PER_MM = 'rinkel-px-per-mm';
const IS_TRUE = 'rinkel-true-size';

const perMillimetre = () => Number(stored(PER_MM)) || 96 / 25.4;

export const showSize = () => {
  const board = find('#board svg.board-drawing');
  const card = find('#card');
  const toggle = find('#true-size');
  if (!board || !card || !toggle) {
    return;
  }
  toggle.hidden = false;
  card.style.width = `${CARD * perMillimetre()}px`;
  const isTrue = stored(IS_TRUE) === 'yes';
  toggle.setAttribute('aria-pressed', String(isTrue));
  board.style.minWidth = isTrue ? '0' : '';
  board.style.width = isTrue ? `${Number(board.dataset.scale) * perMillimetre()}px` : '';
};

/** True size: how many pixels of this screen a bank card is wide, remembered by this browser. */
export const offerTrueSize = () => {
  document.addEventListener('click', (event) => {
    if (event.target.closest('#true-size')) {
      store(IS_TRUE, stored(IS_TRUE) === 'yes' ? 'no' : 'yes');
      showSize();
    }
  });
  document.addEventListener('input', (event) => {
    if (event.target.id === 'card-size') {
      store(PER_MM, String(event.target.value / CARD));
      event.stopPropagation();
      showSize();
    }
  }, true);
};
