"use strict";
// Keeps the routine on the phone: with a line the page comes fresh, without one as it was last.
const NAME = "routine-EDITION";
const KEPT = "KEPT";
const PAGE = new URL("./", self.location).pathname;
const PATIENCE_MS = 4000;

self.addEventListener("install", (event) => {
  event.waitUntil(
    caches
      .open(NAME)
      .then((cache) => cache.addAll([PAGE, ...KEPT]))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener("activate", (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n !== NAME).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  );
});

// A link that has ended takes what was kept with it.
async function page(request) {
  const cache = await caches.open(NAME);
  const patience = new AbortController();
  const timer = setTimeout(() => patience.abort(), PATIENCE_MS);
  try {
    const fresh = await fetch(request.url, { signal: patience.signal, cache: "no-store" });
    if (fresh.ok) await cache.put(PAGE, fresh.clone());
    if (fresh.status === 410) await caches.delete(NAME);
    return fresh;
  } catch (noLine) {
    return (await cache.match(PAGE)) || Response.error();
  } finally {
    clearTimeout(timer);
  }
}

self.addEventListener("fetch", (event) => {
  if (event.request.method !== "GET") return;
  const url = new URL(event.request.url);
  if (url.origin !== self.location.origin) return;
  if (url.pathname === PAGE) event.respondWith(page(event.request));
  else if (KEPT.includes(url.pathname)) {
    event.respondWith(caches.match(url.pathname).then((kept) => kept || fetch(event.request)));
  }
});
