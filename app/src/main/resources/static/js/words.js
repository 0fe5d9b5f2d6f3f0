"use strict";
// The words of the trade on a page: the first of each is dotted and opens its sentence and drawing
// by a tap; the key w lists them. They are no stops of the Tab key, so that hands stay in the work.
window.looseHipWords = (function () {
  const card = document.getElementById("words");
  const skip = "a,button,label,summary,input,textarea,select,svg,kbd,h1,script,style,.term,.plan-chance,dialog";
  const seen = new Set();
  let forms = null;
  let pattern = null;

  const lower = (text) => text.toLowerCase();

  async function learn() {
    if (forms) return;
    const answer = await fetch("/glossary.json");
    if (!answer.ok) return;
    const list = await answer.json();
    forms = new Map(list.map((f) => [lower(f.form), f.term]));
    const quoted = list.map((f) => f.form.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"));
    pattern = new RegExp(`(?<![\\p{L}\\p{N}-])(${quoted.join("|")})(?![\\p{L}\\p{N}-])`, "giu");
  }

  function dot(node) {
    pattern.lastIndex = 0;
    for (let match = pattern.exec(node.data); match; match = pattern.exec(node.data)) {
      const term = forms.get(lower(match[1]));
      if (seen.has(term)) continue;
      seen.add(term);
      const rest = node.splitText(match.index);
      rest.splitText(match[1].length);
      const word = document.createElement("span");
      word.className = "term";
      word.dataset.term = term;
      word.title = "What is this?";
      rest.replaceWith(word);
      word.append(rest);
      return word;
    }
    return null;
  }

  // Goes through the text below a node; what is dotted is skipped when met again.
  function look(root) {
    const walk = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
    const nodes = [];
    while (walk.nextNode()) {
      const node = walk.currentNode;
      if (node.data.trim().length > 2 && !node.parentElement.closest(skip)) nodes.push(node);
    }
    for (const node of nodes) {
      let word = dot(node);
      while (word && word.nextSibling && word.nextSibling.nodeType === Node.TEXT_NODE) word = dot(word.nextSibling);
    }
  }

  async function show(term) {
    const answer = await fetch(`/glossary/${encodeURIComponent(term)}`);
    document.getElementById("word").innerHTML = answer.ok ? await answer.text() : "";
    if (!card.open) card.showModal();
  }

  function list() {
    const here = document.getElementById("words-here");
    const words = [...new Map([...document.querySelectorAll(".term")].map((t) => [t.dataset.term, t.textContent])).entries()];
    here.replaceChildren(
      ...words.map(([term, text]) => {
        const button = document.createElement("button");
        button.type = "button";
        button.className = "btn btn-plain";
        button.dataset.term = term;
        button.textContent = text;
        return button;
      }),
    );
    document.getElementById("words-title").textContent = words.length ? "Words on this page" : "No word of the trade on this page";
  }

  function open() {
    list();
    document.getElementById("word").replaceChildren();
    card.showModal();
    const first = card.querySelector("#words-here button");
    if (first) first.focus();
  }

  document.addEventListener("click", (event) => {
    const word = event.target.closest(".term, #words-here button");
    if (!word) return;
    list();
    show(word.dataset.term);
  });

  const work = document.getElementById("work");
  if (!card || !work || work.querySelector(".glossary")) return { open };
  const begin = () =>
    learn().then(() => {
      if (!pattern) return;
      for (const part of [work, document.getElementById("plan-view")]) if (part) look(part);
    });
  (window.requestIdleCallback || setTimeout)(begin);
  document.body.addEventListener("htmx:afterSettle", (event) => {
    if (!pattern) return;
    seen.clear();
    document.querySelectorAll(".term").forEach((t) => seen.add(t.dataset.term));
    look(event.target);
  });
  return { open };
})();
