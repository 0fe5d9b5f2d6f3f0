"use strict";
// Sheet mode under fast typing: a number and Enter, on to the next, without waiting for the answer.
// What is typed is sent in order, one at a time; a try that is refused calls the hand back.
(function () {
  const sheet = () => document.querySelector(".sheet-mode");
  if (!sheet()) return;
  const HIP_TRIES = 3;
  const queue = [];
  let busy = false;
  let sending = null;

  const stops = () => [...document.querySelectorAll(".sheet-mode [data-stop]")].filter((s) => !s.disabled);
  const fresh = () => (window.crypto && crypto.randomUUID ? crypto.randomUUID() : String(Math.random()) + Date.now());
  const cellOf = (key) => document.querySelector(`[data-cell="${CSS.escape(key)}"]`);

  function send(cell, path, values) {
    const entry = cell.querySelector(".cell-entry");
    queue.push({ key: cell.dataset.cell, path, values });
    if (entry) cell.dataset.lastTyped = values.value || "";
    work();
  }

  async function work() {
    if (busy || !queue.length) return;
    busy = true;
    const job = queue.shift();
    sending = job;
    const cell = cellOf(job.key);
    if (cell) {
      const answer = htmx.ajax("POST", cell.dataset.base + job.path, { target: cell, swap: "outerHTML", values: job.values, source: cell });
      await Promise.resolve(answer).catch(() => {});
    }
    busy = false;
    sending = null;
    work();
  }

  function go(from, by) {
    const all = stops();
    const at = all.indexOf(from);
    const next = all[at + by];
    if (next) land(next);
  }

  function land(stop) {
    if (stop.matches("[role=radiogroup]")) (stop.querySelector("input:checked") || stop.querySelector("input")).focus();
    else stop.focus();
    if (stop.select) stop.select();
  }

  const stopOf = (node) => node.closest("[data-stop]");

  // How many tries of this card are on their way or there.
  const mine = (job, cell) => job && job.key === cell.dataset.cell && job.path === "/tries";
  const ahead = (cell) => Number(cell.dataset.tries) + [...queue, sending].filter((job) => mine(job, cell)).length;

  function take(entry) {
    const cell = entry.closest(".cell");
    if (entry.value.trim() === "") {
      go(entry, 1);
      return;
    }
    const values = {
      value: entry.value,
      correcting: cell.querySelector("[name=correcting]").value,
      confirm: cell.querySelector("[name=confirm]").value,
      method: cell.querySelector("[name=method]").value,
      submitKey: fresh(),
    };
    const hip = cell.dataset.cell.match(/^(standing-turn|seated-rotation|prone-rotation)\./);
    const more = hip && values.correcting === "" && ahead(cell) + 1 < HIP_TRIES;
    send(cell, "/tries", values);
    entry.value = "";
    if (!more) go(entry, 1);
  }

  document.addEventListener("submit", (event) => {
    if (!event.target.matches(".cell")) return;
    event.preventDefault();
    const entry = event.target.querySelector(".cell-entry");
    if (entry) take(entry);
  });

  document.addEventListener("change", (event) => {
    const group = event.target.closest(".cell-words");
    if (!group) return;
    send(group.closest(".cell"), "/words/" + group.dataset.slot, { value: event.target.value });
  });

  document.addEventListener("click", (event) => {
    const box = event.target.closest(".cell-try");
    if (!box) return;
    const cell = box.closest(".cell");
    cell.querySelector("[name=correcting]").value = box.dataset.correct;
    cell.querySelectorAll(".cell-try").forEach((b) => b.classList.toggle("editing", b === box));
    const entry = cell.querySelector(".cell-entry");
    entry.value = box.dataset.value;
    entry.focus();
    entry.select();
  });

  window.looseHipKeys.add((event) => {
    const stop = stopOf(event.target);
    if (!stop || !sheet().contains(stop)) return false;
    const cell = stop.closest(".cell");
    const entry = stop.matches(".cell-entry") ? stop : null;
    const words = stop.matches("[role=radiogroup]") ? stop : null;
    if (event.key === "Enter" && entry) take(entry);
    else if (event.key === "Enter" && words) go(stop, 1);
    else if (event.key === "ArrowDown") row(stop, 1);
    else if (event.key === "ArrowUp") row(stop, -1);
    else if (event.key === "ArrowRight" && (!entry || entry.selectionStart === entry.value.length)) go(stop, 1);
    else if (event.key === "ArrowLeft" && (!entry || entry.selectionEnd === 0 || entry.value === "")) go(stop, -1);
    else if (event.key === "x" && cell) send(cell, "/void", { row: "" });
    else if (event.key === "o" && cell && !words) location.href = cell.querySelector(".cell-open").href;
    else if (event.key === " " && entry && entry.dataset.seconds) window.looseHipStopwatch.toggle(entry.dataset.card);
    else if (event.key === "Escape" && entry) {
      cell.querySelector("[name=correcting]").value = "";
      entry.value = "";
      entry.dispatchEvent(new Event("input", { bubbles: true }));
    } else if (words && /^[a-z]$/.test(event.key) && choose(words, event.key)) go(stop, 1);
    else return Boolean(entry) && window.looseHipKeys.frame(event.key);
    return true;
  });

  // Goes on once everything typed here is saved.
  function leave(href) {
    if (busy || queue.length) setTimeout(() => leave(href), 40);
    else location.href = href;
  }
  document.addEventListener("click", (event) => {
    const link = event.target.closest("#measure a[href], .stations a[href]");
    if (!link || !(busy || queue.length)) return;
    event.preventDefault();
    leave(link.href);
  });

  // The first option that begins with the letter; sends it when it is new.
  function choose(group, letter) {
    const radio = [...group.querySelectorAll("input")].find((i) => i.value.startsWith(letter));
    if (!radio) return false;
    if (!radio.checked) {
      radio.checked = true;
      send(group.closest(".cell"), "/words/" + group.dataset.slot, { value: radio.value });
    }
    return true;
  }

  // Up and down keep the side.
  function row(stop, by) {
    const rows = [...document.querySelectorAll(".sheet-row-test")];
    const here = stop.closest(".sheet-row-test");
    if (!here) return go(stop, by);
    const side = [...here.querySelectorAll(".cell")].indexOf(stop.closest(".cell"));
    for (let i = rows.indexOf(here) + by; i >= 0 && i < rows.length; i += by) {
      const cells = [...rows[i].querySelectorAll(".cell")];
      const target = (cells[Math.min(side, cells.length - 1)] || document).querySelector("[data-stop]");
      if (target) return land(target);
    }
    if (by > 0) land(document.querySelector("[data-onward]"));
  }

  // A cell that is put anew keeps the focus and what was typed meanwhile.
  let held = null;
  document.addEventListener("htmx:beforeSwap", (event) => {
    const cell = event.detail.target;
    if (!cell.matches || !cell.matches(".cell")) return;
    const active = document.activeElement;
    const inside = cell.contains(active);
    const slot = inside && active.closest(".cell-words");
    const entry = cell.querySelector(".cell-entry");
    held = { key: cell.dataset.cell, inside, slot: slot ? slot.dataset.slot : null, typed: entry ? entry.value : "" };
  });
  document.addEventListener("htmx:afterSwap", () => {
    if (!held) return;
    const { key, inside, slot, typed } = held;
    held = null;
    const cell = cellOf(key);
    if (!cell) return;
    const entry = cell.querySelector(".cell-entry");
    const problem = cell.querySelector(".problem").textContent !== "";
    if (entry && typed && !problem) entry.value = typed;
    const another = cell.querySelector(".cell-advice") && cell.dataset.stay === "true" && !queue.length && !inside && !later(cell);
    if (problem || another) {
      if (entry) land(entry);
    } else if (inside) {
      const group = slot && cell.querySelector(`[data-slot="${CSS.escape(slot)}"]`);
      if (group) land(group);
      else if (entry) entry.focus();
    }
  });

  // Whether the hand has already gone on to type elsewhere.
  function later(cell) {
    const active = document.activeElement;
    const at = active && active.closest && active.closest(".cell");
    return Boolean(at && at !== cell && (active.value || "") !== "");
  }

  window.addEventListener("load", () => {
    const open = stops().find((s) => s.matches(".cell-entry") && s.closest(".cell").dataset.tries === "0");
    const words = stops().find((s) => s.matches("[role=radiogroup]") && !s.querySelector("input:checked"));
    const first = [open, words].filter(Boolean).sort((a, b) => (a.compareDocumentPosition(b) & 4 ? -1 : 1))[0];
    if (first && !window.matchMedia("(pointer: coarse)").matches) land(first);
  });
})();
