"use strict";
// Run mode under one hand: number pad, keys, and the arc that grows while digits come.
(function () {
  const form = () => document.getElementById("try-form");
  const entry = () => document.getElementById("entry");
  const touch = window.matchMedia("(pointer: coarse)").matches;
  let inFlight = null;
  let painOpen = false;
  let inHand = false;

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

  // A tap or key while something is being saved waits for it, so that it meets the fresh page: what it
  // sends is worked out only then.
  const waiting = [];
  let sending = 0;
  const saving = () => sending > 0 || form().classList.contains("htmx-request");
  function post(path, values) {
    if (saving()) {
      waiting.push([path, values]);
      return;
    }
    sending++;
    const done = () => sending--;
    htmx
      .ajax("POST", form().dataset.base + path, { target: "#live", swap: "outerHTML", values: values(), source: "#try-form" })
      .then(done, done)
      .then(() => setTimeout(next, 0));
  }
  function next() {
    if (waiting.length && form() && !saving()) post(...waiting.shift());
  }

  const busy = () => waiting.length > 0 || saving();

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
    if (form() && event.target.matches("[data-compensation]")) seen(event.target);
    if (form() && event.target.matches("[data-pain-level], [data-pain-site]")) hurts();
    const slot = event.target.closest("#try-form .word-row") && event.target.dataset.slot;
    const value = event.target.value;
    if (slot) post("/words/" + slot, () => ({ value }));
  });

  function stopCorrecting() {
    document.getElementById("correcting").value = "";
    const label = document.getElementById("entry-label");
    if (label && label.dataset.plain) label.textContent = label.dataset.plain;
    entry().value = "";
    showsTaken();
    arc();
  }

  // The first digit of a new try takes the chips with it; with the last one gone they go back.
  document.addEventListener("input", (event) => {
    if (event.target.id !== "entry") return;
    arc();
    if (row()) return;
    if (entry().value === "") showsTaken();
    else if (!inHand && document.querySelector("[data-seen-in]")) shows([], "this try");
    inHand = entry().value !== "";
  });

  // Taking nothing goes on.
  document.addEventListener(
    "submit",
    (event) => {
      if (event.target.id !== "try-form" || !entry() || entry().value.trim() !== "" || row()) return;
      event.preventDefault();
      event.stopPropagation();
      leave(document.querySelector("[data-next]").href);
    },
    true,
  );

  document.addEventListener("click", (event) => {
    if (!form()) return;
    const hit = (selector) => event.target.closest(selector);
    const digit = hit("[data-digit]");
    if (digit) put(digit.dataset.digit);
    if (hit("[data-back]")) {
      entry().value = entry().value.slice(0, -1);
      entry().dispatchEvent(new Event("input", { bubbles: true }));
    }
    if (hit("[data-minus]")) {
      entry().value = entry().value.startsWith("-") ? entry().value.slice(1) : "-" + entry().value;
      arc();
    }
    if (hit("[data-void]")) voids();
    if (hit("[data-pain-open]")) pain();
    const box = hit("[data-correct]");
    if (box) {
      const label = document.getElementById("entry-label");
      label.dataset.plain = label.dataset.plain || label.textContent;
      label.textContent = "correcting the " + box.dataset.label;
      document.getElementById("correcting").value = box.dataset.correct;
      entry().value = box.dataset.value;
      showsIn(box);
      if (!touch) {
        entry().focus();
        entry().select();
      }
      arc();
    }
  });

  // The try a tap acts on: the one being corrected, else none is named and the last one is meant.
  const row = () => document.getElementById("correcting").value;

  const boxOf = (rowId) => document.querySelector(`[data-correct="${rowId}"]`);

  // The try already taken that what is seen belongs to, if any: nothing new stands in the field.
  function onTaken() {
    const chips = document.querySelector("[data-seen-in]");
    const corrected = row() && boxOf(row());
    if (corrected) return entry().value === corrected.dataset.value ? corrected : null;
    return chips && entry().value === "" ? boxOf(chips.dataset.seenIn) : null;
  }

  // A taken try as it stands when something is sent: each save gives it another row.
  const rowNow = (label) => {
    const box = document.querySelector(`[data-correct][data-label="${label}"]`);
    return box ? box.dataset.correct : "";
  };

  function voids() {
    const box = row() && boxOf(row());
    post("/void", () => ({ row: box ? rowNow(box.dataset.label) : "" }));
  }

  // The chips tell what was seen in one try, and say in which.
  function shows(ids, words) {
    document.querySelectorAll("[data-compensation]").forEach((c) => (c.checked = ids.includes(c.value)));
    const of = document.querySelector("[data-chips-for]");
    if (of) of.textContent = words;
  }

  function showsIn(box) {
    shows((box.dataset.seen || "").split(" "), box.dataset.label + ", " + box.dataset.value);
  }

  function showsTaken() {
    const chips = document.querySelector("[data-seen-in]");
    const box = chips && boxOf(chips.dataset.seenIn);
    if (box) showsIn(box);
  }

  // Tapped before the number it goes with the try; after it, it is saved at once.
  function seen(chip) {
    const taken = onTaken();
    if (taken) post("/compensations", () => ({ row: rowNow(taken.dataset.label), value: chip.value }));
  }

  // Pain is saved as it is tapped; its place as it is left.
  function hurts() {
    const level = document.querySelector("[data-pain-level]:checked");
    const site = document.getElementById("pain-site").value;
    if (level) post("/pain", () => ({ level: level.value, site }));
  }

  function pain() {
    const line = document.getElementById("pain-line");
    if (!line) return;
    line.hidden = !line.hidden;
    document.querySelector("[data-pain-open]").setAttribute("aria-expanded", String(!line.hidden));
    painOpen = !line.hidden;
    if (painOpen) (line.querySelector(":checked") || line.querySelector("input")).focus();
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
    else if (event.key === "x" && entry()) voids();
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
    const turn = [boxes[at], boxes[at + 1]].filter(Boolean);
    turn.forEach((b) => (b.checked = !b.checked));
    turn.forEach(seen);
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
    const line = document.getElementById("pain-line");
    if (line && painOpen) line.hidden = false;
    else if (entry() && !touch) entry().focus();
    inHand = Boolean(entry() && entry().value !== "" && !row());
    if (inHand) shows([], "this try");
    arc();
  });
  document.addEventListener("htmx:afterSettle", () => setTimeout(next, 0));
  window.addEventListener("load", () => {
    if (entry()) {
      if (touch) entry().setAttribute("inputmode", "none");
      else entry().focus();
      arc();
    }
  });
})();
