// Keeps what a maker is doing while the server redraws around it, and lends the keyboard, the wheel and the pointer to its buttons.
// All else is htmx and plain forms: every deed here presses a button that is on the page.
import { dragDays } from './page/day.js';
import { drawKnots } from './page/draw.js';
import { helpLists } from './page/lists.js';
import { followOthers } from './page/live.js';
import { sendOnce } from './page/once.js';
import { printPaper } from './page/paper.js';
import { dragSizes } from './page/sizes.js';
import { shareTicks } from './page/ticks.js';
import { tellZone } from './page/zone.js';
import { putInAround } from './piece/around.js';
import { Ear } from './piece/ear.js';
import { Edit } from './piece/edit.js';
import { Keys } from './piece/keys.js';
import { stepNumbers } from './piece/numbers.js';
import { showPattern, workPattern } from './piece/pattern.js';
import { offerTrueSize, showSize } from './piece/size.js';
import { Stages } from './piece/stages.js';
import { listenTo } from './piece/typing.js';
import { Unsent } from './piece/unsent.js';
import { Worn } from './piece/worn.js';

sendOnce();
const edit = new Edit(new Unsent(), new Ear());
listenTo(edit);
putInAround(edit, window.Idiomorph);
const stages = new Stages(edit);
printPaper();
tellZone();
helpLists();
followOthers(window.Idiomorph);
shareTicks();
dragDays();
drawKnots();
dragSizes();
workPattern(edit, stages);
const keys = new Keys(edit, stages);
stepNumbers();
const worn = new Worn();
offerTrueSize();

const show = () => {
  keys.show();
  worn.show();
  showSize();
  stages.show();
  showPattern();
};
document.addEventListener('htmx:afterSwap', show);
show();
// Installed, or opened before, Rinkel opens without its server too.
if ('serviceWorker' in navigator && document.documentElement.hasAttribute('data-worker')) {
  navigator.serviceWorker.register('/worker.js').catch(() => {}); // a browser that will not have it does without
}
edit.begin();
