// Keeps what a maker is doing while the server redraws around it. All else is htmx and plain forms.
(() => {
  const morph = window.Idiomorph;
  const fresh = new Set(); // fields changed since the last request left

  morph.defaults.ignoreActiveValue = true;
  morph.defaults.callbacks.beforeNodeMorphed = (old) => !fresh.has(old);
  morph.defaults.callbacks.beforeAttributeUpdated = (name, node) => !(name === 'open' && node.tagName === 'DETAILS');

  document.addEventListener('input', (event) => fresh.add(event.target));
  document.addEventListener('htmx:beforeRequest', () => fresh.clear());

  const state = (name) => document.documentElement.setAttribute('data-saving', name);
  document.addEventListener('htmx:beforeRequest', () => state('going'));
  document.addEventListener('htmx:afterSwap', () => state('done'));
  for (const lost of ['htmx:sendError', 'htmx:responseError', 'htmx:timeout']) {
    document.addEventListener(lost, () => state('lost'));
  }

  // A page left in the moment between a key and its save still sends the key.
  window.addEventListener('pagehide', () => {
    const form = document.getElementById('edit');
    if (form && fresh.size > 0) {
      navigator.sendBeacon(form.action, new FormData(form));
    }
  });
})();
