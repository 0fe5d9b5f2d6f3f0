"use strict";
// Sheet mode under fast typing: a number and Enter, on to the next, without waiting for the answer.
// What is typed is sent in order, one at a time; a try that is refused calls the hand back.
(function () {
  const sheet = () => document.querySelector(".sheet-mode");
  if (!sheet()) return;
  const HIP_TRIES = 3;
  const queue = window.looseHipQueue;

  const stops = () => [...document.querySelectorAll(".sheet-mode [data-stop]")].filter((s) => !s.disabled);
  const cellOf = (key) => document.querySelector(`[data-cell="${CSS.escape(key)}"]`);

  const send = (cell, path, values) => queue.post({ base: cell.dataset.base, url: cell.dataset.base + path, target: `[data-cell="${cell.dataset.cell}"]`, values });

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
  const ahead = (cell) => Number(cell.dataset.tries) + queue.waiting(cell.dataset.base + "/tries").length;

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
      submitKey: queue.fresh(),
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

  // The try meant: the one being corrected, else the last one.
  const row = (cell) => cell.querySelector("[name=correcting]").value;

  document.addEventListener("change", (event) => {
    const cell = event.target.closest(".cell");
    const group = event.target.closest(".cell-words");
    if (group) send(cell, "/words/" + group.dataset.slot, { value: event.target.value });
    if (event.target.matches("[data-cell-seen]")) send(cell, "/compensations", { row: row(cell), value: event.target.value, seen: event.target.checked });
    if (event.target.matches("[data-cell-pain], [data-cell-site]")) hurts(cell);
    if (event.target.matches("[data-cell-note]")) send(cell, "/note", { note: event.target.value });
  });

  function hurts(cell) {
    const level = cell.querySelector("[data-cell-pain]").value.trim() || "0";
    send(cell, "/pain", { level, site: cell.querySelector("[data-cell-site]").value });
  }

  // What is rarer stands folded in the cell, and opens where the hand is.
  function more(cell, field) {
    const details = cell.querySelector(".cell-more");
    details.open = true;
    const input = details.querySelector(field);
    input.focus();
    input.select();
  }

  // c goes through the compensations of the last try one by one, then to none again.
  function compensation(cell) {
    const boxes = [...cell.querySelectorAll("[data-cell-seen]")];
    const at = boxes.findIndex((b) => b.checked);
    const turn = [boxes[at], boxes[at + 1]].filter(Boolean);
    turn.forEach((b) => (b.checked = !b.checked));
    turn.forEach((b) => send(cell, "/compensations", { row: row(cell), value: b.value, seen: b.checked }));
  }

  document.addEventListener("click", (event) => {
    const away = event.target.closest("[data-cell-void]");
    if (away) send(away.closest(".cell"), "/void", { row: row(away.closest(".cell")) });
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

  // Where the hands go next: the first number or word that is open.
  function firstOpen() {
    const open = (s) => (s.matches(".cell-entry") ? s.closest(".cell").dataset.tries === "0" : s.matches("[role=radiogroup]") && !s.querySelector("input:checked"));
    return stops().find(open);
  }

  // A digit typed beside the fields goes into the next open number, never to another station.
  function beside(event) {
    const field = event.target.closest("input,select,textarea");
    if (field || !/^[0-9]$/.test(event.key)) return false;
    const open = firstOpen();
    const entry = open && open.matches(".cell-entry") ? open : null;
    if (entry) {
      land(entry);
      entry.value = event.key;
      entry.dispatchEvent(new Event("input", { bubbles: true }));
      entry.setSelectionRange(1, 1);
    }
    return true;
  }

  // In the fields of a folded part: Enter saves and goes back to the number.
  function inMore(event) {
    const cell = event.target.closest(".cell");
    if (event.key !== "Enter" && event.key !== "Escape") return false;
    event.target.blur();
    cell.querySelector(".cell-more").open = false;
    land(cell.querySelector("[data-stop]"));
    return true;
  }

  // Letters act here or do nothing: none of them leaves the page while numbers are typed.
  const letter = (key) => /^[a-z]$/i.test(key);

  window.looseHipKeys.add((event) => {
    if (event.target.closest(".cell-more input:not([type=checkbox])")) return inMore(event);
    const stop = stopOf(event.target);
    if (!stop || !sheet().contains(stop)) return beside(event);
    const cell = stop.closest(".cell");
    const entry = stop.matches(".cell-entry") ? stop : null;
    const words = stop.matches("[role=radiogroup]") ? stop : null;
    if (event.key === "Enter" && entry) take(entry);
    else if (event.key === "Enter" && words) go(stop, 1);
    else if (event.key === "ArrowDown") rowBy(stop, 1);
    else if (event.key === "ArrowUp") rowBy(stop, -1);
    else if (event.key === "ArrowRight" && (!entry || entry.selectionStart === entry.value.length)) go(stop, 1);
    else if (event.key === "ArrowLeft" && (!entry || entry.selectionEnd === 0 || entry.value === "")) go(stop, -1);
    else if (words && letter(event.key)) choose(words, event.key.toLowerCase()) && go(stop, 1);
    else if (event.key === "x" && entry) send(cell, "/void", { row: row(cell) });
    else if (event.key === "c" && entry) compensation(cell);
    else if (event.key === "p" && entry) more(cell, "[data-cell-pain]");
    else if (event.key === "n" && entry) more(cell, "[data-cell-note]");
    else if (event.key === " " && entry && entry.dataset.seconds) window.looseHipStopwatch.toggle(entry.dataset.card);
    else if (event.key === "Escape" && entry) {
      cell.querySelector("[name=correcting]").value = "";
      entry.value = "";
      entry.dispatchEvent(new Event("input", { bubbles: true }));
    } else return letter(event.key) || (!entry && /^[0-9]$/.test(event.key)) || (event.key === "?" && window.looseHipKeys.frame("?"));
    return true;
  });

  // The first option that begins with the letter; sends it when it is new.
  function choose(group, letter) {
    const all = [...group.querySelectorAll("input")];
    const radio = all.find((i) => i.dataset.letter === letter) || all.find((i) => i.value.startsWith(letter));
    if (!radio) return false;
    if (!radio.checked) {
      radio.checked = true;
      send(group.closest(".cell"), "/words/" + group.dataset.slot, { value: radio.value });
    }
    return true;
  }

  // Up and down keep the side.
  function rowBy(stop, by) {
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
    const part = inside && active.closest(".cell-more input");
    held = {
      key: cell.dataset.cell,
      inside,
      slot: slot ? slot.dataset.slot : null,
      typed: entry ? entry.value : "",
      open: cell.querySelector(".cell-more") && cell.querySelector(".cell-more").open,
      part: part ? [...cell.querySelectorAll(".cell-more input")].indexOf(part) : -1,
      said: part ? part.value : "",
    };
  });
  document.addEventListener("htmx:afterSwap", () => {
    if (!held) return;
    const { key, inside, slot, typed, open, part, said } = held;
    held = null;
    const cell = cellOf(key);
    if (!cell) return;
    const entry = cell.querySelector(".cell-entry");
    if (open && cell.querySelector(".cell-more")) cell.querySelector(".cell-more").open = true;
    const field = part >= 0 && cell.querySelectorAll(".cell-more input")[part];
    const problem = cell.querySelector(".problem").textContent !== "";
    if (entry && typed && !problem) entry.value = typed;
    const another = cell.querySelector(".cell-advice") && cell.dataset.stay === "true" && queue.behind() === 0 && !inside && !later(cell);
    if (problem || another) {
      if (entry) land(entry);
    } else if (field) {
      if (field.type !== "checkbox") field.value = said;
      field.focus();
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
    const first = firstOpen();
    if (first && !window.matchMedia("(pointer: coarse)").matches) land(first);
  });
})();
