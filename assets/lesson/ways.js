// How the cords of a lesson lie: each runs along its way as far as its end has come, and is drawn open, or pulled tight.

const mix = (a, b, share) => a + share * (b - a);
const points = (path) => path.slice(1).split(' ').map((point) => point.split(',').map(Number));
const written = (line) => `M${line.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ')}`;

/** Returns 0 to 1 of a movement that begins and ends slowly. */
export const eased = (share) => (share < 0.5 ? 2 * share ** 2 : 1 - 2 * (1 - share) ** 2);

export class Ways {
  #stage;
  #boxes;
  #reached;
  #tight;
  #paths;
  #groups;
  #drawnTight = -1;

  constructor(stage) {
    this.#stage = stage;
    [this.#boxes, this.#reached, this.#tight] = ['boxes', 'reached', 'tight'].map((name) => JSON.parse(stage.dataset[name]));
    this.#paths = [...stage.querySelectorAll('[data-cord]')].map((element) => ({
      element,
      cord: Number(element.dataset.cord),
      from: Number(element.dataset.from),
      to: Number(element.dataset.to),
      open: points(element.dataset.open),
      tied: points(element.dataset.tied),
    }));
    this.#groups = [...stage.querySelectorAll('g[data-frame]')];
  }

  get frames() {
    return this.#boxes.length;
  }

  /** Draws what lies between two frames, a share of the way from one to the other. */
  draw(from, to, share) {
    const pulled = mix(this.#tight[from], this.#tight[to], share);
    this.#stage.setAttribute('viewBox', this.#boxes[from].map((side, i) => mix(side, this.#boxes[to][i], share).toFixed(2)).join(' '));
    for (const path of this.#paths) {
      if (pulled !== this.#drawnTight) {
        path.element.setAttribute('d', written(path.open.map(([x, y], i) => [
          mix(x, (path.tied[i] ?? [x, y])[0], pulled), mix(y, (path.tied[i] ?? [x, y])[1], pulled),
        ])));
      }
      this.#reach(path, mix(this.#reached[from][path.cord], this.#reached[to][path.cord], share), pulled);
    }
    this.#drawnTight = pulled;
    const shown = share < 0.35 ? from : share > 0.65 ? to : -1;
    for (const group of this.#groups) {
      group.setAttribute('display', Number(group.dataset.frame) === shown ? 'inline' : 'none');
    }
  }

  // Of a way only what its end has run through is seen.
  #reach({ element, from, to }, end, pulled) {
    element.removeAttribute('display');
    element.style.display = end <= from + 0.001 ? 'none' : '';
    if (end <= from + 0.001) {
      return;
    }
    if (pulled > 0 || end >= to - 0.001) {
      element.removeAttribute('stroke-dasharray');
    } else {
      element.setAttribute('stroke-dasharray', `${(end - from).toFixed(3)} 999`);
    }
  }
}
