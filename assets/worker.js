// Keeps what the pages are made of in this browser, and the pages as they were last seen, so that an installed Rinkel opens when its
// server does not answer. What a maker does meanwhile is kept and sent by app.js; nothing is ever taken for saved here.
const KEPT = 'rinkel-1';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(caches.keys()
  .then((names) => Promise.all(names.filter((name) => name !== KEPT).map((name) => caches.delete(name))))
  .then(() => self.clients.claim())));

const keep = async (request, answer) => {
  // Where somebody signs in, the pages of whoever was here before are not for them.
  if (new URL(answer.url).pathname === '/sign-in') {
    await caches.delete(KEPT);
    return answer;
  }
  if (answer.ok && answer.type === 'basic') {
    const cache = await caches.open(KEPT);
    await cache.put(request, answer.clone());
  }
  return answer;
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { pathname, origin } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin || request.headers.has('HX-Request')) {
    return;
  }
  const isVersioned = pathname.startsWith('/build/') || pathname.endsWith('.svg');
  event.respondWith(isVersioned
    ? caches.match(request).then((there) => there ?? fetch(request).then((answer) => keep(request, answer)))
    : fetch(request).then((answer) => (request.mode === 'navigate' ? keep(request, answer) : answer))
      .catch(async () => (await caches.match(request)) ?? (await caches.match('/')) ?? Response.error()));
});
