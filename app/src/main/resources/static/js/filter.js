"use strict";
// A search field that hides what does not hold every word typed.
(function () {
  document.addEventListener("input", (event) => {
    const list = event.target.dataset && event.target.dataset.filter;
    if (!list) return;
    const words = event.target.value.toLowerCase().split(/\s+/).filter(Boolean);
    let shown = 0;
    for (const item of document.querySelectorAll(list)) {
      const fits = words.every((w) => item.dataset.words.includes(w));
      item.hidden = !fits;
      if (fits) shown++;
    }
    const none = document.querySelector(".filter-none");
    if (none) none.hidden = shown > 0;
  });
})();
