// A piece made without cord: each choice is a small answer from Rinkel; here what is still to come is covered, ends travel, keys choose, and
// what is watched goes on by itself. Without scripts every choice is a plain form.
import { Count } from './board/count.js';
import { Covers } from './board/covers.js';
import { eased, Ways } from './lesson/ways.js';
import { find, findAll, isField } from './page/dom.js';

const STEP = 700; // ms from one frame of a move to the next

const begin = ({ steps, total, play, pause }) => {
  const still = matchMedia('(prefers-reduced-motion: reduce)');
  const count = new Count(steps, total);
  const covers = new Covers(steps);
  let going = 0;
  let playing = 0;
  let pace = 1200; // ms from one move to the next

  const cover = (at) => {
    steps.forEach((_, i) => covers.cover(i, count.doneOf(i, at)));
    covers.mark(...count.placeOf(at));
  };

  /** The frames of the move that is shown, one after the other. */
  const move = () => {
    cancelAnimationFrame(going);
    const stage = find('#stage');
    if (!stage || still.matches) {
      return;
    }
    const ways = new Ways(stage);
    const last = Number(stage.dataset.frame);
    let from = Math.max(0, Number(stage.dataset.first) - 1);
    let began = performance.now();
    const tick = (time) => {
      const share = Math.min(1, Math.max(0, (time - began) / STEP));
      ways.draw(from, Math.min(last, from + 1), eased(share));
      if (share === 1) {
        from += 1;
        began = time;
      }
      if (from < last) {
        going = requestAnimationFrame(tick);
      }
    };
    going = requestAnimationFrame(tick);
  };

  const stop = () => {
    clearInterval(playing);
    playing = 0;
  };
  const start = () => {
    playing = setInterval(() => find('#watch-next')?.click(), pace);
  };

  const shown = () => {
    cover(Number(find('#rehearsal').dataset.at));
    move();
    const button = find('#watch-play');
    if (!button) {
      stop();
      return;
    }
    button.hidden = false;
    find('#watch-speed-field').hidden = false;
    button.setAttribute('aria-pressed', String(playing !== 0));
    button.textContent = playing ? pause : play;
    button.onclick = () => {
      playing ? stop() : start();
      shown();
    };
    find('#watch-speed').value = pace; // each answer comes with the usual one
    find('#watch-speed').onchange = ({ target }) => {
      pace = Number(target.value);
      if (playing) {
        stop();
        start();
      }
    };
  };

  const pressed = (selector) => {
    const target = find(selector);
    target?.click();
    return !!target;
  };
  const sided = (word) => findAll('#choices button').find((button) => button.dataset.side === word);
  document.addEventListener('keydown', (event) => {
    if (isField(event.target) || event.target.closest?.('dialog') || event.ctrlKey || event.metaKey || event.altKey) {
      return;
    }
    const deed = {
      ArrowLeft: () => (sided('left') ? (sided('left').click(), true) : pressed('#watch-back')),
      ArrowRight: () => (sided('right') ? (sided('right').click(), true) : pressed('#watch-next')),
      p: () => pressed('#watch-play'),
      r: () => pressed('#rest'),
    }[event.key] ?? (/^[1-9]$/.test(event.key) ? () => pressed(`#choice-${event.key}`) : null);
    if (deed?.()) {
      event.preventDefault();
    }
  });
  document.addEventListener('htmx:afterSettle', (event) => {
    if (event.detail.target?.id === 'rehearsal' || event.detail.elt?.id === 'rehearsal') {
      shown();
    }
  });
  shown();
};

const data = JSON.parse(find('#rehearsal-data')?.textContent ?? 'null');
if (data) {
  begin(data);
}
