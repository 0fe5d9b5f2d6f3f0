"use strict";
// What every page of the bench does: undo comes back to where it was, menus close, pages print.
(function () {
  document.addEventListener("submit", (event) => {
    const here = event.target.querySelector("[data-here]");
    if (!here) return;
    const words = new URLSearchParams(location.search);
    for (const said of ["undone", "nothing-to-undo", "visit-closed"]) words.delete(said);
    here.value = location.pathname + (words.size ? "?" + words : "");
  });

  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-keys-open]")) document.getElementById("keys").showModal();
    if (event.target.closest("[data-print]")) window.print();
    for (const open of document.querySelectorAll("details.who-menu[open], details.caution-strip[open]")) {
      if (!open.contains(event.target)) open.open = false;
    }
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
