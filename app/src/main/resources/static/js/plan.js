"use strict";
// The week strip: a thing is dragged to another day, or moved with the arrow keys when focused.
(function () {
  const form = document.getElementById("move-form");
  if (!form) return;
  const week = document.querySelector(".week");
  const zone = document.getElementById("calendar-zone");
  if (zone) zone.value = Intl.DateTimeFormat().resolvedOptions().timeZone || "";

  for (const chip of week.querySelectorAll(".day-chip")) {
    const day = chip.closest(".day");
    chip.draggable = true;
    chip.dataset.day = day.dataset.day;
    chip.setAttribute(
      "aria-label",
      `${chip.textContent}, ${chip.dataset.long}, ${day.querySelector("b").textContent}; arrow keys move it`,
    );
  }

  // An own cue is typed where it belongs: the form for it stands once on the page.
  const cue = document.getElementById("cue");
  document.addEventListener("toggle", (event) => {
    const fold = event.target;
    if (!fold.matches(".item-cue[open]") || fold.querySelector("form")) return;
    const form = cue.content.firstElementChild.cloneNode(true);
    const own = form.querySelector("[name=name]");
    form.querySelector("[name=item]").value = fold.dataset.cue;
    own.value = fold.dataset.said || "";
    own.setAttribute("aria-label", own.getAttribute("aria-label") + " " + fold.closest(".item").querySelector("h3").textContent);
    fold.append(form);
    own.focus();
  }, true);

  function move(item, from, to) {
    if (from === to || to < 1 || to > 7) return;
    const put = (name, value) => (form.querySelector(`[name="${name}"]`).value = value);
    put("item", item);
    put("from", from);
    put("to", to);
    sessionStorage.setItem("loosehip.moved", item + " " + to);
    form.submit();
  }

  week.addEventListener("dragstart", (event) => {
    const chip = event.target.closest(".day-chip");
    if (!chip) return;
    event.dataTransfer.setData("text/plain", chip.dataset.item + " " + chip.dataset.day);
    event.dataTransfer.effectAllowed = "move";
    week.classList.add("week-dragging");
  });
  week.addEventListener("dragend", () => week.classList.remove("week-dragging"));
  week.addEventListener("dragover", (event) => {
    const day = event.target.closest(".day");
    if (!day) return;
    event.preventDefault();
    for (const each of week.querySelectorAll(".day-over")) if (each !== day) each.classList.remove("day-over");
    day.classList.add("day-over");
  });
  week.addEventListener("drop", (event) => {
    const day = event.target.closest(".day");
    if (!day) return;
    event.preventDefault();
    const [item, from] = event.dataTransfer.getData("text/plain").split(" ");
    move(item, Number(from), Number(day.dataset.day));
  });
  window.looseHipKeys.add((event) => {
    const chip = event.target.closest(".day-chip");
    if (!chip || (event.key !== "ArrowLeft" && event.key !== "ArrowRight")) return false;
    const step = event.key === "ArrowRight" ? 1 : -1;
    const from = Number(chip.dataset.day);
    let to = from + step;
    while (to >= 1 && to <= 7) {
      const day = week.querySelector(`.day[data-day="${to}"]`);
      const taken = [...day.querySelectorAll(".day-chip")].some((c) => c.dataset.item === chip.dataset.item);
      if (!day.classList.contains("day-rest") && !taken) break;
      to += step;
    }
    move(chip.dataset.item, from, to);
    return true;
  });

  const moved = sessionStorage.getItem("loosehip.moved");
  if (moved) {
    sessionStorage.removeItem("loosehip.moved");
    const [item, day] = moved.split(" ");
    const chip = week.querySelector(`.day-chip[data-item="${item}"][data-day="${day}"]`) || week.querySelector(`.day-chip[data-item="${item}"]`);
    if (chip) chip.focus();
  }
})();
