"use strict";
// One key hides the lines of both pictures.
(function () {
  const pictures = document.getElementById("then-now");
  const button = document.querySelector("[data-lines]");
  if (!pictures || !button) return;
  const turn = () => button.setAttribute("aria-pressed", String(!pictures.classList.toggle("no-lines")));
  button.addEventListener("click", turn);
  window.looseHipKeys.add((event) => {
    if (event.key !== "l" || event.target.closest("input,select,textarea")) return false;
    turn();
    return true;
  });
})();
