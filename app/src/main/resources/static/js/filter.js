"use strict";
// A search field that hides what does not hold every word typed, also while the page still loads.
(function () {
  function filter(field) {
    const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
    let shown = 0;
    for (const item of document.querySelectorAll(field.dataset.filter)) {
      const fits = words.every((w) => item.dataset.words.includes(w));
      item.hidden = !fits;
      if (fits) shown++;
    }
    const none = document.querySelector(".filter-none");
    if (none) none.hidden = shown > 0;
  }
  document.addEventListener("input", (event) => {
    if (event.target.dataset && event.target.dataset.filter) filter(event.target);
  });
  document.querySelectorAll("[data-filter]").forEach((f) => f.value && filter(f));
})();
