"use strict";
// Landmarks on a still: offered in order, placed, dragged or moved by arrow keys under a loupe; the
// figures follow while they move and are kept, with their error, when the hand rests.
(function () {
  const root = document.getElementById("still");
  if (!root) return;
  const figures = window.looseHipStillFigures;
  const SVG = "http://www.w3.org/2000/svg";
  const KEEP_MS = 350;
  const data = JSON.parse(root.dataset.still);
  const svg = document.getElementById("still-svg");
  const stage = document.getElementById("still-stage");
  const loupe = document.getElementById("still-loupe");
  const lines = document.getElementById("still-lines");
  const dots = document.getElementById("still-points");
  const scaleOf = document.getElementById("scale-of");
  const places = data.places;
  const byId = Object.fromEntries(places.map((p) => [p.id, p]));
  const body = places.filter((p) => p.group === "body");
  const points = Object.fromEntries(Object.entries(data.marks.points || {}).map(([id, at]) => [id, at.slice()]));
  const unseen = new Set(data.marks.unseen || []);
  const before = [];
  let hand = null;
  let group = "body";
  let view = { x: 0, y: 0, w: data.width, h: data.height };
  let keeping = null;
  let dirty = false;

  const make = (name, attributes) => {
    const node = document.createElementNS(SVG, name);
    for (const [key, given] of Object.entries(attributes)) node.setAttribute(key, given);
    return node;
  };
  const inGroup = () => places.filter((p) => p.group === group);
  const open = (place) => !points[place.id] && !unseen.has(place.id);
  function pixel() {
    const box = svg.getBoundingClientRect();
    return Math.max(view.w / Math.max(1, box.width), view.h / Math.max(1, box.height));
  }

  // --- keeping ---------------------------------------------------------------------------------
  function snapshot() {
    before.push(JSON.stringify({ points, unseen: [...unseen], hand, group }));
    if (before.length > 60) before.shift();
  }

  function keepSoon() {
    dirty = true;
    clearTimeout(keeping);
    keeping = setTimeout(keep, KEEP_MS);
  }

  function keep() {
    clearTimeout(keeping);
    const marks = JSON.stringify({ points, unseen: [...unseen], scaleOf: scaleOf.value });
    dirty = false;
    window.htmx.ajax("POST", root.dataset.marks, { target: "#still-panel", swap: "outerHTML", source: "#still", values: { marks } });
  }
  document.addEventListener("htmx:sendError", (event) => again(event));
  document.addEventListener("htmx:responseError", (event) => again(event));
  function again(event) {
    if (event.detail.elt.id !== "still") return;
    dirty = true;
    keeping = setTimeout(keep, 3000);
  }
  window.addEventListener("beforeunload", (event) => {
    if (dirty) event.preventDefault();
  });
  document.addEventListener("click", (event) => {
    const link = event.target.closest("a[href]");
    if (link && dirty) keep();
  });

  // --- drawing ---------------------------------------------------------------------------------
  function draw() {
    const r = 7 * pixel();
    dots.textContent = "";
    for (const [id, at] of Object.entries(points)) {
      const place = byId[id];
      if (!place) continue;
      const dot = make("g", { class: `still-dot still-dot-${place.group}${id === hand ? " in-hand" : ""}`, "data-id": id });
      dot.append(make("circle", { cx: at[0], cy: at[1], r: r * 2.6, class: "dot-reach" }));
      dot.append(make("circle", { cx: at[0], cy: at[1], r, class: "dot-ring", "stroke-width": r / 3 }));
      if (id === hand) dot.append(make("circle", { cx: at[0], cy: at[1], r: r * 2, class: "dot-hand", "stroke-width": r / 3 }));
      dots.append(dot);
    }
    svg.setAttribute("viewBox", `${view.x} ${view.y} ${view.w} ${view.h}`);
    drawLines();
    drawLoupe();
    drawNow();
  }

  function still(marks) {
    return { points: marks.points || {}, view: data.view, handed: data.handed, cm: data.lengths[marks.scaleOf || "driver"], heightCm: data.heightCm };
  }

  function posed() {
    const now = still({ points, scaleOf: scaleOf.value });
    return figures.pose(now, data.address ? still(data.address) : null);
  }

  function drawLines() {
    lines.textContent = "";
    const p = posed();
    const taken = [];
    for (const figure of data.figures) {
      const worked = figures.value(figure, p);
      showNumber(figure, worked);
      if (worked !== null) window.looseHipStillLines(lines, figure, worked, p, pixel(), view, taken);
    }
  }

  function showNumber(figure, worked) {
    const line = document.querySelector(`#still-panel [data-figure="${figure.id}"]`);
    if (!line || worked === null) return;
    line.querySelector("[data-number]").textContent = figures.words(figure, worked);
    const bar = line.querySelector(".still-bar");
    if (!bar) return;
    const least = Number(bar.dataset.least);
    const at = ((worked - least) / (Number(bar.dataset.most) - least)) * 100;
    bar.querySelector("[data-at]").setAttribute("x", Math.max(0, Math.min(99.2, at - 0.4)));
  }

  function drawLoupe() {
    const at = hand && points[hand];
    loupe.toggleAttribute("hidden", !at);
    if (!at) return;
    const reach = 34 * Math.max(0.5, pixel());
    loupe.setAttribute("viewBox", `${at[0] - reach} ${at[1] - reach} ${2 * reach} ${2 * reach}`);
    const cross = document.getElementById("loupe-cross");
    cross.textContent = "";
    const width = reach / 60;
    cross.append(make("path", { class: "loupe-line", "stroke-width": width, d: `M${at[0] - reach} ${at[1]}H${at[0] - reach / 8}M${at[0] + reach / 8} ${at[1]}H${at[0] + reach}M${at[0]} ${at[1] - reach}V${at[1] - reach / 8}M${at[0]} ${at[1] + reach / 8}V${at[1] + reach}` }));
    cross.append(make("circle", { class: "loupe-line", "stroke-width": width, fill: "none", cx: at[0], cy: at[1], r: reach / 8 }));
    const inView = (at[0] - view.x) / view.w;
    loupe.classList.toggle("loupe-left", inView > 0.5);
  }

  function drawNow() {
    const list = inGroup();
    const place = hand ? byId[hand] : list.find(open);
    const title = document.getElementById("place-title");
    const count = document.getElementById("place-count");
    const where = document.getElementById("place-where");
    if (place) {
      title.textContent = place.title;
      count.textContent = `${list.indexOf(place) + 1} of ${list.length}${unseen.has(place.id) ? ", not seen" : ""}`;
      where.textContent = place.where || "tap it on the picture; arrow keys move it by a pixel";
    } else {
      title.textContent = group === "body" ? "All placed" : "Marked";
      count.textContent = "";
      where.textContent = "drag any point, or take over what the picture says";
    }
    document.querySelectorAll(".guide-dot").forEach((d) => d.classList.toggle("guide-now", Boolean(place) && d.dataset.dot === place.id));
    document.querySelectorAll("[data-group]").forEach((b) => b.setAttribute("aria-pressed", String(b.dataset.group === group)));
  }

  // --- placing ---------------------------------------------------------------------------------
  function put(id, at) {
    points[id] = [Math.round(at[0] * 10) / 10, Math.round(at[1] * 10) / 10];
    unseen.delete(id);
    draw();
  }

  // The next place: with nothing placed yet it starts where the body usually stands.
  function next() {
    const list = inGroup();
    const from = hand ? list.findIndex((p) => p.id === hand) + 1 : 0;
    const after = list.slice(from).find(open) || list.find(open);
    if (!after && group !== "body") {
      group = "body";
      hand = null;
      return next();
    }
    hand = after ? after.id : null;
    draw();
    return undefined;
  }

  function current() {
    const open1 = inGroup().find(open);
    return hand || (open1 && open1.id);
  }

  function guess(id) {
    const dot = document.querySelector(`.guide-dot[data-dot="${id}"]`);
    const box = document.querySelector(".still-guide").viewBox.baseVal;
    if (!dot) return [view.x + view.w / 2, view.y + view.h / 2];
    return [(dot.cx.baseVal.value / box.width) * data.width, (dot.cy.baseVal.value / box.height) * data.height];
  }

  function hide() {
    const id = current();
    if (!id || byId[id].group !== "body") return;
    snapshot();
    delete points[id];
    unseen.add(id);
    hand = null;
    next();
    keepSoon();
  }

  function takeBack() {
    const last = before.pop();
    if (!last) return;
    const was = JSON.parse(last);
    Object.keys(points).forEach((id) => delete points[id]);
    Object.assign(points, was.points);
    unseen.clear();
    was.unseen.forEach((id) => unseen.add(id));
    hand = was.hand;
    group = was.group;
    draw();
    keepSoon();
  }

  function nudge(dx, dy) {
    const id = current();
    if (!id) return;
    snapshot();
    hand = id;
    const at = points[id] || guess(id);
    put(id, points[id] ? [at[0] + dx, at[1] + dy] : at);
    keepSoon();
  }

  // --- pointer, wheel, pinch -------------------------------------------------------------------
  const held = new Map();
  let drag = null;
  const spot = (event) => {
    const box = svg.getBoundingClientRect();
    const by = Math.max(view.w / box.width, view.h / box.height);
    const left = box.left + (box.width - view.w / by) / 2;
    const top = box.top + (box.height - view.h / by) / 2;
    return [view.x + (event.clientX - left) * by, view.y + (event.clientY - top) * by];
  };

  function nearest(at) {
    const reach = 22 * pixel();
    let best = null;
    for (const [id, p] of Object.entries(points)) {
      const far = Math.hypot(p[0] - at[0], p[1] - at[1]);
      if (far < reach && (!best || far < best.far)) best = { id, far };
    }
    return best && best.id;
  }

  svg.addEventListener("pointerdown", (event) => {
    svg.focus({ preventScroll: true });
    svg.setPointerCapture(event.pointerId);
    held.set(event.pointerId, event);
    if (held.size > 1) {
      drag = { pinch: [...held.values()].map((e) => [e.clientX, e.clientY]), from: { ...view } };
      return;
    }
    const at = spot(event);
    const id = nearest(at);
    drag = id ? { id, grip: [points[id][0] - at[0], points[id][1] - at[1]], moved: false } : { start: [event.clientX, event.clientY], from: { ...view }, at };
    if (id) {
      hand = id;
      draw();
    }
  });

  svg.addEventListener("pointermove", (event) => {
    if (!held.has(event.pointerId) || !drag) return;
    held.set(event.pointerId, event);
    if (drag.pinch) return pinch();
    if (drag.id) {
      if (!drag.moved) snapshot();
      drag.moved = true;
      const at = spot(event);
      return put(drag.id, [at[0] + drag.grip[0], at[1] + drag.grip[1]]);
    }
    const dx = event.clientX - drag.start[0];
    const dy = event.clientY - drag.start[1];
    if (drag.pan || Math.hypot(dx, dy) > 8) {
      drag.pan = true;
      look({ ...drag.from, x: drag.from.x - dx * pixel(), y: drag.from.y - dy * pixel() });
    }
    return undefined;
  });

  function pinch() {
    const [a, b] = [...held.values()].map((e) => [e.clientX, e.clientY]);
    if (!b) return;
    const was = Math.hypot(drag.pinch[0][0] - drag.pinch[1][0], drag.pinch[0][1] - drag.pinch[1][1]);
    const by = was / Math.max(20, Math.hypot(a[0] - b[0], a[1] - b[1]));
    zoom(by, { clientX: (a[0] + b[0]) / 2, clientY: (a[1] + b[1]) / 2 }, drag.from);
  }

  function up(event) {
    if (!held.delete(event.pointerId) || !drag) return;
    const done = drag;
    drag = held.size ? drag : null;
    if (done.pinch || event.type === "pointercancel") return;
    if (done.id) {
      if (done.moved) keepSoon();
      return;
    }
    if (done.pan) return;
    const id = current();
    if (!id) return;
    snapshot();
    hand = id;
    put(id, done.at);
    keepSoon();
  }
  svg.addEventListener("pointerup", up);
  svg.addEventListener("pointercancel", up);
  svg.addEventListener(
    "wheel",
    (event) => {
      event.preventDefault();
      zoom(event.deltaY > 0 ? 1.15 : 1 / 1.15, event);
    },
    { passive: false },
  );

  function look(to) {
    const w = Math.min(data.width, Math.max(data.width / 12, to.w));
    const h = (w * data.height) / data.width;
    view = { x: Math.max(0, Math.min(data.width - w, to.x)), y: Math.max(0, Math.min(data.height - h, to.y)), w, h };
    draw();
  }

  function zoom(by, around, from) {
    const base = from || view;
    const at = around ? spot(around) : hand && points[hand] ? points[hand] : [view.x + view.w / 2, view.y + view.h / 2];
    const w = Math.min(data.width, Math.max(data.width / 12, base.w * by));
    const grown = w / view.w;
    look({ w, x: at[0] - (at[0] - view.x) * grown, y: at[1] - (at[1] - view.y) * grown });
  }

  // --- keys and buttons ------------------------------------------------------------------------
  const DO = {
    lines: () => {
      const on = !stage.classList.toggle("no-lines");
      document.querySelector("[data-do=lines]").setAttribute("aria-pressed", String(on));
    },
    back: takeBack,
    unseen: hide,
    next: () => {
      const id = current();
      if (id && !points[id] && !unseen.has(id) && hand === null) hand = id;
      next();
    },
    in: () => zoom(1 / 1.4),
    out: () => zoom(1.4),
  };
  const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
  const KEYS = { l: "lines", z: "back", n: "unseen", "+": "in", "-": "out" };

  window.looseHipKeys.add((event) => {
    if (event.target.closest("input,select,textarea,summary")) return false;
    const arrow = ARROWS[event.key];
    if (arrow) {
      const by = event.shiftKey ? 10 : 1;
      nudge(arrow[0] * by, arrow[1] * by);
    } else if (event.key === "Enter" && !event.target.closest("a,button")) DO.next();
    else if (KEYS[event.key]) DO[KEYS[event.key]]();
    else if (event.key === "s" && document.getElementById("still-take")) document.getElementById("still-take").requestSubmit();
    else return false;
    return true;
  });

  root.addEventListener("click", (event) => {
    const button = event.target.closest("[data-do],[data-group]");
    if (!button) return;
    if (button.dataset.do) DO[button.dataset.do]();
    else {
      group = group === button.dataset.group ? "body" : button.dataset.group;
      const first = inGroup().find(open) || inGroup()[0];
      hand = group === "body" ? null : first.id;
      draw();
      svg.focus({ preventScroll: true });
    }
  });
  scaleOf.addEventListener("change", () => {
    draw();
    keepSoon();
  });
  root.addEventListener("submit", (event) => {
    const words = event.target.dataset.confirm;
    if (words && !window.confirm(words)) event.preventDefault();
    dirty = false;
    clearTimeout(keeping);
  });
  document.addEventListener("htmx:afterSwap", (event) => {
    if (event.detail.elt.id === "still-panel") drawLines();
  });
  window.addEventListener("resize", draw);

  if (!Object.keys(points).length && !unseen.size) hand = null;
  draw();
  svg.focus({ preventScroll: true });
})();
