// Instruments: a page that listens puts what they say into the field that has the focus; the Devices page plays them, and lets real ones
// with a serial line in. A reading is a line: "calliper 1.05 mm", "tape 15.3 cm", "scale 12.4 g", "foot".
import { find, findAll, store, stored } from './page/dom.js';

const LOOK = 400;
const LISTENS = 'rinkel-listens';
const listens = () => stored(LISTENS) === '1';
const say = (line) => fetch('/devices/say', {
  method: 'POST', headers: { 'X-Rinkel-Device': '1', 'Content-Type': 'application/x-www-form-urlencoded' }, body: new URLSearchParams({ line }),
}).then((answer) => {
  if (find('#device-said')) {
    find('#device-said').textContent = answer.ok ? line : `${line} ?`;
  }
}).catch(() => {});

// What is said lands where somebody would have typed it.
const take = (line) => {
  const [device, value, unit] = line.split(' ');
  if (device === 'foot') {
    document.dispatchEvent(new CustomEvent('rinkel:foot'));
    return;
  }
  const node = document.activeElement;
  if (node?.matches('input:not([type]), input[type=text], input[type=search]') && !node.dataset.says) {
    node.value = `${value} ${unit}`;
    ['input', 'change'].forEach((name) => node.dispatchEvent(new Event(name, { bubbles: true })));
  }
  if (find('#heard')) {
    find('#heard').textContent = `${value} ${unit}`;
  }
};
const listen = () => {
  let last = '';
  const look = () => {
    if (!listens() || document.visibilityState !== 'visible') {
      return;
    }
    fetch(`/devices/heard?after=${last}`).then((answer) => answer.json()).then((answer) => {
      last = answer.last;
      answer.lines.forEach(take);
    }).catch(() => {});
  };
  setInterval(look, LOOK);
  look();
};
listen();

findAll('form[data-device]').forEach((form) => form.addEventListener('submit', (event) => {
  event.preventDefault();
  const typed = form.querySelector('[data-says]')?.value.trim() ?? '';
  say(`${form.dataset.device} ${typed}`.trim());
}));
const button = find('#listen');
if (button) {
  const show = () => button.setAttribute('aria-pressed', listens());
  button.hidden = false;
  button.addEventListener('click', () => {
    store(LISTENS, listens() ? null : '1');
    show();
  });
  show();
}
const serial = find('#serial');
if (serial && 'serial' in navigator) {
  serial.hidden = false;
  serial.addEventListener('click', async () => {
    const port = await navigator.serial.requestPort();
    await port.open({ baudRate: 9600 });
    const reader = port.readable.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      const lines = (rest + part.value).split(/\r?\n/);
      rest = lines.pop();
      lines.filter((line) => line.trim() !== '').forEach(say);
    }
  });
}
