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

  // On a phone the plan view starts folded.
  if (window.matchMedia("(max-width: 900px)").matches) {
    for (const fold of document.querySelectorAll(".plan-fold")) fold.open = false;
    document.addEventListener("htmx:oobAfterSwap", (event) => {
      const fold = event.detail.target.querySelector && event.detail.target.querySelector(".plan-fold");
      if (fold) fold.open = false;
    });
  }

  // On a narrow screen the stations scroll; the one in work is brought into sight.
  const here = document.querySelector(".station.here");
  const bar = document.getElementById("stations");
  if (here && bar && bar.scrollWidth > bar.clientWidth) bar.scrollLeft = here.offsetLeft - bar.offsetLeft - bar.clientWidth / 3;
})();
