"use strict";
// A week of the log by keys. What is pressed goes out in order; the cell in hand keeps its place
// while answers come.
(function () {
  const grid = () => document.getElementById("log-grid");
  const WHOLE = "whole";
  const jobs = [];
  let sending = false;
  let at = null;
  let figure = null;

  const cells = () => [...grid().querySelectorAll("tbody tr")].map((row) => [...row.querySelectorAll("td")]);
  const inHand = () => document.activeElement.closest && document.activeElement.closest("#log-grid td");
  const find = (place) => place && grid().querySelector(`td[data-day="${place.day}"][data-thing="${place.thing}"]`);
  const placeOf = (cell) => ({ day: cell.dataset.day, thing: cell.dataset.thing });

  function hold(cell, focus) {
    if (!cell) return;
    grid().querySelectorAll("td[tabindex='0']").forEach((c) => (c.tabIndex = -1));
    cell.tabIndex = 0;
    at = placeOf(cell);
    if (focus) cell.focus();
  }

  function move(cell, down, across) {
    const all = cells();
    const row = all.findIndex((r) => r.includes(cell));
    let r = row;
    let c = all[row].indexOf(cell);
    do {
      r += down;
      c += across;
    } while (all[r] && all[r][c] && all[r][c].dataset.takes !== "true");
    if (all[r] && all[r][c]) hold(all[r][c], true);
  }

  function send(place, values) {
    jobs.push({ place, values });
    next();
  }

  function next() {
    if (sending || !jobs.length) return;
    sending = true;
    const { place, values } = jobs[0];
    window.htmx
      .ajax("POST", `${grid().dataset.base}/${place.day}/grid`, { source: "#log-weeks", swap: "none", values: { item: place.thing === WHOLE ? "" : place.thing, ...values } })
      .catch(() => {})
      .then(() => {
        jobs.shift();
        sending = false;
        next();
      });
  }

  document.addEventListener("focusin", (event) => {
    const cell = event.target.closest("#log-grid td");
    if (!cell) return;
    // An answer that comes back puts the hand where it was; a figure begun goes on.
    if (!at || at.day !== cell.dataset.day || at.thing !== cell.dataset.thing) figure = null;
    hold(cell, false);
  });
  document.addEventListener("click", (event) => {
    const cell = event.target.closest("#log-grid td");
    if (!cell || cell.dataset.takes !== "true") return;
    const again = at && find(at) === cell && inHand() === cell;
    hold(cell, true);
    if (again || window.matchMedia("(pointer: coarse)").matches) send(placeOf(cell), { what: cell.className === "cell-open" ? "asked" : "less" });
  });

  // A figure after e or p: 1 waits a moment for a 0.
  let ten = 0;
  function takes(digit) {
    const { place, what } = figure;
    if (ten) {
      clearTimeout(ten);
      ten = 0;
      if (digit === "0") {
        figure = null;
        send(place, { what, value: "10" });
        return;
      }
    }
    if (digit === "1") {
      ten = setTimeout(() => {
        ten = 0;
        figure = null;
        send(place, { what, value: "1" });
      }, 500);
      return;
    }
    figure = null;
    send(place, { what, value: digit });
  }

  window.looseHipKeys.add((event) => {
    const cell = grid() && inHand();
    if (!cell) return false;
    const place = placeOf(cell);
    const moves = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] };
    if (/^[0-9]$/.test(event.key) && figure) {
      takes(event.key);
      return true;
    }
    // What waited for a 0 is a 1 once another key comes.
    if (ten) {
      clearTimeout(ten);
      ten = 0;
      send(figure.place, { what: figure.what, value: "1" });
    }
    figure = null;
    const says = { " ": "asked", "+": "more", "-": "less", x: "clear", Delete: "clear" }[event.key];
    if (moves[event.key]) move(cell, ...moves[event.key]);
    else if (event.key === "a") send({ day: place.day, thing: WHOLE }, { what: "asked" });
    else if (event.key === "e" || event.key === "p") figure = { place, what: event.key === "e" ? "effort" : "pain" };
    else if (says) send(place, { what: says });
    else return false;
    return true;
  });

  document.addEventListener("htmx:oobAfterSwap", (event) => {
    if (event.detail.target.id !== "log-weeks" || !at) return;
    const had = document.activeElement === document.body || inHand();
    hold(find(at), Boolean(had));
  });

  window.addEventListener("load", () => {
    if (!grid()) return;
    const shown = grid().querySelector("thead a[aria-current]");
    const column = shown ? [...grid().querySelectorAll("thead th")].indexOf(shown.parentElement) : 0;
    const first = cells()[0];
    const cell = first[column] && first[column].dataset.takes === "true" ? first[column] : first.find((c) => c.dataset.takes === "true");
    hold(cell, !window.matchMedia("(pointer: coarse)").matches && !location.hash);
  });
})();
