"use strict";
// The one owner of the keyboard. A station adds what its keys do; whatever no station takes is a key
// of the frame. Nothing else listens for keys; the card that tells them all is written here too.
window.looseHipKeys = (function () {
  const stations = [];
  const CARD = {
    Everywhere: [
      ["/", "find a golfer"],
      ["1 – 7", "stations"],
      ["u", "undo, ten steps back"],
      ["w", "words of the trade on this page"],
      ["?", "this card"],
    ],
    Today: [["n", "somebody new"]],
    Talk: [["c", "consent"], ["r l", "which hand"], ["n", "all warning signs: no"]],
    Measure: [
      ["Enter", "take; empty goes on"],
      [", .", "previous, next test"],
      ["x", "void"],
      ["c", "compensation"],
      ["p", "pain"],
      ["n", "note"],
      ["r", "reached it"],
      ["Space", "stopwatch"],
    ],
    "Measure, too": [
      ["k", "skip, with a reason"],
      ["i", "inclinometer"],
      ["m", "one at a time, or the sheet"],
      ["a letter", "the answer it begins"],
    ],
    Stills: [
      ["arrows", "move a point, Shift ten"],
      ["Enter", "next point"],
      ["n", "not seen"],
      ["z", "take a point back"],
      ["l", "lines"],
      ["+ −", "larger, smaller"],
      ["s", "take over"],
    ],
    Swing: [["a", "all the other faults"]],
    Follow: [
      ["a", "the day as asked"],
      ["space", "as asked"],
      ["+ −", "more, less"],
      ["e p", "effort, pain, then a figure"],
      ["x", "nothing"],
    ],
  };
  const typing = (node) => node.closest && node.closest("input:not([type=checkbox]):not([type=radio]),textarea,select,[contenteditable]");
  const golfer = () => document.body.dataset.golfer;

  const element = (name, ...within) => {
    const made = document.createElement(name);
    made.append(...within);
    return made;
  };
  const line = ([key, what]) => element("p", element("kbd", key), element("span", what));

  // Opens the card of all keys; it is written when it is first wanted.
  function help() {
    const card = document.getElementById("keys");
    const of = card.querySelector(".keys-of");
    if (!of.firstChild) {
      of.append(...Object.entries(CARD).map(([where, lines]) => element("div", element("h3", where), ...lines.map(line))));
    }
    card.showModal();
  }

  // What a key of the frame does; false when it is none.
  function frame(key) {
    const find = document.getElementById("find");
    const undo = document.getElementById("undo-form");
    const mode = document.querySelector(".modes a:not([aria-current])");
    const more = document.getElementById("more-faults");
    const allNo = document.querySelector("[data-all-no]");
    if (key === "/" && find) find.focus();
    else if (key === "?" && document.getElementById("keys")) help();
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
  return { add: (handler) => stations.push(handler), frame, help };
})();
