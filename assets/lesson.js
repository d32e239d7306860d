// The page of a knot: its ends travel along the ways that the page came with. Without scripts every frame is a link.
import { eased, Ways } from './lesson/ways.js';
import { addressed, find, findAll } from './page/dom.js';

const STEP = 1800; // ms from one frame to the next: slow enough to follow with a cord in the hand
const REST = 900; // and so long each stands when it plays by itself

const begin = (stage, words) => {
  const still = matchMedia('(prefers-reduced-motion: reduce)');
  const ways = new Ways(stage);
  let now = Number(stage.dataset.frame);
  let going = 0; // the animation that runs
  let playing = 0;

  const tell = () => {
    find('#lesson-number').textContent = now + 1;
    find('#lesson-text').textContent = words.said[now];
    stage.setAttribute('aria-label', words.said[now]);
    find('#lesson-back').toggleAttribute('aria-disabled', now === 0);
    findAll('.lesson-frames li').forEach((item, i) => item.toggleAttribute('aria-current', i === now));
    addressed('frame', now + 1);
  };

  const go = (to) => {
    cancelAnimationFrame(going);
    const from = now;
    now = to;
    tell();
    if (still.matches || to !== from + 1) {
      ways.draw(to, to, 1);
      return;
    }
    const began = performance.now();
    const tick = (time) => {
      const share = Math.min(1, Math.max(0, (time - began) / STEP));
      ways.draw(from, to, eased(share));
      if (share < 1) {
        going = requestAnimationFrame(tick);
      }
    };
    going = requestAnimationFrame(tick);
  };
  const next = () => go(now + 1 >= ways.frames ? 0 : now + 1);
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
    start(next);
  });
  const start = (step) => {
    play.setAttribute('aria-pressed', 'true');
    play.textContent = words.pause;
    step();
    playing = setInterval(step, STEP + REST);
  };
  // It plays once by itself where nobody asked for a frame, and stands at the end.
  if (!still.matches && !new URLSearchParams(location.search).has('frame')) {
    start(() => (now + 1 < ways.frames ? next() : stop()));
  }
  const zoom = find('#lesson-zoom');
  zoom.hidden = false;
  zoom.addEventListener('click', () => {
    const isLarge = find('.lesson-main').toggleAttribute('data-large');
    zoom.setAttribute('aria-pressed', String(isLarge));
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
  findAll('.lesson-frames a[data-to]').forEach((link) => link.addEventListener('click', (event) => {
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
};

const stage = find('#stage');
const words = JSON.parse(find('#lesson-words')?.textContent ?? 'null');
if (stage && words) {
  begin(stage, words);
}
