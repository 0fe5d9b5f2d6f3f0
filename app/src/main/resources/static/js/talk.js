"use strict";
// Talk: cautions as one list to search and tap, and days away on a calendar.
(function () {
  const list = document.getElementById("caution-list");
  const search = document.getElementById("caution-search");

  const words = (row) => row.dataset.words.toLowerCase();
  const rows = () => [...list.querySelectorAll("li")];

  function find() {
    const typed = search.value.trim().toLowerCase();
    let found = 0;
    for (const row of rows()) {
      const chosen = row.querySelector(".either input:checked");
      const match = typed.split(/\s+/).every((word) => words(row).includes(word));
      row.hidden = !chosen && !match;
      if (match) found++;
    }
    document.getElementById("caution-none").hidden = found > 0;
  }

  // A caution with sides asks for the side; one without is noted at once.
  function ask(row) {
    const yes = row.dataset.sided === "true" ? null : row.querySelector(".either input");
    if (yes) yes.click();
    else {
      row.classList.toggle("asking");
      const side = row.querySelector(".either input");
      if (row.classList.contains("asking")) side.focus();
    }
    row.querySelector("[data-caution]").setAttribute("aria-expanded", String(row.classList.contains("asking")));
  }

  if (list && search) {
    search.addEventListener("input", find);
    list.addEventListener("click", (event) => {
      const asked = event.target.closest("[data-caution]");
      if (asked) ask(asked.closest("li"));
    });
    list.addEventListener("change", () => {
      if (search.value === "") return;
      search.value = "";
      find();
    });
  }

  // By keyboard: consent, and which hand.
  const keys = { c: "consent", r: "who-handed-right", l: "who-handed-left" };
  window.looseHipKeys.add((event) => {
    const typing = event.target.closest("input:not([type=checkbox]):not([type=radio]),select,textarea");
    const box = !typing && document.getElementById(keys[event.key] || "");
    if (box) box.click();
    return Boolean(box);
  });

  window.looseHipKeys.add((event) => {
    if (event.target !== search || event.key !== "Enter") return false;
    const first = rows().find((row) => !row.hidden && !row.querySelector(".either input:checked"));
    if (first) ask(first);
    return true;
  });

  // The days tapped are the days of the field beside them.
  const away = document.querySelector(".away-days");
  const field = away && document.getElementById(away.dataset.field);
  const days = () => [...away.querySelectorAll("input:checked")].map((d) => d.value);
  function say() {
    const n = days().length;
    document.getElementById("away-said").textContent = n === 0 ? "none" : n === 1 ? "1 day" : n + " days";
  }
  if (away) {
    const shown = () => new Set([...away.querySelectorAll("input")].map((d) => d.value));
    away.addEventListener("change", () => {
      const elsewhere = field.value.split(/[\s,]+/).filter((d) => d && !shown().has(d));
      field.value = [...elsewhere, ...days()].sort().join(" ");
      field.dispatchEvent(new Event("change", { bubbles: true }));
      say();
    });
    field.addEventListener("change", () => {
      const typed = new Set(field.value.split(/[\s,]+/));
      away.querySelectorAll("input").forEach((d) => (d.checked = typed.has(d.value)));
      say();
    });
  }
  // What follows from a caution is open where there is room; on a phone its counts stand there.
  const room = window.matchMedia("(min-width: 901px)");
  function unfold() {
    if (!room.matches) return;
    for (const all of document.querySelectorAll(".follows")) all.open = true;
  }
  unfold();
  document.addEventListener("htmx:oobAfterSwap", unfold);
})();
