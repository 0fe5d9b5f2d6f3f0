"use strict";
// The drawing of an exercise, moved between its positions. Frames come from the joint angles; between
// two frames lines are drawn straight.
window.routineMotion = (function () {
  const NUMBER = /-?\d+(?:\.\d+)?/g;
  let frames = [];
  let moving = [];
  let shapes = [];

  function show(svg, article, turned) {
    const drawn = article && article.querySelector("svg");
    svg.replaceChildren();
    svg.classList.toggle("turned", turned);
    frames = [];
    if (!drawn) return;
    const lines = [...drawn.children].map((line) => line.cloneNode());
    const told = drawn.dataset.frames;
    svg.append(...(told ? lines.filter((l) => !l.matches(".f-ghost, .f-arrow, .f-arrow-head, .f-ref, .f-mark")) : lines));
    svg.setAttribute("aria-label", article.querySelector("h3").textContent);
    if (!told) return;
    moving = [...svg.querySelectorAll(".m")];
    const all = told.split(";").map((f) => f.split("|")).concat([moving.map((l) => l.getAttribute("d"))]);
    frames = all.map((f) => f.map((d) => d.match(NUMBER).map(Number)));
    shapes = all[0].map((d) => d.split(NUMBER));
  }

  // How far along the movement: 0 at its start, 1 at its end.
  function at(share) {
    if (!frames.length) return;
    const along = Math.max(0, Math.min(1, share)) * (frames.length - 1);
    const from = Math.min(frames.length - 2, Math.floor(along));
    const part = along - from;
    moving.forEach((path, i) => {
      const a = frames[from][i];
      const b = frames[from + 1][i];
      let d = shapes[i][0];
      // What does not change, the flags of an arc among it, stays as it was written.
      for (let n = 0; n < a.length; n++) d += (a[n] === b[n] ? a[n] : (a[n] + (b[n] - a[n]) * part).toFixed(1)) + shapes[i][n + 1];
      path.setAttribute("d", d);
    });
  }

  return { show, at };
})();
