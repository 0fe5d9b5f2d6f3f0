"use strict";
// Folds that are fetched when they are opened: without a line they say so, and come when it is back.
(function () {
  const WAIT_MS = 3000;
  const isFold = (element) => element.matches("details[hx-get]");

  function again(fold) {
    if (document.contains(fold)) window.htmx.ajax("GET", fold.getAttribute("hx-get"), { source: fold });
  }

  document.addEventListener("htmx:sendError", (event) => {
    const fold = event.detail.elt;
    if (!isFold(fold)) return;
    event.detail.target.textContent = "No answer from Loose Hip; this comes as soon as there is one.";
    setTimeout(() => again(fold), WAIT_MS);
  });

  document.addEventListener("htmx:responseError", (event) => {
    if (!isFold(event.detail.elt)) return;
    event.detail.target.textContent = "This could not be fetched. What you typed is kept; load the page again.";
  });
})();
