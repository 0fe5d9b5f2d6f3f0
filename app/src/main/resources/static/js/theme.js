"use strict";
// Paper or dim: remembered on this device, set before the page is drawn.
(function () {
  const kept = localStorage.getItem("loosehip.theme");
  if (kept) document.documentElement.dataset.theme = kept;
  document.addEventListener("click", (event) => {
    if (!event.target.closest("[data-theme-toggle]")) return;
    const next = document.documentElement.dataset.theme === "dim" ? "paper" : "dim";
    document.documentElement.dataset.theme = next;
    localStorage.setItem("loosehip.theme", next);
  });
})();
