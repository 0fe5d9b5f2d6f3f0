"use strict";
// Light or dim as the phone has it, or as the golfer chose; set before the page is drawn.
(function () {
  const root = document.documentElement;
  root.classList.add("scripted");
  const kept = localStorage.getItem("routine.light");
  if (kept) root.dataset.light = kept;
  document.addEventListener("DOMContentLoaded", () => {
    const button = document.querySelector("[data-light]:not(html)");
    if (!button) return;
    button.hidden = false;
    const dim = () => (root.dataset.light ? root.dataset.light === "dim" : matchMedia("(prefers-color-scheme: dark)").matches);
    const says = () => (button.textContent = dim() ? "light" : "dim");
    says();
    button.addEventListener("click", () => {
      root.dataset.light = dim() ? "paper" : "dim";
      localStorage.setItem("routine.light", root.dataset.light);
      says();
    });
  });
})();
