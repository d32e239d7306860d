// The Board page: every tap is counted here at once, kept in this browser first, and sent with a number of its own until Rinkel has it.
// Without scripts the buttons are plain forms.
import { runClocks, stayAwake } from './board/clocks.js';
import { Count } from './board/count.js';
import { Covers } from './board/covers.js';
import { Face } from './board/face.js';
import { Press } from './board/press.js';
import { Switch } from './board/switch.js';
import { Taps } from './board/taps.js';
import { Turn } from './board/turn.js';
import { Voice } from './board/voice.js';
import { find } from './page/dom.js';

const begin = (root, data, words) => {
  const count = new Count(data.steps, data.total);
  const face = new Face(root, data, words, count, new Covers(data.steps));
  const turn = new Turn();
  const show = (moves) => {
    turn.ends(moves);
    return face.show(moves);
  };
  const taps = new Taps(root, data, count, show);
  const voice = new Voice(root, words);
  const add = (by) => {
    const now = taps.moves;
    if (by > 0 && turn.ends(now)) {
      turn.pass(taps);
      return;
    }
    const real = count.within(now + by) - now;
    if (real !== 0) {
      let place = null;
      taps.add(real, (moves) => { place = show(moves); });
      voice.say(place);
    }
  };
  const rest = () => count.restOf(taps.moves);
  new Press(add, rest);
  new Switch(words, add, rest);
  voice.offer(() => data.steps[count.placeOf(taps.moves)[0]]);
  find('#helps').hidden = false;
  stayAwake(() => taps.look());
  runClocks(words.over);
  show(taps.moves);
  taps.begin();
};

const root = find('#making');
const data = JSON.parse(find('#board-data')?.textContent ?? 'null');
if (root && data) {
  begin(root, data, JSON.parse(find('#board-words').textContent));
}
