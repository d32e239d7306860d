import { findAll, newId } from './dom.js';

/** A form is done once however often it is sent, unless a maker comes back to it, or presses again what answers in place. */
export const sendOnce = () => {
  window.addEventListener('pageshow', (event) => {
    if (event.persisted || performance.getEntriesByType('navigation')[0]?.type === 'back_forward') {
      findAll('input[name=once]').forEach((node) => { node.value = newId(); });
    }
  });
  document.addEventListener('htmx:configRequest', (event) => {
    if (event.detail.verb === 'post') {
      event.detail.headers['X-Rinkel-Once'] = newId();
    }
  });
};
