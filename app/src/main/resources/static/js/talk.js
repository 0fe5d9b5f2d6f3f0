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

  // A caution nobody has said anything of has neither note nor clearance: both come with the tap.
  const rest = document.getElementById("caution-rest");
  function complete(row) {
    if (row.querySelector(".caution-note")) return;
    const asked = row.querySelector("[data-caution]");
    const named = document.createElement("template");
    named.innerHTML = rest.innerHTML
      .replaceAll(rest.dataset.of, asked.id.slice("c-".length))
      .replaceAll(rest.dataset.asked, asked.firstElementChild.textContent);
    row.append(named.content);
    window.htmx.process(row);
  }

  if (list && search) {
    search.addEventListener("input", find);
    list.addEventListener("click", (event) => {
      const asked = event.target.closest("[data-caution]");
      if (asked) ask(asked.closest("li"));
    });
    list.addEventListener("change", (event) => {
      if (event.target.closest(".either")) complete(event.target.closest("li"));
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

  // The days tapped are the days of the field beside them; the calendar comes when the fold is opened.
  const away = document.querySelector(".away-days");
  const field = away && document.getElementById(away.dataset.field);
  const boxes = () => [...away.querySelectorAll("input")];
  const typed = () => field.value.split(/[\s,]+/).filter(Boolean);
  function say() {
    const n = new Set(typed()).size;
    document.getElementById("away-said").textContent = n === 0 ? "none" : n === 1 ? "1 day" : n + " days";
  }
  if (away) {
    away.addEventListener("change", () => {
      const shown = new Set(boxes().map((d) => d.value));
      const elsewhere = typed().filter((d) => !shown.has(d));
      const tapped = boxes().filter((d) => d.checked).map((d) => d.value);
      field.value = [...elsewhere, ...tapped].sort().join(" ");
      field.dispatchEvent(new Event("change", { bubbles: true }));
    });
    field.addEventListener("change", () => {
      const days = new Set(typed());
      for (const box of boxes()) box.checked = days.has(box.value);
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
