"use strict";
// The thin lines of a figure on the picture, and its value beside them.
window.looseHipStillLines = (function () {
  const SVG = "http://www.w3.org/2000/svg";
  const LABELS = {
    hipOverFoot: "hip over",
    kneeFlex: "knee",
    trunkIncline: "trunk",
    beltTilt: "belt",
    upperCurve: "curve",
    leadPinch: "pinch",
    trailPinch: "pinch",
    sideTilt: "side tilt",
    spineTilt: "spine",
    shoulderLine: "shoulders",
    pelvisLine: "pelvis",
    pelvisShift: "shift",
  };

  function make(into, name, attributes, words) {
    const node = document.createElementNS(SVG, name);
    for (const [key, given] of Object.entries(attributes)) node.setAttribute(key, given);
    if (words) node.textContent = words;
    into.append(node);
  }

  const path = (spots) => "M" + spots.map((s) => `${s[0].toFixed(1)} ${s[1].toFixed(1)}`).join("L");

  return function lines(into, figure, worked, p, pixel, seen, taken) {
    const f = window.looseHipStillFigures;
    const o = figure.of;
    const raw = p.raw;
    const at = (id) => raw[id];
    const stroke = (spots, kind) => make(into, "path", { d: path(spots), class: `line-${kind}`, "stroke-width": 2 * pixel });
    let label = null;
    let side = p.ahead;
    if (figure.kind === "Lean") {
      const [a, b] = [at(o.low), at(o.high)];
      stroke([a, b], "ink");
      const up = p.back([p.points[o.low][0], p.points[o.high][1]]);
      stroke([a, up], "dash");
      label = f.mid([a, b]);
      side = p.ahead * (figure.id === "shinLean" ? 1 : figure.id === "trailPinch" ? -1 : 1);
    } else if (figure.kind === "Fall") {
      stroke([at(o.from), at(o.to)], "lead");
      label = at(o.to);
    } else if (figure.kind === "Bend") {
      stroke([at(o.above), at(o.at), at(o.below)], "ink");
      label = at(o.at);
      side = -p.ahead;
    } else if (figure.kind === "Bow") {
      const [a, m, b] = [at(o.low), at(o.middle), at(o.high)];
      const c = [2 * m[0] - (a[0] + b[0]) / 2, 2 * m[1] - (a[1] + b[1]) / 2];
      make(into, "path", { d: `M${a[0]} ${a[1]}Q${c[0]} ${c[1]} ${b[0]} ${b[1]}`, class: "line-dots", "stroke-width": 2 * pixel });
      label = m;
      side = -p.ahead;
    } else if (figure.kind === "Share") {
      const foot = (p.points[o.from][1] + p.points[o.to][1]) / 2;
      stroke([at(o.of), p.back([p.points[o.of][0], foot])], "dash");
      stroke([at(o.from), at(o.to)], "ink");
      if (figure.window && figure.id === "hipOverFoot") {
        const on = (share) => p.back([p.points[o.from][0] + share * (p.points[o.to][0] - p.points[o.from][0]), foot + 9 * pixel]);
        make(into, "path", { d: path(figure.window.map(on)), class: "line-window", "stroke-width": 9 * pixel });
      }
      label = p.back([p.points[o.of][0], foot + 34 * pixel]);
      side = 0;
    } else if (figure.kind === "Across" && p.then) {
      const now = f.mid(o.of.map((id) => p.points[id]));
      const was = f.mid(o.of.map((id) => p.then[id]));
      stroke([p.back(was), p.back([now[0], was[1]])], "lead");
      label = p.back(now);
    }
    if (!label || !LABELS[figure.id]) return;
    const words = `${LABELS[figure.id]} ${f.words(figure, worked)}`;
    let y = label[1];
    const wide = words.length * 10.5 * pixel;
    const left = side === 0 ? wide / 2 : side > 0 ? 0 : wide;
    const x = Math.max(seen.x + left, Math.min(seen.x + seen.w - (wide - left), label[0] + side * 26 * pixel));
    while (taken.some((t) => Math.abs(t[0] - x) < 150 * pixel && Math.abs(t[1] - y) < 24 * pixel)) y += 24 * pixel;
    taken.push([x, y]);
    const anchor = side === 0 ? "middle" : side > 0 ? "start" : "end";
    make(into, "text", { x, y, "text-anchor": anchor, "font-size": 19 * pixel, class: "line-words", "stroke-width": 5 * pixel }, words);
  };
})();
