"use strict";
// What every page of the bench does: undo comes back to where it was, menus close, pages print.
(function () {
  document.addEventListener("submit", (event) => {
    const here = event.target.querySelector("[data-here]");
    if (!here) return;
    here.value = location.pathname + location.search;
  });

  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-keys-open]")) document.getElementById("keys").showModal();
    if (event.target.closest("[data-print]")) window.print();
    for (const open of document.querySelectorAll("details.who-menu[open], details.caution-strip[open]")) {
      if (!open.contains(event.target)) open.open = false;
    }
  });

  // A number stands in a chip and in a field: what is set in one shows in the other.
  document.addEventListener("change", (event) => {
    const { id, name, type, value } = event.target;
    const field = type === "radio" && document.getElementById(name);
    if (field && field.type !== "radio") field.value = value;
    if (type === "radio" || !id) return;
    document.querySelectorAll(`input[type=radio][name="${CSS.escape(id)}"]`).forEach((r) => (r.checked = r.value === value));
  });

  // On a phone or an upright tablet the plan view starts folded, and stays as it was left when an
  // answer brings a fresh one: nothing moves under the thumb.
  if (window.matchMedia("(max-width: 900px)").matches) {
    let unfolded = false;
    const fold = () => document.querySelectorAll("#plan-view .plan-fold").forEach((f) => (f.open = unfolded));
    fold();
    document.addEventListener("click", (event) => {
      const summary = event.target.closest("#plan-view .plan-fold > summary");
      if (summary) unfolded = !summary.parentElement.open;
    });
    document.addEventListener("htmx:oobAfterSwap", fold);
  }

  // On a narrow screen the stations scroll; the one in work is brought into sight.
  const here = document.querySelector(".station.here");
  const bar = document.getElementById("stations");
  if (here && bar && bar.scrollWidth > bar.clientWidth) bar.scrollLeft = here.offsetLeft - bar.offsetLeft - bar.clientWidth / 3;
})();
