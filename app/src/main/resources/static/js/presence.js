"use strict";
// Says who else has this golfer open, and what they changed since this page was drawn. It asks only
// while somebody is working here, so an abandoned page does not keep a session alive.
(function () {
  const golfer = document.body.dataset.golfer;
  const place = document.getElementById("others");
  if (!golfer || !place) return;
  const EVERY_MS = 6000;
  const IDLE_MS = 10 * 60 * 1000;
  let active = Date.now();
  for (const kind of ["keydown", "pointerdown"]) document.addEventListener(kind, () => (active = Date.now()), true);
  const since = document.body.dataset.drawn;

  function ask() {
    if (document.hidden || Date.now() - active > IDLE_MS) return;
    htmx.ajax("GET", `/golfers/${golfer}/others?since=${encodeURIComponent(since)}`, { target: "#others", swap: "innerHTML" });
  }
  setInterval(ask, EVERY_MS);
})();
