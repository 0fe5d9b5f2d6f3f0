"use strict";
// The one owner of the keyboard. A station adds what its keys do; whatever no station takes is a key
// of the frame. Nothing else listens for keys.
window.looseHipKeys = (function () {
  const stations = [];
  const typing = (node) => node.closest && node.closest("input:not([type=checkbox]):not([type=radio]),textarea,select,[contenteditable]");
  const golfer = () => document.body.dataset.golfer;

  // What a key of the frame does; false when it is none.
  function frame(key) {
    const find = document.getElementById("find");
    const undo = document.getElementById("undo-form");
    const mode = document.querySelector(".modes a:not([aria-current])");
    const more = document.getElementById("more-faults");
    const allNo = document.querySelector("[data-all-no]");
    if (key === "/" && find) find.focus();
    else if (key === "?" && document.getElementById("keys")) document.getElementById("keys").showModal();
    else if (key === "w" && window.looseHipWords) window.looseHipWords.open();
    else if (key === "u" && undo) undo.requestSubmit();
    else if (key === "m" && mode) mode.click();
    else if (key === "n" && allNo) allNo.requestSubmit();
    else if (key === "n" && document.getElementById("new-name")) document.getElementById("new-name").focus();
    else if (key === "a" && more) {
      more.open = !more.open;
      const input = more.open && more.querySelector("input");
      if (input) input.focus();
    } else return false;
    return true;
  }

  function station(key) {
    const tab = /^[1-7]$/.test(key) && golfer() && document.querySelector(`[data-station="${key}"]`);
    if (tab) location.href = tab.href;
    return Boolean(tab);
  }

  // Finding a golfer: Enter goes to the first, down goes through them, Escape gives up.
  function finding(event) {
    const first = document.querySelector("#found a");
    if (event.key === "Escape") {
      event.target.value = "";
      document.getElementById("found").textContent = "";
      event.target.blur();
    } else if (event.key === "Enter" && first) location.href = first.href;
    else if (event.key === "ArrowDown" && first) first.focus();
    else return false;
    return true;
  }

  function taken(event) {
    for (const each of stations) if (each(event)) return true;
    if (event.target.id === "find") return finding(event);
    if (typing(event.target)) return false;
    return station(event.key) || frame(event.key);
  }

  document.addEventListener(
    "keydown",
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector("dialog[open]")) return;
      if (!event.target.closest || !taken(event)) return;
      event.preventDefault();
      event.stopPropagation();
    },
    true,
  );

  // Adds what the keys of a station do: a function that says whether it took the key.
  return { add: (handler) => stations.push(handler), frame };
})();
