"use strict";
// What is said is kept on the phone until the trainer's computer has it. Each entry has a key of its
// own, so that sent twice it counts once; days go by the clock there, since the phone's may be wrong.
window.routineQueue = (function () {
  const BASE = location.pathname.replace(/[^/]*$/, "");
  const STORE = "routine.log." + BASE;
  const CLOCK = "routine.clock." + BASE;
  const SEEN = "routine.seen." + BASE;
  const A_MINUTE_MS = 60000;
  const MANY = 50;
  const KEPT_MOST = 600;
  const RETRY_MS = [2000, 5000, 15000, 30000];
  const watchers = [];
  let entries = read(STORE) || [];
  let sending = false;
  let tries = 0;
  let timer = 0;
  let refused = [];
  let atOnce = MANY;

  function read(key) {
    try {
      return JSON.parse(localStorage.getItem(key));
    } catch (unreadable) {
      return null;
    }
  }

  function write(key, value) {
    try {
      localStorage.setItem(key, JSON.stringify(value));
    } catch (full) {
      // A phone without room still sends what it has while the page is open.
    }
  }

  const fresh = () => (window.crypto && crypto.randomUUID ? crypto.randomUUID() : Date.now() + "-" + String(Math.random()).slice(2));
  const offset = () => read(CLOCK) || 0;
  const now = () => new Date(Date.now() + offset());

  // What the trainer's clock says, told by a page just made or by an answer. A page kept on the phone
  // from earlier was seen before, or made with one that was, and says nothing new.
  function setClock(serverNow) {
    if (serverNow - (read(SEEN) || 0) < A_MINUTE_MS) return;
    write(SEEN, serverNow);
    write(CLOCK, serverNow - Date.now());
  }

  function keep() {
    write(STORE, entries);
    watchers.forEach((watch) => watch(state()));
  }

  const state = () => ({ waiting: entries.length, lost: tries > 0, refused });

  // A later word about the same thing on the same day takes the place of one not sent yet; pain stays.
  function say(entry) {
    const same = entries.find((e) => !e.sent && e.item === entry.item && e.day === entry.day && e.plan === entry.plan);
    if (same) {
      const pain = Math.max(same.pain ?? -1, entry.pain ?? -1);
      Object.assign(same, entry);
      if (pain >= 0) same.pain = pain;
      same.at = Date.now();
    } else {
      entries.push({ ...entry, key: fresh(), at: Date.now() });
      if (entries.length > KEPT_MOST) entries.splice(0, entries.length - KEPT_MOST);
    }
    keep();
    soon(300);
  }

  function soon(ms) {
    clearTimeout(timer);
    timer = setTimeout(send, ms);
  }

  async function send() {
    if (sending || !entries.length || document.body.hasAttribute("data-ended")) return;
    sending = true;
    const some = entries.slice(0, atOnce);
    some.forEach((e) => (e.sent = true));
    let again = null;
    try {
      const answer = await fetch(BASE + "log", {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify({ sentAt: Date.now(), entries: some.map(({ sent, ...e }) => e) }),
      });
      if (answer.status === 410) location.reload();
      else if (answer.ok) again = took(await answer.json());
      else if (answer.status === 400 || answer.status === 413) again = apart(some);
      else lost(some);
    } catch (noLine) {
      lost(some);
    }
    sending = false;
    keep();
    if (again !== null) soon(again);
  }

  function took(answer) {
    tries = 0;
    setClock(answer.now);
    if (entries.length === 1) atOnce = MANY;
    refused = refused.concat(answer.refused);
    const settled = new Set(answer.got.concat(answer.refused.map((r) => r.key)));
    const before = entries.length;
    entries = entries.filter((e) => !settled.has(e.key));
    entries.forEach((e) => delete e.sent);
    document.dispatchEvent(new CustomEvent("routine:answer", { detail: answer }));
    return entries.length && entries.length < before ? 0 : null;
  }

  // A sending that cannot be read goes again one by one, so that one bad entry loses no other.
  function apart(some) {
    if (some.length > 1) {
      some.forEach((e) => delete e.sent);
      atOnce = 1;
      return 0;
    }
    refused.push({ key: some[0].key, why: "It could not be read." });
    entries = entries.filter((e) => e !== some[0]);
    return 0;
  }

  function lost(some) {
    some.forEach((e) => delete e.sent);
    soon(RETRY_MS[Math.min(tries, RETRY_MS.length - 1)]);
    tries += 1;
  }

  window.addEventListener("online", () => soon(0));
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") soon(0);
  });
  window.addEventListener("load", () => soon(0));

  // The link has ended: what was not sent is shown once, to be told.
  document.addEventListener("DOMContentLoaded", () => {
    if (!document.body.hasAttribute("data-ended")) return;
    const box = document.getElementById("unsent");
    if (!entries.length) return forget();
    box.hidden = false;
    for (const e of entries) {
      const li = document.createElement("li");
      li.textContent = `${e.day}: ${(e.item || "the session").replaceAll("-", " ")}${e.pain ? ", pain " + e.pain : ""}`;
      box.querySelector("ul").append(li);
    }
    box.querySelector("[data-forget]").addEventListener("click", () => {
      forget();
      box.hidden = true;
    });
  });

  function forget() {
    entries = [];
    Object.keys(localStorage)
      .filter((key) => key.endsWith(BASE))
      .forEach((key) => localStorage.removeItem(key));
  }

  return { say, state, now, setClock, watch: (w) => watchers.push(w), send: () => soon(0) };
})();
