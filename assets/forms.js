// Forms outside the Piece page: what is typed in them stays in this browser until Rinkel has it, large files go in parts, and photos are
// made small here already. Without scripts they are plain forms.
(() => {
  const KEPT = 'rinkel-form-';
  const SENT = 'rinkel-form-sent';
  const PART = 4_000_000; // bytes of a large file that are sent at once
  const SIDE = 2000; // pixels of a photo, longer than the server keeps

  const store = (name, value) => {
    try {
      value === null ? localStorage.removeItem(name) : localStorage.setItem(name, value);
    } catch {
      // No room, or none allowed: then only this page knows.
    }
  };
  const stored = (name) => {
    try {
      return JSON.parse(localStorage.getItem(name) ?? 'null');
    } catch {
      return null;
    }
  };

  // A form is told from others by where it goes and what its hidden fields say, but for those that change with each showing.
  const PASSING = ['once', 'was', 'mark', 'token', 'step', 'id[]'];
  const nameOf = (form) => KEPT + [new URL(form.action).pathname, ...[...form.querySelectorAll('input[type=hidden]')]
    .filter((node) => !PASSING.includes(node.name) && node.value.length < 80).map((node) => `${node.name}=${node.value}`)].join(' ');
  const fields = (form) => [...form.elements].filter((node) => node.name && !node.matches('[type=hidden], [type=file], [type=password], [type=submit], button, [data-unkept]'));
  const isChanged = (node) => (node.matches('[type=checkbox], [type=radio]') ? node.checked !== node.defaultChecked
    : node.tagName === 'SELECT' ? [...node.options].some((option) => option.selected !== option.defaultSelected) && !(node.selectedIndex === 0 && ![...node.options].some((option) => option.defaultSelected))
      : node.value !== node.defaultValue);
  const isKept = (form) => form?.method === 'post' && form.id !== 'edit' && !form.matches('[data-unkept]');

  document.addEventListener('input', (event) => {
    const { form } = event.target;
    if (isKept(form)) {
      const typed = fields(form).filter(isChanged).map((node) => [node.name, node.matches('[type=checkbox]') ? node.checked : node.value, node.type === 'radio' ? node.value : null]);
      store(nameOf(form), typed.length > 0 ? JSON.stringify(typed) : null);
    }
  });
  // A page that shows what is wrong still has it all; any other means that Rinkel took it.
  const isRefused = () => document.querySelector('[aria-invalid=true], [role=alert], .error-page') !== null;
  const sent = sessionStorage.getItem(SENT);
  sessionStorage.removeItem(SENT);
  if (sent && !isRefused()) {
    store(sent, null);
  }
  document.addEventListener('submit', (event) => {
    if (isKept(event.target) && !event.defaultPrevented) {
      sessionStorage.setItem(SENT, nameOf(event.target));
    }
  });
  for (const form of [...document.forms].filter(isKept)) {
    let hasMore = false;
    for (const [name, value, radio] of stored(nameOf(form)) ?? []) {
      const node = fields(form).find((one) => one.name === name && (radio === null || one.value === radio));
      if (node?.matches('[type=checkbox]') ? node.checked !== value : node && (node.type === 'radio' ? !node.checked : node.value !== value)) {
        hasMore = true;
        if (node.matches('[type=checkbox]')) {
          node.checked = value;
        } else if (node.type === 'radio') {
          node.checked = true;
        } else {
          node.value = value;
        }
        node.dispatchEvent(new Event('change', { bubbles: true }));
        node.closest('details')?.setAttribute('open', '');
      }
    }
    const notice = document.querySelector('#kept-notice');
    if (hasMore && notice) {
      const shown = notice.content.firstElementChild.cloneNode(true);
      shown.querySelector('button').addEventListener('click', () => {
        store(nameOf(form), null);
        form.reset();
        shown.remove();
      });
      form.prepend(shown);
    }
  }

  // A large archive is sent part by part, each once more if need be.
  document.addEventListener('submit', async (event) => {
    const form = event.target;
    const file = form.querySelector('input[type=file]')?.files[0];
    if (!form.dataset.parts || !file || file.size <= PART) {
      return;
    }
    event.preventDefault();
    let token = '';
    for (let at = 0; at < file.size;) {
      const body = new FormData();
      body.set('token', token);
      body.set('at', at);
      body.set('part', file.slice(at, at + PART), 'part');
      const answer = await fetch(form.dataset.parts, { method: 'POST', body }).catch(() => null);
      if (!answer?.ok) {
        if (answer) {
          form.querySelector('[data-part-told]').textContent = document.querySelector('#lost-notice').textContent;
          return;
        }
        await new Promise((wake) => { setTimeout(wake, 1500); });
        continue;
      }
      ({ token } = await answer.json());
      at += PART;
      form.querySelector('[data-part-told]').textContent = form.dataset.partSays.replace('#', Math.min(100, Math.round(100 * at / file.size)));
    }
    const hidden = Object.assign(document.createElement('input'), { type: 'hidden', name: 'token', value: token });
    form.append(hidden);
    form.querySelector('input[type=file]').remove();
    form.submit();
  });

  // A photo is made small before it is sent, where this browser can: a camera's own would take long, or be refused.
  document.addEventListener('change', async (event) => {
    const input = event.target;
    const [file] = input.matches?.('input[type=file][name=photo]') ? input.files : [];
    if (!file || !window.createImageBitmap || !/^image\/(jpeg|png|webp)$/.test(file.type)) {
      return;
    }
    try {
      const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
      const scale = SIDE / Math.max(picture.width, picture.height);
      if (scale >= 1) {
        return;
      }
      const canvas = Object.assign(document.createElement('canvas'), { width: Math.round(picture.width * scale), height: Math.round(picture.height * scale) });
      canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
      const small = await new Promise((done) => { canvas.toBlob(done, 'image/jpeg', 0.9); });
      const files = new DataTransfer();
      files.items.add(new File([small], 'photo.jpg', { type: 'image/jpeg' }));
      if (input.files[0] === file) {
        input.files = files.files;
      }
    } catch {
      // Sent as it is; the server says what is wrong with it.
    }
  });
})();
