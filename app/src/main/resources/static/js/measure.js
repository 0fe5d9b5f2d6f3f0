"use strict";
// Run mode under one hand: number pad, keys, and the arc that grows while digits come.
(function () {
  const form = () => document.getElementById("try-form");
  const entry = () => document.getElementById("entry");
  const touch = window.matchMedia("(pointer: coarse)").matches;
  let inFlight = null;

  function typed() {
    const value = parseFloat(entry().value.replace(",", "."));
    return Number.isFinite(value) ? value : 0;
  }

  function arc() {
    const path = document.getElementById("typed-arc");
    if (!path) return;
    const turn = Math.max(0, Math.min(180, typed()));
    const a = Math.PI * (1 - turn / 180);
    const x = 55 + 45 * Math.cos(a);
    const y = 55 - 45 * Math.sin(a);
    path.setAttribute("d", turn ? `M10 55A45 45 0 0 1 ${x.toFixed(1)} ${y.toFixed(1)}` : "");
  }

  function put(text) {
    const input = entry();
    if (!input) return;
    input.value += text;
    input.dispatchEvent(new Event("input", { bubbles: true }));
  }

  // A key pressed while a try is being saved waits for it, so that it meets the fresh page.
  const waiting = [];
  function post(path, values) {
    if (form().classList.contains("htmx-request")) {
      waiting.push([path, values]);
      return;
    }
    htmx.ajax("POST", form().dataset.base + path, { target: "#live", swap: "outerHTML", values, source: "#try-form" });
  }

  const busy = () => waiting.length > 0 || form().classList.contains("htmx-request");

  // Goes on once everything chosen here is saved.
  function leave(href) {
    if (form() && busy()) setTimeout(() => leave(href), 40);
    else location.href = href;
  }
  document.addEventListener("click", (event) => {
    const link = form() && event.target.closest("#measure a[href], .stations a[href]");
    if (!link || !busy()) return;
    event.preventDefault();
    leave(link.href);
  });

  // A word is sent as soon as it is chosen; a second one waits its turn.
  document.addEventListener("change", (event) => {
    const slot = event.target.closest("#try-form .word-row") && event.target.dataset.slot;
    if (slot) post("/words/" + slot, { value: event.target.value });
  });

  function stopCorrecting() {
    document.getElementById("correcting").value = "";
    const label = document.getElementById("entry-label");
    if (label && label.dataset.plain) label.textContent = label.dataset.plain;
    entry().value = "";
    arc();
  }

  document.addEventListener("input", (event) => {
    if (event.target.id === "entry") arc();
  });

  document.addEventListener("click", (event) => {
    if (!form()) return;
    const hit = (selector) => event.target.closest(selector);
    const digit = hit("[data-digit]");
    if (digit) put(digit.dataset.digit);
    if (hit("[data-back]")) {
      entry().value = entry().value.slice(0, -1);
      arc();
    }
    if (hit("[data-minus]")) {
      entry().value = entry().value.startsWith("-") ? entry().value.slice(1) : "-" + entry().value;
      arc();
    }
    if (hit("[data-void]")) post("/void", {});
    if (hit("[data-pain-open]")) pain();
    const box = hit("[data-correct]");
    if (box) {
      const label = document.getElementById("entry-label");
      label.dataset.plain = label.dataset.plain || label.textContent;
      label.textContent = "correcting the " + box.dataset.label;
      document.getElementById("correcting").value = box.dataset.correct;
      entry().value = box.dataset.value;
      entry().focus();
      entry().select();
      arc();
    }
  });

  function pain() {
    const line = document.getElementById("pain-line");
    if (!line) return;
    line.hidden = !line.hidden;
    document.querySelector("[data-pain-open]").setAttribute("aria-expanded", String(!line.hidden));
    if (!line.hidden) document.getElementById("pain-level").focus();
  }

  function skip() {
    const card = document.querySelector("details.skip-test");
    if (!card) return;
    card.open = !card.open;
    if (card.open) card.querySelector("button").focus();
  }

  window.looseHipKeys.add((event) => {
    if (!form()) return false;
    const inEntry = event.target.id === "entry";
    const elsewhere = event.target.closest("input:not([type=checkbox]):not([type=radio]),select,textarea") && !inEntry;
    if (elsewhere) return false;
    const empty = !entry() || entry().value === "";
    const go = (selector) => {
      const link = document.querySelector(selector);
      if (link) leave(link.href);
    };
    if (event.key === "," && (empty || !inEntry)) go("[data-previous]");
    else if (event.key === "." && (empty || !inEntry)) go("[data-next]");
    else if (event.key === "x" && entry()) post("/void", {});
    else if (event.key === "c" && entry()) compensation();
    else if (event.key === "p" && entry()) pain();
    else if (event.key === " " && document.querySelector("[data-stopwatch]")) window.looseHipStopwatch.toggle(document.querySelector("[data-stopwatch]").dataset.stopwatch);
    else if (!entry() && /^[a-z]$/.test(event.key) && choose(event.key)) return true;
    else if (event.key === "k" && !event.target.closest(".skip-card")) skip();
    else if (event.key === "Escape" && inEntry) stopCorrecting();
    else if (/^[0-9]$/.test(event.key) && !inEntry && entry() && event.target.closest("#try-form")) put(event.key);
    else return inEntry && window.looseHipKeys.frame(event.key);
    return true;
  });

  // Tests told in words: a letter answers the first open line with the option it begins.
  function choose(letter) {
    const rows = [...document.querySelectorAll(".words-only .word-row")];
    const row = rows.find((r) => !r.querySelector("input:checked"));
    const radio = row && [...row.querySelectorAll("input")].find((i) => i.value.startsWith(letter));
    if (radio) radio.click();
    return Boolean(radio);
  }

  // c goes through the compensations one by one, then to none again.
  function compensation() {
    const boxes = [...document.querySelectorAll("[data-compensation]")];
    if (!boxes.length) return;
    const at = boxes.findIndex((b) => b.checked);
    if (at >= 0) boxes[at].checked = false;
    if (at + 1 < boxes.length) boxes[at + 1].checked = true;
  }

  // A digit typed while a try is being saved belongs to the next one.
  document.addEventListener("htmx:beforeRequest", (event) => {
    if (event.detail.elt.id !== "try-form" || !entry()) return;
    inFlight = { sent: entry().value };
    event.detail.elt.dataset.lastTyped = entry().value;
    if (!touch) setTimeout(() => entry() && inFlight && entry().select(), 0);
  });
  document.addEventListener("htmx:beforeSwap", (event) => {
    if (event.detail.target.id !== "live" || !inFlight || !entry()) return;
    inFlight.since = entry().value !== inFlight.sent ? entry().value : "";
  });
  document.addEventListener("htmx:afterSwap", (event) => {
    if (event.detail.target.id !== "live") return;
    if (inFlight && inFlight.since && entry() && entry().value === "") entry().value = inFlight.since;
    inFlight = null;
    if (entry() && !touch) entry().focus();
    arc();
  });
  document.addEventListener("htmx:afterSettle", () => {
    setTimeout(() => {
      if (waiting.length && form()) post(...waiting.shift());
    }, 0);
  });
  window.addEventListener("load", () => {
    if (entry()) {
      if (touch) entry().setAttribute("inputmode", "none");
      else entry().focus();
      arc();
    }
  });
})();
