"use strict";
// Paper or dim, right or left thumb, blind tries: remembered on this device, set before the page is drawn.
(function () {
  const kept = localStorage.getItem("loosehip.theme");
  if (kept) document.documentElement.dataset.theme = kept;
  const thumb = localStorage.getItem("loosehip.thumb");
  if (thumb) document.documentElement.dataset.thumb = thumb;
  if (localStorage.getItem("loosehip.blind") === "on") document.documentElement.dataset.blind = "on";
  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-thumb-switch]")) {
      const other = document.documentElement.dataset.thumb === "left" ? "right" : "left";
      document.documentElement.dataset.thumb = other;
      localStorage.setItem("loosehip.thumb", other);
    }
    if (!event.target.closest("[data-theme-toggle]")) return;
    const next = document.documentElement.dataset.theme === "dim" ? "paper" : "dim";
    document.documentElement.dataset.theme = next;
    localStorage.setItem("loosehip.theme", next);
  });
})();
