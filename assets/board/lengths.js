const MM_PER_INCH = 25.4;
const PARTS = 16; // of an inch

/** As the core writes inches: whole ones and sixteenths in lowest terms. */
export const inches = (mm) => {
  const all = Math.round(mm / MM_PER_INCH * PARTS);
  let [over, under] = [all % PARTS, PARTS];
  while (over > 0 && over % 2 === 0) {
    [over, under] = [over / 2, under / 2];
  }
  const whole = Math.floor(all / PARTS);
  return [whole > 0 || over === 0 ? whole : '', over === 0 ? '' : `${over}/${under}`].filter((part) => part !== '').join(' ');
};

/** Returns a length in a unit, "in" or centimetres to a millimetre, as a language writes it. */
export const lengthIn = (unit, mm, language) => (unit === 'in'
  ? `${inches(mm)} in`
  : `${(mm / 10).toLocaleString(language, { minimumFractionDigits: 1, maximumFractionDigits: 1 })} cm`);

/** A knot of two halves is counted by halves. */
export const inHalves = (value) => (Number.isInteger(value) ? String(value) : `${Math.floor(value) || ''}½`);
