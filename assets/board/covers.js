import { find } from '../page/dom.js';

const SVG = 'http://www.w3.org/2000/svg';
const FIRST_STRAND = 3; // the numbers of strands begin here

/** What is still to come is covered in the drawing, step by step, and a mark stands where the hands are. */
export class Covers {
  #drawing = find('#drawing svg');
  #box = this.#drawing?.viewBox.baseVal;
  #steps;
  #rects = [];
  #mark = null;

  constructor(steps) {
    this.#steps = steps;
    if (!this.#drawing) {
      return;
    }
    // Of several strands each lies at a height of its own.
    const strands = (this.#drawing.dataset.strands ?? '').split(' ').map((one) => one.split(',').map(Number));
    this.#rects = steps.map((step) => this.#rect(step, strands));
    this.#mark = this.#drawing.appendChild(document.createElementNS(SVG, 'path'));
    this.#mark.setAttribute('class', 'here');
  }

  #rect(step, strands) {
    if (step.at === undefined || step.along === undefined) {
      return null;
    }
    const rect = document.createElementNS(SVG, 'rect');
    rect.setAttribute('class', 'to-come');
    const strand = step.half >= FIRST_STRAND ? strands[step.half - FIRST_STRAND] : null;
    const tape = Number(this.#drawing.dataset.tape);
    rect.setAttribute('y', strand ? strand[0] - strand[1] / 2 - 1.5 : this.#box.y + tape);
    rect.setAttribute('height', strand ? strand[1] + 3 : this.#box.height - 2 * tape);
    this.#drawing.append(rect);
    return rect;
  }

  /** Covers what of a step is still to be done. */
  cover(i, done) {
    const [step, rect] = [this.#steps[i], this.#rects[i]];
    if (rect) {
      const from = step.at + step.along * done / step.count;
      const to = step.at + step.along;
      rect.setAttribute('x', Math.min(from, to));
      rect.setAttribute('width', Math.abs(to - from));
    }
  }

  mark(i, done) {
    const step = this.#steps[i];
    if (!this.#drawing || step.at === undefined) {
      this.#mark?.setAttribute('d', '');
      return;
    }
    const x = step.at + (step.along ?? 0) * done / step.count;
    this.#mark.setAttribute('d', `M${x} ${this.#box.y}V${this.#box.y + this.#box.height}`);
    const wrap = find('#drawing');
    wrap.scrollLeft = (x - this.#box.x) / this.#box.width * this.#drawing.clientWidth - wrap.clientWidth / 2;
  }
}
