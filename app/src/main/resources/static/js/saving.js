"use strict";
// Every entry saves itself. What could not be saved stays visible, is tried again, and survives a
// new sign-in in this tab; leaving with something unsaved asks first.
(function () {
  const STORE = "loosehip.unsaved";
  const RETRY_MS = 3000;
  const pending = new Map();
  const box = () => document.getElementById("kept");

  const remembered = () => JSON.parse(sessionStorage.getItem(STORE) || "[]");
  const remember = (list) => sessionStorage.setItem(STORE, JSON.stringify(list));

  function tell(words, link) {
    const node = box();
    if (!node) return;
    node.textContent = words + " ";
    if (link) {
      const a = document.createElement("a");
      a.href = link.href;
      a.textContent = link.words;
      node.append(a);
    }
    node.hidden = words === "";
  }

  function field(element) {
    return element.matches("input,select,textarea") ? element : element.querySelector("[data-typed]");
  }

  function keep(element) {
    const input = field(element);
    if (!input || !input.id) return;
    const checked = input.type === "checkbox" || input.type === "radio" ? input.checked : null;
    const entry = { page: location.pathname + location.search, id: input.id, value: input.value, checked };
    remember(remembered().filter((e) => e.id !== entry.id || e.page !== entry.page).concat(entry));
  }

  function forget(element) {
    const input = field(element);
    if (!input) return;
    remember(remembered().filter((e) => e.id !== input.id));
  }

  // A problem that has no place of its own on the page is said at the top.
  document.addEventListener("htmx:oobErrorNoTarget", (event) => {
    const words = event.detail.content && event.detail.content.textContent.trim();
    if (words) setTimeout(() => tell(words));
  });

  // One of a few is sent by the name every fact has, whatever its group is called on the page.
  document.addEventListener("htmx:configRequest", (event) => {
    const { elt, parameters } = event.detail;
    if (elt.matches("input[type=radio][hx-post]")) parameters.value = elt.value;
  });

  document.addEventListener("htmx:beforeRequest", (event) => {
    if (event.detail.requestConfig.verb !== "post") return;
    pending.set(event.detail.elt, true);
    const input = field(event.detail.elt);
    if (input) input.classList.remove("failed");
  });

  document.addEventListener("htmx:afterRequest", (event) => {
    const element = event.detail.elt;
    if (event.detail.requestConfig.verb !== "post") return;
    pending.delete(element);
    if (event.detail.successful) {
      forget(element);
      if (pending.size === 0) tell("");
    }
  });

  function failed(element, words, link) {
    if (element.id === "measure") {
      notSaved();
      tell(words, link);
      return;
    }
    pending.set(element, true);
    const input = field(element);
    if (input) {
      input.classList.add("failed");
      const typed = element.dataset.lastTyped;
      if (typed && input.value === "") input.value = typed;
    }
    keep(element);
    notSaved();
    tell(words, link);
  }

  const trouble = (xhr) => new DOMParser().parseFromString(xhr.responseText, "text/html").querySelector("[data-trouble]");

  function notSaved() {
    const saved = document.getElementById("saved");
    if (saved) {
      saved.textContent = "not saved";
      saved.classList.add("not-saved");
    }
  }

  document.addEventListener("htmx:responseError", (event) => {
    const status = event.detail.xhr.status;
    if (event.detail.requestConfig.verb !== "post") return;
    if (status === 401) {
      failed(event.detail.elt, "You were signed out after a pause. What you typed is kept in this tab.", {
        href: location.pathname + location.search,
        words: "Sign in again",
      });
    } else if (status === 403) {
      failed(event.detail.elt, "This page is too old to save. What you typed is kept in this tab.", {
        href: location.pathname + location.search,
        words: "Reload the page",
      });
    } else if (status === 507) {
      failed(event.detail.elt, `${trouble(event.detail.xhr).textContent.trim()} What you typed is kept on this page; trying again.`);
      retry(event.detail.elt);
    } else if (status >= 400 && status < 500) {
      // Asking the same again would be refused again; the page that came says why.
      const said = trouble(event.detail.xhr);
      failed(event.detail.elt, said ? said.textContent.trim() : "That was not taken. Nothing was changed.", {
        href: location.pathname + location.search,
        words: "Reload the page",
      });
    } else {
      failed(event.detail.elt, "That could not be saved. What you typed is kept; trying again.");
      retry(event.detail.elt);
    }
  });

  document.addEventListener("htmx:sendError", (event) => {
    if (event.detail.requestConfig.verb !== "post") return;
    failed(event.detail.elt, "No answer from Loose Hip. What you typed is kept; trying again.");
    retry(event.detail.elt);
  });

  function retry(element) {
    setTimeout(() => {
      // What is measured is sent again by its own queue.
      if (!document.contains(element) || element.id === "measure") return;
      if (element.tagName === "FORM") element.requestSubmit();
      else element.dispatchEvent(new Event("change", { bubbles: true }));
    }, RETRY_MS);
  }

  window.addEventListener("beforeunload", (event) => {
    const waiting = pending.size > 0 && !remembered().length;
    if (waiting) event.preventDefault();
  });

  // After a new sign-in: put back what was typed; facts save themselves, a try waits for Enter.
  function putBack() {
    const here = location.pathname + location.search;
    const mine = remembered().filter((e) => e.page === here);
    if (!mine.length) return;
    const gone = new Set();
    for (const entry of mine) {
      const input = document.getElementById(entry.id);
      if (!input) {
        gone.add(entry.id);
        continue;
      }
      if (entry.checked !== null) input.checked = entry.checked;
      else input.value = entry.value;
      if (input.hasAttribute("data-typed")) {
        input.dispatchEvent(new Event("input", { bubbles: true }));
        tell("What you typed before was kept. Press Enter to take it.");
      } else {
        input.dispatchEvent(new Event("change", { bubbles: true }));
      }
    }
    // It may be in a fold that is fetched when it is opened: then it is, and what is left is put back.
    const folds = gone.size ? [...document.querySelectorAll("details[hx-get]:not([data-fetched])")] : [];
    for (const fold of folds) fold.open = true;
    remember(remembered().filter((e) => e.page !== here || (folds.length && gone.has(e.id))));
  }
  document.addEventListener("htmx:afterSettle", (event) => {
    const fold = event.detail.elt.closest("details[hx-get]");
    if (!fold || "fetched" in fold.dataset) return;
    fold.dataset.fetched = "";
    putBack();
  });

  document.addEventListener("change", (event) => {
    const input = event.target;
    const group = input.dataset.oneOf || input.dataset.group;
    if (!group || !input.checked) return;
    const attribute = input.dataset.oneOf ? "data-one-of" : "data-group";
    for (const other of document.querySelectorAll(`[${attribute}="${CSS.escape(group)}"]`)) {
      if (other !== input) other.checked = false;
    }
  });

  if (document.readyState === "complete") putBack();
  else window.addEventListener("load", putBack);
})();
