"use strict";
// What is done while measuring goes out in order, one at a time. While there is no answer it waits
// here and in this tab, so that neither a lost line nor a reload loses a try: each carries a key of
// its own, and sent twice it counts once.
window.looseHipQueue = (function () {
  const STORE = "loosehip.waiting";
  const RETRY_MS = 2000;
  const jobs = JSON.parse(sessionStorage.getItem(STORE) || "[]");
  const watchers = [];
  let sending = null;
  let outcome = null;
  let stopped = false;
  let held = false;
  let leaving = false;

  const fresh = () => (window.crypto && crypto.randomUUID ? crypto.randomUUID() : String(Math.random()) + Date.now());
  const busy = () => sending !== null || jobs.length > 0;
  const waiting = (url) => jobs.filter((job) => job.url === url);
  const unsent = (url) => waiting(url).filter((job) => job !== sending);

  function remember() {
    sessionStorage.setItem(STORE, JSON.stringify(jobs));
    watchers.forEach((watcher) => watcher());
  }

  // Sends something as soon as all before it is saved. `latest` works out, only then, what may have
  // changed meanwhile: the row of a try that was corrected.
  function post(job, latest) {
    jobs.push({ ...job });
    if (latest) jobs[jobs.length - 1].latest = latest;
    remember();
    next();
  }

  // What was refused is settled first; what waits comes after it.
  function first(job, latest) {
    jobs.unshift({ ...job });
    if (latest) jobs[0].latest = latest;
    held = false;
    remember();
    next();
  }

  // While the next test is fetched nothing is sent; what came up meanwhile goes out from there.
  const onward = () => Boolean(window.looseHipCards) && window.looseHipCards.going();

  function next() {
    if (onward() || sending || stopped || held || !jobs.length || !document.getElementById("measure")) return;
    sending = jobs[0];
    outcome = null;
    const here = document.querySelector(`[data-base="${CSS.escape(sending.base)}"]`) && document.querySelector(sending.target);
    const values = { ...sending.values, ...(here && sending.latest ? sending.latest() : {}) };
    const answer = here
      ? window.htmx.ajax("POST", sending.url, { target: sending.target, swap: "outerHTML", values, source: "#measure" })
      : elsewhere(sending.url, values);
    Promise.resolve(answer)
      .catch(() => {})
      .then(done);
  }

  // What was done on another test or another golfer is saved; its answer has no place on this page.
  function elsewhere(url, values) {
    const form = new URLSearchParams();
    for (const [name, value] of Object.entries(values)) [value].flat().forEach((v) => form.append(name, v));
    const headers = { ...JSON.parse(document.body.getAttribute("hx-headers")), "HX-Request": "true" };
    return fetch(url, { method: "POST", headers, body: form }).then(
      (answer) => (outcome = answer.ok ? null : answer.status),
      () => (outcome = "lost"),
    );
  }

  function done() {
    const lost = outcome === "lost" || outcome >= 500;
    stopped = outcome === 401 || outcome === 403;
    if (!lost && !stopped) jobs.splice(jobs.indexOf(sending), 1);
    sending = null;
    remember();
    setTimeout(next, lost ? RETRY_MS : 0);
  }

  const mine = (event) => event.detail.elt.id === "measure";
  document.addEventListener("htmx:sendError", (event) => {
    if (mine(event)) outcome = "lost";
  });
  document.addEventListener("htmx:responseError", (event) => {
    if (mine(event)) outcome = event.detail.xhr.status;
  });
  window.addEventListener("online", next);
  window.addEventListener("beforeunload", (event) => {
    if (jobs.length && !stopped && !leaving) event.preventDefault();
  });

  // Goes on once everything done here is saved. Something refused keeps the hand here when a number
  // was taken on the way; what waits behind it is kept and sent from the next page.
  function leave(href, minding) {
    if (held && minding) return;
    if (busy() && !held && !stopped) {
      setTimeout(() => leave(href, minding), 40);
      return;
    }
    // A page that may not save any more is left as a whole: the next one may.
    if (!stopped && window.looseHipCards && window.looseHipCards.ours(href)) {
      window.looseHipCards.go(href);
      return;
    }
    leaving = true;
    location.href = href;
  }
  document.addEventListener("click", (event) => {
    const link = event.target.closest("#measure a[href], .stations a[href]");
    if (!link || !busy() || event.defaultPrevented) return;
    event.preventDefault();
    leave(link.href);
  });

  window.addEventListener("load", next);
  document.addEventListener("loosehip:card", () => {
    held = false;
    next();
  });

  return {
    post,
    first,
    fresh,
    busy,
    behind: () => jobs.length - (sending ? 1 : 0),
    waiting,
    unsent,
    leave,
    watch: (watcher) => watchers.push(watcher),
    hold: () => (held = true),
    release: () => {
      held = false;
      next();
    },
    held: () => held,
  };
})();
