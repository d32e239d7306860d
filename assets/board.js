// The Board page: every tap is counted here at once, kept in this browser first, and sent with a number of its own until Rinkel has it.
// Without scripts the buttons are plain forms.
(() => {
  const root = document.querySelector('#making');
  const data = JSON.parse(document.querySelector('#board-data')?.textContent ?? 'null');
  if (!root || !data) {
    return;
  }
  const words = JSON.parse(document.querySelector('#board-words').textContent);
  const find = (selector) => document.querySelector(selector);
  const name = `rinkel-board-${root.dataset.board}`;
  const address = `/boards/${root.dataset.board}`;
  const HOLD = 550; // ms until a press counts on by itself
  const EACH = 140;
  const SEND = 300;
  const LOOK = 1500;
  const SVG = 'http://www.w3.org/2000/svg';

  const store = (key, value) => {
    try {
      value === null ? localStorage.removeItem(key) : localStorage.setItem(key, value);
    } catch {
      // No room, or none allowed: then only this page knows.
    }
  };
  const stored = (key) => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  };
  const newId = () => [...crypto.getRandomValues(new Uint8Array(12))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

  let known = data.moves; // what Rinkel has
  let number = data.number;
  let taps = JSON.parse(stored(name) ?? '[]'); // what it has not yet
  let flying = 0;
  let timer = 0;
  let spoken = '';
  const before = [];
  data.steps.reduce((sum, step) => {
    before.push(sum);
    return sum + step.count;
  }, 0);

  const clamp = (moves) => Math.max(0, Math.min(data.total, moves));
  const moves = () => taps.reduce((sum, tap) => clamp(sum + tap.by), known);
  const placeOf = (done) => {
    let step = before.findLastIndex((first) => first <= done);
    step = Math.max(0, step);
    return [step, Math.min(data.steps[step].count, done - before[step])];
  };
  const fraction = (value) => (Number.isInteger(value) ? String(value) : `${Math.floor(value) || ''}½`);
  // As the core writes lengths: whole inches and sixteenths in lowest terms, or centimetres to a millimetre.
  const inches = (mm) => {
    const all = Math.round(mm / 25.4 * 16);
    let [over, under] = [all % 16, 16];
    while (over > 0 && over % 2 === 0) {
      [over, under] = [over / 2, under / 2];
    }
    const whole = Math.floor(all / 16);
    return [whole > 0 || over === 0 ? whole : '', over === 0 ? '' : `${over}/${under}`].filter((part) => part !== '').join(' ');
  };
  const lengthOf = (mm) => (data.unit === 'in'
    ? `${inches(mm)} in`
    : `${(mm / 10).toLocaleString(document.documentElement.lang, { minimumFractionDigits: 1, maximumFractionDigits: 1 })} cm`);

  // What is still to come is covered in the drawing, step by step.
  const drawing = find('#drawing svg');
  const box = drawing?.viewBox.baseVal;
  // Of several strands each lies at a height of its own; their numbers begin at 3.
  const strands = (drawing?.dataset.strands ?? '').split(' ').map((one) => one.split(',').map(Number));
  const covers = drawing ? data.steps.map((step) => {
    if (step.at === undefined || step.along === undefined) {
      return null;
    }
    const cover = document.createElementNS(SVG, 'rect');
    cover.setAttribute('class', 'to-come');
    const strand = step.half >= 3 ? strands[step.half - 3] : null;
    cover.setAttribute('y', strand ? strand[0] - strand[1] / 2 - 1.5 : box.y + box.height * 0.2);
    cover.setAttribute('height', strand ? strand[1] + 3 : box.height * 0.6);
    drawing.append(cover);
    return cover;
  }) : [];
  const mark = drawing ? drawing.appendChild(document.createElementNS(SVG, 'path')) : null;
  mark?.setAttribute('class', 'here');
  const cover = (i, done) => {
    const [step, rect] = [data.steps[i], covers[i]];
    if (rect) {
      const from = step.at + step.along * done / step.count;
      const to = step.at + step.along;
      rect.setAttribute('x', Math.min(from, to));
      rect.setAttribute('width', Math.abs(to - from));
    }
  };

  // Minutes of hands and of waiting that are still to come; a wait is over once it was begun.
  const ahead = (at, done) => {
    const [all, waits, each] = data.left[at];
    const hands = Math.ceil(Math.max(0, all - done * each) - 1e-6);
    const waiting = done > 0 ? data.left[at + 1]?.[1] ?? 0 : waits;
    const [unit, waited] = waiting >= 120 ? [2, Math.ceil(waiting / 60)] : [waiting > 0 ? 1 : 0, waiting];
    return words.ahead[hands === 1 ? 0 : 1][unit].replace('777', hands.toLocaleString(document.documentElement.lang)).replace('888', waited.toLocaleString(document.documentElement.lang));
  };

  let shown = null;
  const show = () => {
    const now = moves();
    const [at, done] = placeOf(now);
    const step = data.steps[at];
    const move = step.moves[Math.min(done, step.count - 1) % step.moves.length];
    const halves = step.moves.every((one) => one.share === 0.5);
    find('#done').textContent = halves ? fraction(done / 2) : done;
    find('#of').textContent = halves ? fraction(step.count / 2) : step.count;
    const side = now >= data.total ? '' : move.side ?? '';
    find('#side').dataset.side = side;
    find('#side-word').textContent = side === '' ? '' : words[side];
    find('#bead').hidden = !move.bead;
    if (move.bead) {
      find('#bead .bead-dot').style.backgroundColor = data.beads[move.bead] ?? 'transparent';
      find('#bead-name').textContent = [move.bead, move.letter ? `“${move.letter}”` : '', move.on === 'core' ? '' : [words.lanes[move.on], move.strand].filter(Boolean).join(' ')].filter(Boolean).join(' ');
    }
    const due = step.due === undefined ? null : (step.from + (step.due - step.from) * done / step.count);
    find('#due').hidden = due === null;
    const isBegun = due !== null && Math.abs(due) >= 0.5;
    find('#due').textContent = due === null ? '' : (isBegun ? words.due : words.comes).replace('%1', lengthOf(due)).replace('%2', lengthOf(step.due));
    if (shown?.at !== at || shown.end !== (now >= data.total)) {
      find('#say').textContent = now >= data.total ? words.done : step.say;
      find('#look').textContent = now >= data.total ? '' : step.look ?? '';
      find('#tools').textContent = now >= data.total ? '' : (step.tools ?? []).map((tool) => words.tools[tool]).join(' · ');
      find('#how').hidden = !step.knot || now >= data.total;
      find('#how').setAttribute('href', `/knots/${step.knot ?? 'square'}?board=${root.dataset.board}`);
      find('#now').dataset.does = step.do;
      find('#then').replaceChildren(...data.steps.slice(at + 1, at + 4).map((next) => Object.assign(document.createElement('li'), { textContent: next.say })));
      find('#clock-step').value = at;
      if (step.minutes) {
        find('#clock-minutes').value = step.minutes;
      }
      find('#heard').textContent = now >= data.total ? words.done : step.say;
    }
    find('#all').parentNode.querySelector('[name=by]').value = step.count - done;
    find('#progress').value = now;
    find('#time-left').textContent = ahead(at, done);
    // What hands do otherwise than planned is in the way of what comes next, once it is its turn.
    const detour = data.detours.find((one) => one.at <= now);
    find('#detour').hidden = !detour;
    if (detour) {
      find('#detour-say').textContent = detour.say;
      find('#detour-id').value = detour.id;
    }
    if (shown && Math.abs(shown.now - now) < 2 && Math.abs(shown.at - at) < 2) {
      cover(Math.min(shown.at, at), shown.at < at ? data.steps[shown.at].count : done);
      cover(at, done);
      cover(Math.max(shown.at, at), shown.at > at ? 0 : done);
    } else {
      data.steps.forEach((one, i) => cover(i, Math.max(0, Math.min(one.count, now - before[i]))));
    }
    const x = step.at === undefined ? null : step.at + (step.along ?? 0) * done / step.count;
    mark?.setAttribute('d', x === null ? '' : `M${x} ${box.y}V${box.y + box.height}`);
    if (x !== null && drawing) {
      const wrap = find('#drawing');
      wrap.scrollLeft = (x - box.x) / box.width * drawing.clientWidth - wrap.clientWidth / 2;
    }
    root.toggleAttribute('data-done', now >= data.total);
    shown = { at, now, end: now >= data.total };
    return { step, move, done };
  };

  const state = (word) => document.querySelectorAll('#board-state [data-word]').forEach((one) => {
    one.hidden = one.dataset.word !== word;
  });
  const keep = () => store(name, taps.length > 0 ? JSON.stringify(taps) : null);
  const take = (answer) => {
    if (answer.plan !== root.dataset.plan || answer.finished) {
      location.reload();
      return;
    }
    if (answer.number >= number) {
      const others = answer.number > number && answer.clocks.length !== document.querySelectorAll('.clocks li').length;
      number = answer.number;
      known = answer.moves;
      if (others && taps.length === 0 && !root.contains(document.activeElement?.closest('form'))) {
        location.reload();
      }
    }
  };
  const send = () => {
    clearTimeout(timer);
    if (flying > 0 || taps.length === 0) {
      return;
    }
    const batch = taps.slice(0, 400);
    flying = batch.length;
    fetch(`${address}/taps`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ taps: batch }) })
      .then((answer) => (answer.ok ? answer.json() : Promise.reject(new Error(answer.status))))
      .then((answer) => {
        taps = taps.slice(batch.length);
        flying = 0;
        keep();
        take(answer);
        state(taps.length > 0 ? 'sending' : 'kept');
        show();
        send();
      })
      .catch(() => {
        flying = 0;
        state('alone');
        timer = setTimeout(send, 2000);
      });
  };

  const say = ({ step, move, done }) => {
    const text = done === 0 ? step.say : [move.side ? words[move.side] : '', move.bead ?? ''].join(' ').trim();
    if (find('#speak').getAttribute('aria-pressed') === 'true' && 'speechSynthesis' in window && text !== '') {
      speechSynthesis.cancel();
      speechSynthesis.speak(Object.assign(new SpeechSynthesisUtterance(text), { lang: document.documentElement.lang }));
      spoken = text;
    } else {
      navigator.vibrate?.(8);
    }
    root.dataset.spoken = spoken;
  };
  const count = (by) => {
    const now = moves();
    const real = clamp(now + by) - now;
    if (real === 0) {
      return;
    }
    taps.push({ id: newId(), by: real, at: Date.now() });
    const place = show(); // painted before anything else is done with it
    keep();
    state('sending');
    clearTimeout(timer);
    timer = setTimeout(send, SEND);
    say(place);
  };
  // Of a press that is held on a step, never beyond its end.
  const rest = () => {
    const [at, done] = placeOf(moves());
    return data.steps[at].count - done;
  };

  for (const [id, by] of [['more', () => 1], ['back', () => -1], ['ten', () => Math.min(10, Math.max(1, rest()))], ['all', rest]]) {
    find(`#${id}`).addEventListener('click', (event) => {
      event.preventDefault();
      if (!held) {
        count(by());
      }
      held = false;
    });
  }

  // Tap anywhere in the large field: one more. Held: many. Swept to the left: one back.
  let held = false;
  let hold = 0;
  let from = null;
  const letGo = () => {
    clearTimeout(hold);
    clearInterval(hold);
  };
  const press = (event) => {
    // A link in the field is a link: what it shows is looked at, nothing is counted.
    if (event.button > 0 || event.target.closest('a')) {
      from = null;
      return;
    }
    held = false;
    from = [event.clientX, event.clientY];
    hold = setTimeout(() => {
      held = true;
      hold = setInterval(() => (rest() > 0 ? count(1) : letGo()), EACH);
    }, HOLD);
  };
  const field = find('#now');
  field.addEventListener('pointerdown', press);
  find('#more').addEventListener('pointerdown', press);
  field.addEventListener('pointerup', (event) => {
    letGo();
    if (!held && from) {
      const [right, down] = [event.clientX - from[0], event.clientY - from[1]];
      if (right < -60 && Math.abs(down) < 60) {
        count(-1);
      } else if (Math.hypot(right, down) < 30) {
        count(1);
      }
    }
    held = false;
    from = null;
  });
  ['pointercancel', 'pointerleave'].forEach((end) => field.addEventListener(end, letGo));
  ['pointerup', 'pointercancel', 'pointerleave'].forEach((end) => find('#more').addEventListener(end, letGo));
  field.addEventListener('contextmenu', (event) => event.preventDefault());

  // A foot switch types a key; which one is asked once.
  let asking = false;
  const footKey = () => stored('rinkel-foot-key');
  const tellKey = () => {
    find('#switch-key').textContent = footKey() ? words.key.replace('%', footKey() === ' ' ? 'Space' : footKey()) : '';
  };
  document.addEventListener('keydown', (event) => {
    if (asking) {
      event.preventDefault();
      asking = false;
      store('rinkel-foot-key', event.key === 'Escape' ? null : event.key);
      find('#switch').setAttribute('aria-pressed', 'false');
      tellKey();
      return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea, summary, a')) {
      return;
    }
    const isButton = event.target.closest('button') !== null;
    if (event.key === footKey() || (!isButton && (event.key === ' ' || event.key === 'Enter'))) {
      event.preventDefault();
      event.stopPropagation();
      if (!event.repeat) {
        count(1);
      }
    } else if (event.key === 'Backspace' || event.key === '-') {
      event.preventDefault();
      count(-1);
    } else if (event.key === '+') {
      count(Math.min(10, Math.max(1, rest())));
    }
  }, true);
  document.addEventListener('rinkel:foot', () => count(1));
  find('#switch').addEventListener('click', () => {
    asking = true;
    find('#switch').setAttribute('aria-pressed', 'true');
    find('#switch-key').textContent = words.press;
  });
  find('#speak').addEventListener('click', (event) => {
    const on = event.target.getAttribute('aria-pressed') !== 'true';
    event.target.setAttribute('aria-pressed', on);
    store('rinkel-board-speaks', on ? '1' : null);
    if (on) {
      const [at, done] = placeOf(moves());
      say({ step: data.steps[at], move: data.steps[at].moves[0], done: done && 0 });
    }
  });
  find('#speak').setAttribute('aria-pressed', stored('rinkel-board-speaks') === '1');
  find('#helps').hidden = false;
  tellKey();

  // The screen stays awake while a board is looked at, where the browser lets it.
  const wake = () => document.visibilityState === 'visible' && navigator.wakeLock?.request('screen').catch(() => {});
  document.addEventListener('visibilitychange', () => {
    wake();
    look();
  });
  wake();

  // Clocks count down, and ring once.
  const bell = find('#bell');
  if ('Notification' in window && Notification.permission === 'default') {
    bell.hidden = false;
    bell.addEventListener('click', () => Notification.requestPermission().then(() => {
      bell.hidden = true;
    }));
  }
  const ring = (text) => {
    try {
      const sound = new AudioContext();
      const tone = sound.createOscillator();
      tone.frequency.value = 880;
      tone.connect(sound.destination);
      tone.start();
      tone.stop(sound.currentTime + 0.5);
    } catch {
      // No sound here; it is written and shown.
    }
    if ('Notification' in window && Notification.permission === 'granted') {
      new Notification(text);
    }
  };
  const tick = () => document.querySelectorAll('[data-ends]').forEach((clock) => {
    const left = Number(clock.dataset.ends) - Math.floor(Date.now() / 1000);
    const [hours, minutes, seconds] = [Math.floor(left / 3600), Math.floor(left / 60) % 60, left % 60].map((part) => String(part).padStart(2, '0'));
    clock.querySelector('.clock').textContent = left <= 0 ? words.over : `${left < 3600 ? '' : `${hours}:`}${minutes}:${seconds}`;
    if (left <= 0 && !clock.hasAttribute('data-over')) {
      clock.setAttribute('data-over', '');
      if (left > -10) {
        ring(clock.textContent.trim());
      }
    }
  });
  setInterval(tick, 1000);
  tick();

  // What another device does is seen here.
  const look = () => {
    if (document.visibilityState === 'visible' && flying === 0) {
      if (taps.length > 0) {
        send();
        return;
      }
      fetch(`${address}/state`).then((answer) => (answer.ok ? answer.json() : Promise.reject(new Error(answer.status)))).then((answer) => {
        if (taps.length === 0 && flying === 0) {
          const was = known;
          take(answer);
          state('kept');
          if (known !== was) {
            show();
          }
        }
      }).catch(() => state('alone'));
    }
  };
  setInterval(look, LOOK);
  window.addEventListener('online', look);
  // What was typed beside the board is sent after what was tapped.
  document.addEventListener('submit', (event) => {
    if (taps.length > 0 && root.contains(event.target)) {
      event.preventDefault();
      const form = event.target;
      send();
      const wait = setInterval(() => {
        if (taps.length === 0) {
          clearInterval(wait);
          form.submit();
        }
      }, 50);
    }
  });

  show();
  send();
})();
