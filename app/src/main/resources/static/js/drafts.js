"use strict";
// Digits typed but not yet taken wait in this tab, so that another test, mode or station loses
// nothing. Both modes look for them under the same card.
(function () {
  const key = (entry) => `loosehip.draft.${document.body.dataset.golfer}.${entry.dataset.card}`;
  const entries = () => document.querySelectorAll("[data-pad-entry][data-card]");

  function keep(entry) {
    if (entry.value === "") sessionStorage.removeItem(key(entry));
    else sessionStorage.setItem(key(entry), entry.value);
  }

  function putBack() {
    for (const entry of entries()) {
      const draft = sessionStorage.getItem(key(entry));
      if (draft && entry.value === "") {
        entry.value = draft;
        entry.dispatchEvent(new Event("input", { bubbles: true }));
      }
    }
  }

  document.addEventListener("input", (event) => {
    if (event.target.matches("[data-pad-entry][data-card]")) keep(event.target);
  });
  document.addEventListener("loosehip:card", putBack);
  document.addEventListener("htmx:afterSwap", () => setTimeout(() => entries().forEach(keep), 0));
  if (document.readyState === "complete") putBack();
  else window.addEventListener("load", putBack);
})();
