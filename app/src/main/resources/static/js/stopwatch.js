"use strict";
// One stopwatch at a time. It keeps running when the page is left, because a golfer still stands on
// one leg while the trainer looks at another page; every page says so and leads back.
window.looseHipStopwatch = (function () {
  const STORE = "loosehip.stopwatch";
  const golfer = () => document.body.dataset.golfer || "";
  let timer = null;

  const running = () => JSON.parse(sessionStorage.getItem(STORE) || "null");
  const seconds = (watch) => (Date.now() - watch.from) / 1000;
  const buttonOf = (card) => document.querySelector(`[data-stopwatch="${CSS.escape(card)}"]`);
  const entryOf = (card) => document.querySelector(`[data-pad-entry][data-card="${CSS.escape(card)}"]`);

  function say(button, words) {
    const place = button && button.querySelector("[data-watch-words]");
    if (place) place.textContent = words;
  }

  function tick() {
    const watch = running();
    if (!watch) return;
    const here = watch.golfer === golfer() ? buttonOf(watch.card) : null;
    say(here, "Stop at " + seconds(watch).toFixed(1) + " s");
    banner(here ? null : watch);
  }

  // Somewhere else than where it was started: say so.
  function banner(watch) {
    let node = document.getElementById("watch-running");
    if (!watch) {
      if (node) node.remove();
      return;
    }
    if (!node) {
      node = document.createElement("div");
      node.id = "watch-running";
      node.className = "kept";
      node.setAttribute("role", "status");
      const words = document.createElement("span");
      words.className = "watch-words";
      const back = document.createElement("a");
      back.href = watch.page;
      back.textContent = "Back to it";
      const drop = document.createElement("button");
      drop.type = "button";
      drop.className = "btn btn-plain";
      drop.textContent = "Drop it";
      drop.addEventListener("click", () => {
        forget();
        banner(null);
      });
      node.append(words, " ", back, " ", drop);
      document.getElementById("kept").after(node);
    }
    node.querySelector(".watch-words").textContent = `A stopwatch is running: ${watch.name}, ${seconds(watch).toFixed(0)} s.`;
  }

  function forget() {
    sessionStorage.removeItem(STORE);
    clearInterval(timer);
    timer = null;
  }

  // Starts on this card, or stops and puts the whole seconds into its entry.
  function toggle(card) {
    const watch = running();
    if (watch && watch.golfer === golfer() && watch.card === card) {
      const entry = entryOf(card);
      forget();
      say(buttonOf(card), "Start stopwatch");
      if (entry) {
        entry.value = String(Math.round(seconds(watch)));
        entry.dispatchEvent(new Event("input", { bubbles: true }));
        entry.focus();
      }
      return;
    }
    if (watch) return;
    const name = (entryOf(card) && entryOf(card).getAttribute("aria-label")) || document.querySelector("h1").textContent;
    sessionStorage.setItem(STORE, JSON.stringify({ golfer: golfer(), card, name, page: location.pathname + location.search, from: Date.now() }));
    timer = setInterval(tick, 100);
    tick();
  }

  document.addEventListener("click", (event) => {
    const button = event.target.closest("[data-stopwatch]");
    if (button) toggle(button.dataset.stopwatch);
  });

  function wake() {
    if (!running()) return;
    timer = timer || setInterval(tick, 100);
    tick();
  }
  if (document.readyState === "complete") wake();
  else window.addEventListener("load", wake);

  return { toggle };
})();
