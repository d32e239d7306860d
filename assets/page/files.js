const PART = 4_000_000; // bytes of a large file that are sent at once
const AGAIN = 1500; // ms until a part that did not arrive is sent once more
const SIDE = 2000; // pixels of a photo, longer than the server keeps

const pause = (time) => new Promise((wake) => { setTimeout(wake, time); });

const sendPart = (address, file, token, at) => {
  const body = new FormData();
  body.set('token', token);
  body.set('at', at);
  body.set('part', file.slice(at, at + PART), 'part');
  return fetch(address, { method: 'POST', body }).catch(() => null);
};

// Returns the token under which the whole file lies, or null if Rinkel would not have it.
const sendAll = async (address, file, tell) => {
  let token = '';
  for (let at = 0; at < file.size;) {
    const answer = await sendPart(address, file, token, at);
    if (answer && !answer.ok) {
      return null;
    }
    if (!answer) {
      await pause(AGAIN);
      continue;
    }
    ({ token } = await answer.json());
    at += PART;
    tell(Math.min(100, Math.round(100 * at / file.size)));
  }
  return token;
};

/** A large archive is sent part by part, each once more if need be. */
export const sendInParts = () => {
  document.addEventListener('submit', async (event) => {
    const form = event.target;
    const input = form.querySelector('input[type=file]');
    const file = input?.files[0];
    if (!form.dataset.parts || !file || file.size <= PART) {
      return;
    }
    event.preventDefault();
    const told = form.querySelector('[data-part-told]');
    const token = await sendAll(form.dataset.parts, file, (share) => {
      told.textContent = form.dataset.partSays.replace('#', share);
    });
    if (token === null) {
      told.textContent = document.querySelector('#lost-notice').textContent;
      return;
    }
    form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'token', value: token }));
    input.remove();
    form.submit();
  });
};

// Returns a photo no larger than is kept, or null if it is small enough.
const shrunk = async (file) => {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = SIDE / Math.max(picture.width, picture.height);
  if (scale >= 1) {
    return null;
  }
  const [width, height] = [Math.round(picture.width * scale), Math.round(picture.height * scale)];
  const canvas = Object.assign(document.createElement('canvas'), { width, height });
  canvas.getContext('2d').drawImage(picture, 0, 0, width, height);
  return new Promise((done) => { canvas.toBlob(done, 'image/jpeg', 0.9); });
};

/** A photo is made small before it is sent, where this browser can: a camera's own would take long, or be refused. */
export const shrinkPhotos = () => {
  document.addEventListener('change', async ({ target: input }) => {
    const [file] = input.matches?.('input[type=file][name=photo]') ? input.files : [];
    if (!file || !window.createImageBitmap || !/^image\/(jpeg|png|webp)$/.test(file.type)) {
      return;
    }
    try {
      const small = await shrunk(file);
      if (small && input.files[0] === file) {
        const files = new DataTransfer();
        files.items.add(new File([small], 'photo.jpg', { type: 'image/jpeg' }));
        input.files = files.files;
      }
    } catch {
      // Sent as it is; the server says what is wrong with it.
    }
  });
};
