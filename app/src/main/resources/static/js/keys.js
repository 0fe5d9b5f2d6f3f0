"use strict";
// Keys of the frame, when not typing in a field.
(function () {
  const typing = (node) => node.closest && node.closest("input:not([type=checkbox]):not([type=radio]),textarea,select,[contenteditable]");
  const golfer = () => document.body.dataset.golfer;

  document.addEventListener("keydown", (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const pad = event.target.closest && event.target.closest("[data-pad-entry]");
    if (typing(event.target) && !(pad && /^[,ucpxkm?]$/.test(event.key))) {
      if (event.key === "Escape" && event.target.id === "find") {
        event.target.value = "";
        document.getElementById("found").textContent = "";
        event.target.blur();
      }
      return;
    }
    if (document.querySelector("dialog[open]")) return;
    if (event.key === "/") {
      document.getElementById("find").focus();
    } else if (/^[1-7]$/.test(event.key) && golfer() && !pad) {
      const tab = document.querySelector(`[data-station="${event.key}"]`);
      if (tab) location.href = tab.href;
    } else if (event.key === "?") {
      document.getElementById("keys").showModal();
    } else if (event.key === "u" && document.getElementById("undo-form")) {
      document.getElementById("undo-form").requestSubmit();
    } else if (event.key === "m" && document.querySelector(".modes a:not([aria-current])")) {
      document.querySelector(".modes a:not([aria-current])").click();
    } else if (event.key === "a" && document.getElementById("more-faults")) {
      const more = document.getElementById("more-faults");
      more.open = !more.open;
      if (more.open) more.querySelector("input").focus();
    } else if (event.key === "n" && document.querySelector("[data-all-no]")) {
      document.querySelector("[data-all-no]").requestSubmit();
    } else {
      return;
    }
    event.preventDefault();
  });

  document.addEventListener("submit", (event) => {
    const here = event.target.querySelector("[data-here]");
    if (here) here.value = location.pathname + location.search.replace(/[?&](undone|nothing-to-undo|visit-closed)/g, "");
  });

  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-keys-open]")) document.getElementById("keys").showModal();
    if (event.target.closest("[data-print]")) window.print();
    for (const open of document.querySelectorAll("details.who-menu[open], details.caution-strip[open]")) {
      if (!open.contains(event.target)) open.open = false;
    }
  });

  document.addEventListener("keydown", (event) => {
    if (event.target.id !== "find") return;
    if (event.key === "Enter" || event.key === "ArrowDown") {
      const first = document.querySelector("#found a");
      if (first) {
        event.preventDefault();
        if (event.key === "Enter") location.href = first.href;
        else first.focus();
      }
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
})();

// On a narrow screen the stations scroll; the one in work is brought into sight.
(function () {
  const here = document.querySelector(".station.here");
  const bar = document.getElementById("stations");
  if (here && bar && bar.scrollWidth > bar.clientWidth) bar.scrollLeft = here.offsetLeft - bar.offsetLeft - bar.clientWidth / 3;
})();
