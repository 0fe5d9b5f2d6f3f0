"use strict";
// The drawing of an exercise, moved between its positions. Frames come from the joint angles; between
// two frames lines are drawn straight.
window.routineMotion = (function () {
  const NUMBER = /-?\d+(?:\.\d+)?/g;
  let frames = [];
  let moving = [];
  let shapes = [];

  function show(svg, article, turned) {
    const template = article && article.querySelector("template[data-frames]");
    svg.replaceChildren();
    svg.classList.toggle("turned", turned);
    frames = [];
    if (template) {
      const drawn = document.importNode(template.content, true).querySelector("svg");
      svg.append(...drawn.children);
      moving = [...svg.querySelectorAll("[data-moves]")];
      frames = template.dataset.frames.split(";").map((f) => f.split("|").map((d) => d.match(NUMBER).map(Number)));
      shapes = moving.map((path) => path.getAttribute("d").split(NUMBER));
    } else if (article) {
      const still = article.querySelector("svg");
      if (still) svg.append(...[...still.children].map((c) => c.cloneNode()));
    }
    if (article) svg.setAttribute("aria-label", article.querySelector("h3").textContent);
    return frames.length > 0;
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
