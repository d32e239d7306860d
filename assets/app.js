// Keeps what a maker is doing while the server redraws around it, and lends the keyboard, the wheel and the pointer to its buttons.
// All else is htmx and plain forms: every deed here presses a button that is on the page.
(() => {
  const morph = window.Idiomorph;
  const find = (selector) => document.querySelector(selector);

  // What a maker does is a queue of acts, each with an id, so that it is done once however often it is sent. One request is on its way
  // at a time and carries all that wait. What Rinkel has not taken yet is kept in this browser, and sent again until it is.
  const ACT_PAUSE = 1000; // ms after the last key at which what was typed is judged
  const REST_PAUSE = 400; // ms after an answer at which what is out of sight is asked for
  let queue = [];
  let flying = 0; // how many of the queue are on their way
  let typing = null; // the field being typed in: its path, and the stroke that goes on in it
  let choose = ''; // a part to choose with the next request
  let over = ''; // the version over which a maker wants hers saved
  let restored = ''; // the version over which acts of an earlier page were done
  let conflict = false;
  let rest = false; // whether an answer left out what is not in sight
  let refresh = false; // whether to ask for the page once more, to judge what was typed
  let loading = true; // whether what an earlier page could not send is still to be looked for
  let tries = 0;
  let timer = 0;
  let pause = 0;

  const newId = () => [...crypto.getRandomValues(new Uint8Array(12))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  const page = newId();
  const pathOf = (node) => /^f\[(.+)\]$/.exec(node?.name ?? '')?.[1] ?? null;
  const field = (path) => find(`[name="f[${CSS.escape(path)}]"]:not([type=hidden])`);
  const shownIn = () => find('#edit [name=shown_in]')?.value ?? 'cm';
  const state = (name) => document.documentElement.setAttribute('data-saving', name);
  const store = (name, value) => {
    try {
      value === null ? localStorage.removeItem(name) : localStorage.setItem(name, value);
    } catch {
      // No room, or none allowed: then only this page knows.
    }
  };
  const kept = () => `rinkel-unsent-${find('#piece')?.dataset.piece}-`;
  const keep = () => store(kept() + page, queue.length > 0 ? JSON.stringify({ version: restored || find('#piece').dataset.version, acts: queue }) : null);

  // A form is done once however often it is sent, unless a maker comes back to it, or presses again what answers in place.
  window.addEventListener('pageshow', (event) => {
    if (event.persisted || performance.getEntriesByType('navigation')[0]?.type === 'back_forward') {
      document.querySelectorAll('input[name=once]').forEach((node) => { node.value = newId(); });
    }
  });
  document.addEventListener('htmx:configRequest', (event) => {
    if (event.detail.verb === 'post') {
      event.detail.headers['X-Rinkel-Once'] = newId();
    }
  });

  // What this page has of Rinkel's parts: those in which something was changed here are to come anew.
  const stale = (node) => node?.closest('[data-part]')?.removeAttribute('data-part');
  const parts = () => [...document.querySelectorAll('[data-part]')].map((part) => `${part.id.slice(5)}=${part.dataset.part}`).join(' ');
  // What a field was when this page came, so that Rinkel can tell whether another tab changed it since.
  const taken = {}; // what Rinkel took of this page since, by field
  const came = (path) => {
    if (path in taken) {
      return taken[path];
    }
    const nodes = [...document.querySelectorAll(`#edit [name="f[${CSS.escape(path)}]"]:not([type=hidden])`)];
    const radio = nodes.find((node) => node.defaultChecked);
    const [node] = nodes;
    return node?.type === 'radio' || node?.type === 'checkbox' ? radio?.value ?? '' : node?.tagName === 'SELECT'
      ? ([...node.options].find((option) => option.defaultSelected) ?? node.options[0])?.value ?? '' : node?.defaultValue;
  };
  const add = (act) => {
    const paths = act.do ? ['pattern'] : Object.keys(act.f ?? {});
    Object.keys(act.f ?? {}).forEach((path) => stale(field(path)));
    queue.push({ id: newId(), in: shownIn(), was: Object.fromEntries(paths.map((path) => [path, came(path)]).filter(([, was]) => was !== undefined)), ...act });
    conflict = false; // one that is shown is asked for anew, to tell this too
    keep();
  };
  const flush = () => {
    if (flying === 0 && !conflict && find('#edit') && (queue.length > 0 || choose !== '' || refresh)) {
      flying = queue.length || -1;
      refresh = false;
      state('going');
      window.htmx.trigger('#edit', 'rinkel:send');
    }
  };
  // At once means before the browser paints what was typed, which a timer would wait for.
  const send = (wait = 0) => {
    clearTimeout(timer);
    if (wait > 0) {
      timer = setTimeout(flush, wait);
    } else {
      queueMicrotask(flush);
    }
  };
  const typed = (node, path) => {
    if (typing?.path !== path) {
      settle();
      typing = { path, stroke: newId() };
    }
    const last = queue.length > Math.max(0, flying) ? queue[queue.length - 1] : null;
    if (last?.stroke === typing.stroke) {
      last.f[path] = node.value;
      conflict = false;
      keep();
    } else {
      add({ f: { [path]: node.value }, stroke: typing.stroke });
    }
    clearTimeout(pause);
    pause = setTimeout(() => settle() && send(0), ACT_PAUSE);
  };
  // Typing in a field has ended, or paused: now it is judged, and what is typed next is another step.
  const settle = () => {
    clearTimeout(pause);
    if (!typing) {
      return false;
    }
    const { path, stroke } = typing;
    typing = null;
    const node = field(path);
    stale(node);
    if (node && path.endsWith('.called')) {
      add({ f: { [path]: node.value }, stroke }); // a name is taken only now
    }
    refresh = true;
    return true;
  };
  const press = (name, value) => {
    settle();
    if (name === 'choose') {
      choose = value;
    } else if (name === 'over') {
      over = value;
      conflict = false;
    } else if (name.startsWith('set[')) {
      add({ f: { [name.slice(4, -1)]: value } });
    } else {
      add({ do: value });
    }
    send(0);
  };

  document.addEventListener('input', (event) => {
    const node = event.target;
    const path = node.form?.id === 'edit' ? pathOf(node) : null;
    if (path === null) {
      return;
    }
    if (node.matches('input:not([type=radio], [type=checkbox]), textarea')) {
      typed(node, path);
    } else {
      settle();
      add({ f: { [path]: node.type === 'checkbox' && !node.checked ? '' : node.value } });
    }
    send();
  });
  document.addEventListener('focusout', (event) => {
    if (typing && pathOf(event.target) === typing.path && event.target.isConnected && settle()) {
      send(0);
    }
  });
  document.addEventListener('submit', (event) => {
    if (event.target.id !== 'edit') {
      return;
    }
    event.preventDefault();
    const button = event.submitter;
    if (button?.name && button.name !== 'act') {
      press(button.name, button.value);
    } else if (settle()) {
      send(0);
    }
  }, true);

  document.addEventListener('htmx:configRequest', (event) => {
    if (event.detail.elt.id !== 'edit') {
      return;
    }
    event.detail.headers['X-Rinkel-Has'] = parts();
    rest = flying > 0;
    if (rest) {
      event.detail.headers['X-Rinkel-Sight'] = 'first';
    }
    const value = (name) => find(`#edit [name=${name}]`)?.value ?? '';
    event.detail.parameters = {
      acts: JSON.stringify(queue.slice(0, Math.max(0, flying))), version: over || restored || value('version'), typing: typing?.path ?? '',
      view: value('view'), zoom: value('zoom'), turn: value('turn'), open: value('open'), at: value('at'), stage: find('#piece')?.dataset.stage ?? '', ...(choose === '' ? {} : { choose }),
    };
    choose = '';
  });
  // Before an answer is put in: what it took is no longer waiting.
  let held = new Set();
  let pressed = false; // whether the answer is to a button: then it may change the field with the caret, too
  document.addEventListener('htmx:beforeOnLoad', (event) => {
    const status = event.detail.xhr.status;
    if (event.detail.elt.id === 'edit' && (status === 200 || status === 422)) {
      const done = queue.splice(0, Math.max(0, flying));
      done.forEach((act) => Object.assign(taken, act.f ?? {}));
      pressed = done.some((act) => act.stroke === undefined);
      [over, restored, tries] = ['', '', 0];
    }
    const waiting = [...queue.flatMap((act) => Object.keys(act.f ?? {})), ...(typing ? [typing.path] : [])];
    held = new Set(waiting.flatMap((path) => [...document.querySelectorAll(`[name="f[${CSS.escape(path)}]"]`)]));
  });
  // What has another name now keeps what was typed under the old one.
  document.addEventListener('rinkel:renamed', (event) => {
    const renamed = (path) => {
      const at = path.lastIndexOf('.');
      return (event.detail.stems[path.slice(0, at)] ?? path.slice(0, at)) + path.slice(at);
    };
    for (const act of queue) {
      act.f = act.f && Object.fromEntries(Object.entries(act.f).map(([path, text]) => [renamed(path), text]));
    }
    typing = typing && { ...typing, path: renamed(typing.path) };
  });
  document.addEventListener('htmx:afterRequest', (event) => {
    if (event.detail.elt.id !== 'edit') {
      return;
    }
    const xhr = event.detail.xhr;
    const told = Math.max(0, flying);
    flying = 0;
    if ([200, 422, 409].includes(xhr.status)) {
      conflict = xhr.status === 409 && queue.length <= told;
      over = '';
      state(xhr.status === 409 ? 'conflict' : 'done');
      heed();
      keep();
      restore();
      if (queue.length > 0 || choose !== '' || refresh || !rest) {
        send(0);
      } else {
        refresh = true;
        send(REST_PAUSE);
      }
    } else {
      state('lost');
      hear(find('#lost-why')?.textContent ?? '');
      const why = find('#lost-why');
      if (why) {
        why.dataset.offline ??= why.textContent;
        why.textContent = xhr.getResponseHeader('X-Rinkel-Says') ? xhr.responseText : why.dataset.offline;
      }
      tries += 1;
      send(Math.min(4000, 500 * 2 ** tries));
    }
  });
  const isText = (node) => node.matches?.('input:not([type=radio], [type=checkbox]), textarea') ?? false;
  morph.defaults.callbacks.beforeAttributeUpdated = (name, node) => {
    if ((name === 'open' && node.tagName === 'DETAILS') || (name === 'data-stage' && node.id === 'piece')) {
      return false;
    }
    if (['value', 'checked', 'selected'].includes(name) && (held.has(node) || (!pressed && node === document.activeElement && isText(node)))) {
      stale(node); // it is not as Rinkel has it
      return false;
    }
    return true;
  };
  // A part that Rinkel did not send stays; one without the caret is put in whole, which is quicker than comparing it.
  morph.defaults.callbacks.beforeNodeMorphed = (old, fresh) => {
    if (fresh.dataset?.same !== undefined) {
      return false;
    }
    if (fresh.dataset?.part && !old.contains(document.activeElement) && !old.querySelector('input, textarea, select, details')) {
      old.dataset.part = fresh.dataset.part;
      old.replaceChildren(...fresh.childNodes);
      return false;
    }
    return true;
  };
  window.addEventListener('online', () => send(0));

  // One stage is open at a time. All are on the page, so that going there takes no request.
  const openStage = (name, go) => {
    const piece = find('#piece');
    if (!piece || piece.dataset.stage === name) {
      return;
    }
    piece.dataset.stage = name;
    if (refresh) {
      send(0); // what was out of sight is in sight now
    }
    const address = new URL(location.href);
    address.searchParams.set('stage', name);
    history.replaceState(history.state, '', address);
    if (go) {
      find(`#stage-${name}`)?.focus({ preventScroll: true });
    }
    stages();
  };
  const stages = () => {
    const open = find('#piece')?.dataset.stage;
    for (const link of document.querySelectorAll('.stage-link')) {
      link.dataset.stageLink === open ? link.setAttribute('aria-current', 'step') : link.removeAttribute('aria-current');
    }
    for (const link of document.querySelectorAll('[data-keeps-stage]')) {
      const address = new URL(link.href);
      address.searchParams.set('stage', open);
      link.href = address;
    }
  };
  document.addEventListener('click', (event) => {
    const link = event.target.closest?.('[data-stage-link]');
    if (link && !event.ctrlKey && !event.metaKey && !event.shiftKey) {
      event.preventDefault();
      openStage(link.dataset.stageLink, !link.matches('.stage-link'));
    }
  });

  // A page that is left sends what still waits; one that cannot asks first.
  window.addEventListener('beforeunload', (event) => {
    if (queue.length > 0 && ['lost', 'conflict'].includes(document.documentElement.getAttribute('data-saving'))) {
      event.preventDefault();
    }
  });
  // What is printed is another page than what is worked on; it has to be there before the sheet is laid out, so it is waited for.
  window.addEventListener('beforeprint', () => {
    const paper = find('#paper');
    if (!paper) {
      return;
    }
    const request = new XMLHttpRequest();
    request.open('GET', paper.dataset.from, false);
    try {
      request.send();
    } catch {
      return; // without the server the page prints as it is
    }
    if (request.status === 200) {
      paper.innerHTML = request.responseText;
      paper.hidden = false;
    }
  });
  window.addEventListener('afterprint', () => {
    const paper = find('#paper');
    if (paper) {
      paper.hidden = true;
      paper.replaceChildren();
    }
  });

  window.addEventListener('pagehide', () => {
    const form = find('#edit');
    if (form && queue.length > 0 && !conflict && document.documentElement.getAttribute('data-saving') !== 'lost') {
      const body = new FormData();
      body.set('acts', JSON.stringify(queue));
      body.set('version', restored || find('#piece').dataset.version);
      navigator.sendBeacon(form.action, body);
    }
  });
  // What an earlier page of this piece could not send comes before what is done here; Rinkel knows what it took already.
  const restore = () => {
    if (!loading || flying !== 0 || conflict || !find('#edit')) {
      return;
    }
    loading = false;
    for (const name of Object.keys(localStorage).filter((one) => one.startsWith(kept()) && one !== kept() + page)) {
      const [text] = [localStorage.getItem(name), store(name, null)];
      try {
        const earlier = JSON.parse(text);
        const typedHere = new Set(queue.flatMap((act) => Object.keys(act.f ?? {})));
        queue = [...earlier.acts, ...queue];
        restored = earlier.version;
        for (const [path, value] of earlier.acts.flatMap((act) => Object.entries(act.f ?? {}))) {
          const node = field(path);
          stale(node);
          if (node && !['radio', 'checkbox'].includes(node.type) && !typedHere.has(path)) {
            node.value = value;
          }
        }
        loading = true;
        keep();
        return;
      } catch {
        [queue, restored] = [[], '']; // not what Rinkel kept
      }
    }
  };
  document.addEventListener('click', (event) => {
    if (event.target.closest?.('#take-theirs')) {
      queue = [];
      typing = null;
      conflict = false;
      state('done');
      keep();
    }
  });
  // The server says times by this clock: it is told which that is.
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const told = `zone=${encodeURIComponent(zone ?? '')}`;
  if (zone && !document.cookie.split('; ').includes(told)) {
    document.cookie = `${told}; path=/; max-age=31536000; samesite=lax`;
    if (zone !== document.documentElement.dataset.zone && find('time') && document.cookie.includes(told)) {
      location.reload(); // once: from now on it knows
    }
  }

  const chosen = () => find('.patch.is-chosen')?.dataset.path;
  const blocks = () => [...document.querySelectorAll('.patch')];

  // A list that was opened to pick one thing closes when that is picked.
  document.addEventListener('click', (event) => {
    const list = event.target.closest('details.put, details.why');
    for (const open of document.querySelectorAll('details:is(.put, .why)[open]')) {
      if (open !== list || event.target.closest('.put-list button')) {
        open.open = false;
      }
    }
  });

  // Enter in a field with a button of its own presses that one, not the first of the form.
  document.addEventListener('keydown', (event) => {
    const start = event.key === 'Enter' && event.target.matches('.new-start input') ? event.target.closest('.new-start') : null;
    if (start) {
      event.preventDefault();
      start.querySelector('button')?.click();
    }
  });

  // Drawing and pattern light up together; choosing in one chooses in the other.
  // A part lights up in both with the cords to cut that it takes; a cut lights up with all parts that take of it.
  const light = (node) => {
    for (const old of document.querySelectorAll('.is-lit')) {
      old.classList.remove('is-lit');
    }
    const hits = [...document.querySelectorAll('.hit')];
    const place = node?.dataset.place;
    const roles = node?.dataset.cut ? [node.dataset.cut] : hits.find((hit) => hit.dataset.place === place)?.dataset.roles?.split(' ') ?? [];
    const lit = place
      ? [...document.querySelectorAll(`[data-place="${place}"]`), ...roles.flatMap((role) => [...document.querySelectorAll(`[data-cut="${CSS.escape(role)}"]`)])]
      : roles.length > 0 ? [node, ...hits.filter((hit) => hit.dataset.roles.split(' ').includes(roles[0]))] : [];
    for (const one of lit) {
      one.classList.add('is-lit');
    }
  };
  const lightChosen = () => {
    const place = find('.patch.is-chosen')?.dataset.place;
    for (const hit of document.querySelectorAll('.hit')) {
      hit.classList.toggle('is-chosen', hit.dataset.place === place);
    }
  };
  document.addEventListener('pointerover', (event) => light(event.target.closest?.('.patch, .hit, [data-cut]')));
  document.addEventListener('focusin', (event) => light(event.target.closest('.patch, [data-cut]')));
  document.addEventListener('click', (event) => {
    const hit = event.target.closest?.('.hit');
    const block = hit && blocks().find((one) => one.dataset.place === hit.dataset.place);
    if (block) {
      openStage('pattern', false);
      press('choose', block.dataset.path);
    }
  });
  // A fault in the text is shown where it stands.
  document.addEventListener('click', (event) => {
    const place = event.target.closest?.('.fault-line[data-line]')?.dataset;
    const text = find('#pattern');
    if (place && text) {
      const lines = text.value.split('\n');
      const from = lines.slice(0, place.line - 1).reduce((sum, line) => sum + line.length + 1, 0) + Number(place.column) - 1;
      text.focus();
      text.setSelectionRange(from, Math.max(from + 1, text.value.slice(from).search(/[\s,()]|$/) + from));
    }
  });

  // Files are dropped where they could be chosen.
  for (const kind of ['dragover', 'dragleave', 'drop']) {
    document.addEventListener(kind, (event) => {
      const form = event.dataTransfer?.types.includes('Files') ? find('#import') : null;
      if (form) {
        event.preventDefault();
        form.classList.toggle('is-over', kind === 'dragover');
        if (kind === 'drop') {
          find('#import-files').files = event.dataTransfer.files;
          form.requestSubmit();
        }
      }
    });
  }

  // Blocks move by dragging too.
  document.addEventListener('dragstart', (event) => {
    const block = event.target.closest?.('.patch');
    if (block) {
      event.dataTransfer.setData('text/plain', block.dataset.path);
      event.dataTransfer.effectAllowed = 'move';
      event.stopPropagation();
    }
  });
  document.addEventListener('dragover', (event) => event.target.closest?.('.patch') && event.preventDefault());
  document.addEventListener('drop', (event) => {
    const before = event.target.closest?.('.patch');
    const moved = event.dataTransfer.getData('text/plain');
    if (before && /^[\d.]+$/.test(moved)) {
      event.preventDefault();
      press('do', `to ${moved} ${before.dataset.path}`);
    }
  });

  let wheel = 0;
  document.addEventListener('wheel', (event) => {
    if (event.target.closest?.('output.count') && chosen()) {
      event.preventDefault();
      if (event.timeStamp - wheel > 60) {
        wheel = event.timeStamp;
        press('do', `${event.deltaY < 0 ? 'more' : 'fewer'} @`);
      }
    }
  }, { passive: false });

  // Letters are shortcuts only when the last thing a maker went to is no field: a field that is gone from under the caret does not
  // turn what is typed on into deeds.
  const isField = (node) => node.matches?.('input:not([type=radio], [type=checkbox], [type=range]), textarea, select') ?? false;
  let inField = false;
  document.addEventListener('focusin', (event) => { inField = isField(event.target); });
  document.addEventListener('pointerdown', (event) => { inField = isField(event.target); });
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape' || event.key === 'Tab') {
      inField = false;
    }
    if (event.key === 'Escape' && isField(event.target)) {
      event.target.blur(); // Escape leaves a field
    }
    if (event.key === 'Escape') {
      const open = event.target.closest('details:is(.put, .why)[open]');
      if (open) {
        open.open = false;
        open.querySelector('summary').focus();
      }
    }
    if (isField(event.target) || inField || find('dialog[open]')) {
      return;
    }
    // In a row of tools arrows go from one to the next.
    const tools = event.target.closest('[role=toolbar]');
    const steps = { ArrowLeft: -1, ArrowRight: 1, Home: -Infinity, End: Infinity };
    if (tools && event.key in steps && !event.altKey && !event.ctrlKey && !event.metaKey) {
      const all = [...tools.querySelectorAll('button, summary')].filter((one) => one.offsetParent !== null);
      const at = all.indexOf(event.target) + steps[event.key];
      event.preventDefault();
      all[Math.max(0, Math.min(all.length - 1, at))]?.focus();
      return;
    }
    const key = event.key.toLowerCase();
    if (event.ctrlKey || event.metaKey) {
      if (key === 'z' || key === 'y') {
        event.preventDefault();
        press('do', key === 'y' || event.shiftKey ? 'redo' : 'undo');
      }
      return;
    }
    if (!keysOn()) {
      return;
    }
    if (key === '?') {
      event.preventDefault();
      find('#keys')?.showModal();
      return;
    }
    if (key === 'v' && !event.altKey) {
      find('.board-bar a:not([aria-current])')?.click();
      return;
    }
    const named = { '=': '+', backspace: 'delete', arrowleft: event.altKey ? 'alt-left' : 'left', arrowright: event.altKey ? 'alt-right' : 'right' }[key] ?? key;
    if ((named === 'left' || named === 'right') && event.target.closest('.pattern, body > main, body') && !event.target.closest('#board, [type=radio]')) {
      const all = blocks();
      const at = all.findIndex((one) => one.classList.contains('is-chosen'));
      const next = all[named === 'left' ? Math.max(0, at - 1) : Math.min(all.length - 1, at + 1)];
      if (next) {
        event.preventDefault();
        openStage('pattern', false);
        press('choose', next.dataset.path);
      }
      return;
    }
    const button = [...document.querySelectorAll('[data-key]')].find((one) => one.dataset.key === named);
    if (button) {
      event.preventDefault();
      if (button.dataset.stageLink) {
        openStage(button.dataset.stageLink, true);
      } else {
        press('do', button.value);
      }
    }
  });
  document.addEventListener('click', (event) => {
    if (event.target.closest('#keys-link')) {
      event.preventDefault();
      find('#keys')?.showModal();
    }
  });

  // Up and down take a number a sensible step further: a count by one, millimetres by half, centimetres by a millimetre, inches by an eighth.
  document.addEventListener('keydown', (event) => {
    const node = event.target;
    if (!['ArrowUp', 'ArrowDown'].includes(event.key) || node.tagName !== 'INPUT' || node.form?.id !== 'edit' || pathOf(node) === null || event.altKey) {
      return;
    }
    const [, number, gap, unit] = /^\s*(\d+(?:[.,]\d+)?)(\s*)(cm|mm|in)?\s*$/.exec(node.value) ?? [];
    if (number === undefined || (!unit && node.inputMode !== 'numeric')) {
      return;
    }
    const step = { cm: 0.1, mm: 0.5, in: 0.125 }[unit] ?? 1;
    const stepped = Math.max(0, Number(number.replace(',', '.')) + (event.key === 'ArrowUp' ? step : -step));
    event.preventDefault();
    node.value = `${String(Number(stepped.toFixed(3))).replace('.', number.includes(',') ? ',' : '.')}${gap}${unit ?? ''}`;
    node.dispatchEvent(new Event('input', { bubbles: true }));
  });

  // A worn piece is turned by dragging it or by the keys, and opened by a slider: only the drawing comes anew.
  let looking = false;
  let later = false;
  const posture = () => ['turn', 'open', 'zoom'].map((name) => [name, find(`#edit [name=${name}]`)?.value ?? '']);
  const look = async () => {
    if (looking) {
      later = true;
      return;
    }
    looking = true;
    const query = new URLSearchParams(posture());
    try {
      const answer = await fetch(`/pieces/${find('#piece').dataset.piece}/worn?${query}`);
      if (answer.ok) {
        const drawing = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('svg');
        const old = find('#board .worn-drawing');
        stale(old);
        old?.setAttribute('viewBox', drawing.getAttribute('viewBox')); // the drawing itself stays, with the pointer that holds it
        old?.setAttribute('aria-label', drawing.getAttribute('aria-label'));
        old?.replaceChildren(...drawing.childNodes);
      }
    } catch {
      // Without Rinkel it cannot be turned; the next turn tries again.
    }
    looking = false;
    if (later) {
      later = false;
      look();
    }
  };
  const posed = (name, value) => {
    const input = find(`#edit [name=${name}]`);
    if (!input || input.value === String(value)) {
      return;
    }
    input.value = value;
    const address = new URL(location.href);
    address.searchParams.set(name, value);
    history.replaceState(history.state, '', address);
    for (const link of document.querySelectorAll('[data-keeps-stage]')) {
      const to = new URL(link.href);
      if (name === 'turn' && link.dataset.turn) {
        to.searchParams.set('turn', (Number(value) + Number(link.dataset.turn) + 360) % 360);
      } else if (name !== 'open' || !link.dataset.open) {
        to.searchParams.set(name, value);
      }
      link.href = to;
    }
    look();
  };
  const turned = (by) => posed('turn', (((Number(find('#edit [name=turn]')?.value) + by) % 360) + 360) % 360);
  const opened = (value) => {
    posed('open', value);
    for (const link of document.querySelectorAll('[data-open]')) {
      Number(link.dataset.open) === Number(value) ? link.setAttribute('aria-current', 'true') : link.removeAttribute('aria-current');
    }
  };
  const isRound = () => Math.abs(Number(find('[data-turn]')?.dataset.turn ?? 180)) < 180;
  document.addEventListener('click', (event) => {
    const link = event.target.closest?.('[data-turn], [data-open]');
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey || (link.dataset.turn && !isRound())) {
      return;
    }
    event.preventDefault();
    if (link.dataset.turn) {
      turned(Number(link.dataset.turn));
    } else {
      opened(link.dataset.open);
      const slider = find('#opened');
      slider.value = Number(link.dataset.open) < 0 ? slider.dataset.worn : link.dataset.open;
    }
  });
  document.addEventListener('input', (event) => {
    if (event.target.id === 'opened') {
      event.stopPropagation();
      opened(event.target.value);
    }
  }, true);
  let grip = null; // where the pointer took hold of the worn piece, and how far it was turned then
  document.addEventListener('pointerdown', (event) => {
    const drawing = event.target.closest?.('#board .worn-drawing');
    if (drawing && isRound() && event.button === 0) {
      drawing.setPointerCapture(event.pointerId);
      grip = [event.clientY, Number(find('#edit [name=turn]').value), drawing.clientHeight];
    }
  });
  document.addEventListener('pointermove', (event) => {
    if (grip) {
      const by = Math.round((grip[0] - event.clientY) / grip[2] * 180);
      posed('turn', (((grip[1] + by) % 360) + 360) % 360);
    }
  });
  for (const kind of ['pointerup', 'pointercancel']) {
    document.addEventListener(kind, () => { grip = null; });
  }
  document.addEventListener('keydown', (event) => {
    const by = { ArrowUp: 10, ArrowDown: -10 }[event.key];
    if (by && event.target.id === 'board' && find('#board .worn-drawing') && isRound()) {
      event.preventDefault();
      turned(by);
    }
  });

  // True size: how many pixels of this screen a bank card is wide, remembered by this browser.
  const CARD = 85.6; // mm, ISO/IEC 7810 ID-1
  const perMillimetre = () => Number(localStorage.getItem('rinkel-px-per-mm')) || 96 / 25.4;
  const size = () => {
    const board = find('#board svg.board-drawing');
    const card = find('#card');
    const toggle = find('#true-size');
    if (!board || !card || !toggle) {
      return;
    }
    toggle.hidden = false;
    card.style.width = `${CARD * perMillimetre()}px`;
    const isTrue = localStorage.getItem('rinkel-true-size') === 'yes';
    toggle.setAttribute('aria-pressed', String(isTrue));
    board.style.minWidth = isTrue ? '0' : '';
    board.style.width = isTrue ? `${Number(board.dataset.scale) * perMillimetre()}px` : '';
  };
  document.addEventListener('click', (event) => {
    if (event.target.closest('#true-size')) {
      localStorage.setItem('rinkel-true-size', localStorage.getItem('rinkel-true-size') === 'yes' ? 'no' : 'yes');
      size();
    }
  });
  document.addEventListener('input', (event) => {
    if (event.target.id === 'card-size') {
      localStorage.setItem('rinkel-px-per-mm', String(event.target.value / CARD));
      event.stopPropagation();
      size();
    }
  }, true);

  // What comes of an edit is heard once, when it has come to rest: the fit, and the worst that is to be said.
  let heard = null;
  let hearing = 0;
  const hear = (text) => {
    const ear = find('#heard');
    if (ear && text !== heard) {
      heard = text;
      ear.textContent = text;
    }
  };
  const results = () => ['#result-fit', '#result-worst'].map((part) => find(part)?.innerText.replace(/\s+/g, ' ').trim()).filter(Boolean).join('. ');
  const heed = () => {
    clearTimeout(hearing);
    hearing = setTimeout(() => hear(results()), 700);
  };
  if (find('#result-fit')) {
    heard = results(); // what a page begins with is read, not announced
  }

  // Installed, or opened before, Rinkel opens without its server too.
  if ('serviceWorker' in navigator && document.documentElement.hasAttribute('data-worker')) {
    navigator.serviceWorker.register('/worker.js').catch(() => {}); // a browser that will not have it does without
  }

  // Shortcuts by single letters can be switched off, for those who speak to their computer.
  const KEYS = 'rinkel-keys';
  const keysOn = () => localStorage.getItem(KEYS) !== 'off';
  document.addEventListener('change', (event) => {
    if (event.target.id === 'keys-on') {
      store(KEYS, event.target.checked ? null : 'off');
    }
  });

  const shown = () => {
    const toggle = find('#keys-on');
    if (toggle) {
      toggle.checked = keysOn();
      toggle.disabled = false;
    }
    const slider = find('#opened');
    if (slider) {
      slider.hidden = false;
    }
    size();
    stages();
    lightChosen();
    for (const block of blocks()) {
      block.draggable = true;
    }
  };
  document.addEventListener('htmx:afterSwap', shown);
  // A large cut sheet comes cord by cord.
  document.addEventListener('htmx:load', () => {
    const progress = find('#cut-progress');
    if (progress) {
      progress.value = progress.max - document.querySelectorAll('[data-waits]').length;
      find('#cut-progress-says').hidden = progress.value === progress.max;
    }
  });
  shown();
  // Where one is stands in sight, once its letters are as wide as they are.
  window.addEventListener('load', () => find('.masthead [aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' }));
  state(find('#piece')?.dataset.state === 'conflict' ? 'conflict' : 'done');
  restore(); // before anything is typed here
  document.addEventListener('DOMContentLoaded', () => send(0)); // by then htmx knows the form
})();
