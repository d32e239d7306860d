// The page of a knot: its ends travel along the ways that the page came with. Without scripts every frame is a link.
(() => {
  const stage = document.querySelector('#stage');
  const words = JSON.parse(document.querySelector('#lesson-words')?.textContent ?? 'null');
  if (!stage || !words) {
    return;
  }
  const find = (selector) => document.querySelector(selector);
  const [boxes, reached, tight] = ['boxes', 'reached', 'tight'].map((name) => JSON.parse(stage.dataset[name]));
  const STEP = 1800; // ms from one frame to the next: slow enough to follow with a cord in the hand
  const REST = 900; // and so long each stands when it plays by itself
  const still = matchMedia('(prefers-reduced-motion: reduce)');
  const points = (path) => path.slice(1).split(' ').map((point) => point.split(',').map(Number));
  const paths = [...stage.querySelectorAll('[data-cord]')].map((element) => ({
    element,
    cord: Number(element.dataset.cord),
    from: Number(element.dataset.from),
    to: Number(element.dataset.to),
    open: points(element.dataset.open),
    tied: points(element.dataset.tied),
  }));
  const groups = [...stage.querySelectorAll('g[data-frame]')];
  const written = (line) => `M${line.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ')}`;
  const mix = (a, b, share) => a + share * (b - a);

  let now = Number(stage.dataset.frame);
  let drawnTight = -1;
  let going = 0; // the animation that runs
  let playing = 0;

  const draw = (from, to, share) => {
    const pulled = mix(tight[from], tight[to], share);
    stage.setAttribute('viewBox', boxes[from].map((side, i) => mix(side, boxes[to][i], share).toFixed(2)).join(' '));
    for (const path of paths) {
      const end = mix(reached[from][path.cord], reached[to][path.cord], share);
      if (pulled !== drawnTight) {
        path.element.setAttribute('d', written(path.open.map(([x, y], i) => [
          mix(x, (path.tied[i] ?? [x, y])[0], pulled), mix(y, (path.tied[i] ?? [x, y])[1], pulled),
        ])));
      }
      path.element.style.display = '';
      path.element.toggleAttribute('display', false);
      if (end <= path.from + 0.001) {
        path.element.style.display = 'none';
      } else if (pulled > 0 || end >= path.to - 0.001) {
        path.element.removeAttribute('stroke-dasharray');
      } else {
        path.element.setAttribute('stroke-dasharray', `${(end - path.from).toFixed(3)} 999`);
      }
    }
    drawnTight = pulled;
    const shown = share < 0.35 ? from : share > 0.65 || share === 1 ? to : -1;
    for (const group of groups) {
      group.setAttribute('display', Number(group.dataset.frame) === shown ? 'inline' : 'none');
    }
  };

  const tell = () => {
    find('#lesson-number').textContent = now + 1;
    find('#lesson-text').textContent = words.said[now];
    stage.setAttribute('aria-label', words.said[now]);
    find('#lesson-back').toggleAttribute('aria-disabled', now === 0);
    document.querySelectorAll('.lesson-frames li').forEach((item, i) => item.toggleAttribute('aria-current', i === now));
    const address = new URL(location.href);
    address.searchParams.set('frame', now + 1);
    history.replaceState(history.state, '', address);
  };

  const go = (to) => {
    cancelAnimationFrame(going);
    const from = now;
    now = to;
    tell();
    if (still.matches || to !== from + 1) {
      draw(to, to, 1);
      return;
    }
    const began = performance.now();
    const tick = (time) => {
      const share = Math.min(1, Math.max(0, (time - began) / STEP));
      draw(from, to, share < 0.5 ? 2 * share ** 2 : 1 - 2 * (1 - share) ** 2);
      if (share < 1) {
        going = requestAnimationFrame(tick);
      }
    };
    going = requestAnimationFrame(tick);
  };
  const next = () => go(now + 1 >= boxes.length ? 0 : now + 1);
  const back = () => go(Math.max(0, now - 1));

  const play = find('#lesson-play');
  const stop = () => {
    clearInterval(playing);
    playing = 0;
    play.setAttribute('aria-pressed', 'false');
    play.textContent = words.play;
  };
  play.hidden = false;
  play.addEventListener('click', () => {
    if (playing) {
      stop();
      return;
    }
    play.setAttribute('aria-pressed', 'true');
    play.textContent = words.pause;
    next();
    playing = setInterval(next, STEP + REST);
  });
  const by = (selector, deed) => find(selector).addEventListener('click', (event) => {
    event.preventDefault();
    stop();
    deed();
  });
  by('#lesson-next', next);
  by('#lesson-back', back);
  stage.addEventListener('click', () => {
    stop();
    next();
  });
  document.querySelectorAll('.lesson-frames a[data-to]').forEach((link) => link.addEventListener('click', (event) => {
    event.preventDefault();
    stop();
    go(Number(link.dataset.to));
    find('.lesson-main').scrollIntoView({ block: 'nearest' });
  }));
  document.addEventListener('keydown', (event) => {
    if (event.target.closest('input, select, textarea, button, dialog') || event.ctrlKey || event.metaKey || event.altKey) {
      return;
    }
    const deed = { ArrowRight: next, ArrowLeft: back }[event.key];
    if (deed) {
      event.preventDefault();
      stop();
      deed();
    }
  });
})();
