"use strict";
// From one test to the next the frame stays and the work alone is fetched. The address follows, so
// that back goes through the tests as through pages; what cannot be fetched the browser opens.
window.looseHipCards = (function () {
  const RETRY_MS = 2000;
  const queue = window.looseHipQueue;
  const address = () => location.pathname + location.search;
  let shown = address();
  let going = null;

  // Whether an address is a test of the golfer in hand.
  function ours(href) {
    const to = new URL(href, location.href);
    return to.origin + to.pathname === location.origin + location.pathname && to.searchParams.has("card");
  }

  function fetches() {
    window.htmx.ajax("GET", going, { target: "#measure", swap: "outerHTML", source: "#measure" });
  }

  function go(href) {
    if (going) return;
    const to = new URL(href, location.href);
    going = to.pathname + to.search;
    fetches();
  }

  const mine = (event) => going && event.detail.elt.id === "measure" && event.detail.requestConfig.verb === "get";

  function opens() {
    const href = going;
    going = null;
    location.href = href;
  }

  document.addEventListener("htmx:beforeSwap", (event) => {
    if (!mine(event) || !event.detail.shouldSwap || ours(event.detail.xhr.responseURL)) return;
    event.detail.shouldSwap = false;
    opens();
  });
  document.addEventListener("htmx:responseError", (event) => {
    if (mine(event)) opens();
  });
  document.addEventListener("htmx:sendError", (event) => {
    if (!mine(event)) return;
    const kept = document.getElementById("kept");
    kept.textContent = "No answer from Loose Hip. It goes on to the next test as soon as there is one.";
    kept.hidden = false;
    setTimeout(fetches, RETRY_MS);
  });
  document.addEventListener("htmx:afterSwap", (event) => {
    if (!mine(event)) return;
    shown = going;
    going = null;
    if (shown !== address()) history.pushState(null, "", shown);
    document.body.dataset.drawn = document.getElementById("measure").dataset.drawn;
    document.getElementById("kept").hidden = true;
    document.getElementById("saved").textContent = "";
    window.scrollTo(0, 0);
    document.dispatchEvent(new Event("loosehip:card"));
  });

  window.addEventListener("popstate", () => {
    if (address() !== shown) queue.leave(location.href);
  });
  document.addEventListener("click", (event) => {
    const link = event.target.closest("#measure a[href]");
    if (!link || event.defaultPrevented || event.button || event.metaKey || event.ctrlKey || event.shiftKey || !ours(link.href)) return;
    event.preventDefault();
    go(link.href);
  });

  return { ours, go, going: () => going !== null };
})();
