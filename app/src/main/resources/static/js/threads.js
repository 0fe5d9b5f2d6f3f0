"use strict";
// Threads: what the pointer or the focus is on stays, the rest steps back; a thread opens its sum.
(function () {
  // A cause nobody has decided about yet offers that when it is opened: the form stands once on the page.
  const decide = document.getElementById("decide");
  function offer(opened) {
    const here = decide && opened.querySelector("[data-decide]");
    if (!here) return;
    const form = decide.content.firstElementChild.cloneNode(true);
    form.action = decide.dataset.at + here.dataset.decide;
    for (const named of form.querySelectorAll("[aria-label]")) {
      named.setAttribute("aria-label", named.getAttribute("aria-label") + " " + here.dataset.about);
    }
    here.replaceWith(form);
  }
  document.addEventListener("toggle", (event) => event.target.open && offer(event.target), true);

  const picture = document.querySelector(".threads");
  if (!picture) return;
  const threads = [...picture.querySelectorAll(".thread-link")];
  const nodes = [...picture.querySelectorAll(".node")];

  function light(keep) {
    const shown = new Set();
    for (const thread of threads) {
      const on = keep(thread);
      thread.classList.toggle("stands-back", !on);
      if (on) shown.add(thread.dataset.from).add(thread.dataset.to);
    }
    for (const node of nodes) node.classList.toggle("stands-back", !shown.has(node.dataset.node));
  }

  function all() {
    for (const each of [...threads, ...nodes]) each.classList.remove("stands-back");
  }

  const of = (key) => (thread) => thread.dataset.from === key || thread.dataset.to === key;
  for (const thread of threads) {
    thread.addEventListener("pointerenter", () => light((other) => other === thread));
    thread.addEventListener("focus", () => light((other) => other === thread));
    thread.addEventListener("pointerleave", all);
    thread.addEventListener("blur", all);
  }
  for (const node of nodes) {
    node.addEventListener("pointerenter", () => light(of(node.dataset.node)));
    node.addEventListener("pointerleave", all);
  }

  function open() {
    const at = location.hash.length > 1 && document.getElementById(location.hash.slice(1));
    if (!at) return;
    if (at.tagName === "DETAILS") {
      at.open = true;
      at.querySelector("summary").focus();
    }
    at.scrollIntoView({ block: "center" });
  }
  window.addEventListener("hashchange", open);
  picture.addEventListener("click", () => setTimeout(open));
  open();
})();
