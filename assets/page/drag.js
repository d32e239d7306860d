// What is drawn can be moved along its line: it follows the pointer, and where it is let go is told.

const LEAST = 3; // a press that moves less is none

/**
 * Follows the pointer with what is drawn until it is let go.
 *
 * show(by) is told how far it is from where it was, in the units of its drawing; put(by) where it is let go.
 */
export const drag = (event, block, put, show = () => {}) => {
  const from = event.clientX;
  const scale = block.ownerSVGElement.getScreenCTM().a;
  const by = (one) => (one.clientX - from) / scale;
  const move = (one) => {
    block.setAttribute('transform', `translate(${by(one)})`);
    show(by(one));
  };
  const events = { pointermove: move, pointerup: null, pointercancel: null };
  const end = (one) => {
    Object.entries(events).forEach(([name, what]) => document.removeEventListener(name, what));
    block.removeAttribute('transform');
    if (one.type === 'pointerup' && Math.abs(one.clientX - from) > LEAST) {
      put(by(one));
    }
  };
  events.pointerup = events.pointercancel = end;
  Object.entries(events).forEach(([name, what]) => document.addEventListener(name, what));
  event.preventDefault();
};

/** Writes into a field as its maker would. */
export const write = (field, value) => {
  field.value = value;
  field.dispatchEvent(new Event('change', { bubbles: true }));
};
