"use strict";
// The figures of a still, worked out while a landmark moves: the same handful of formulas as in the
// core, which says which of them each figure is. The error comes from the server once the hand rests.
window.looseHipStillFigures = (function () {
  const deg = (radians) => (radians * 180) / Math.PI;
  const mid = (spots) => [
    spots.reduce((sum, s) => sum + s[0], 0) / spots.length,
    spots.reduce((sum, s) => sum + s[1], 0) / spots.length,
  ];
  const gap = (a, b) => Math.hypot(b[0] - a[0], b[1] - a[1]);
  const same = { re: 1, im: 0, dx: 0, dy: 0 };
  const carried = (p, s) => [p.re * s[0] - p.im * s[1] + p.dx, p.im * s[0] + p.re * s[1] + p.dy];

  function then(first, next) {
    const shift = carried(next, [first.dx, first.dy]);
    return { re: next.re * first.re - next.im * first.im, im: next.im * first.re + next.re * first.im, dx: shift[0], dy: shift[1] };
  }

  function upright(points) {
    const a = points["plumb-a"];
    const b = points["plumb-b"];
    if (!a || !b) return same;
    const [low, high] = a[1] >= b[1] ? [a, b] : [b, a];
    const off = Math.atan2(high[0] - low[0], low[1] - high[1]);
    return { re: Math.cos(-off), im: Math.sin(-off), dx: 0, dy: 0 };
  }

  // Lays the address still over this one: by two marks, else by the ball, else as the camera stood.
  function tie(from, to) {
    const marks = ["mark-a", "mark-b"];
    if (marks.every((m) => from[m] && to[m])) {
      const [fa, fb] = marks.map((m) => from[m]);
      const [ta, tb] = marks.map((m) => to[m]);
      const f = [fb[0] - fa[0], fb[1] - fa[1]];
      const t = [tb[0] - ta[0], tb[1] - ta[1]];
      const square = f[0] * f[0] + f[1] * f[1];
      if (square === 0) return same;
      const re = (t[0] * f[0] + t[1] * f[1]) / square;
      const im = (t[1] * f[0] - t[0] * f[1]) / square;
      return { re, im, dx: ta[0] - (re * fa[0] - im * fa[1]), dy: ta[1] - (im * fa[0] + re * fa[1]) };
    }
    if (from.ball && to.ball) return { re: 1, im: 0, dx: to.ball[0] - from.ball[0], dy: to.ball[1] - from.ball[1] };
    return same;
  }

  function moved(points, by) {
    return Object.fromEntries(Object.entries(points).map(([id, spot]) => [id, carried(by, spot)]));
  }

  function ahead(points, view, handed) {
    const across = (a, b) => (points[a] && points[b] ? points[b][0] - points[a][0] : 0);
    const by = view === "down-the-line" ? across("heel", "toe") : across("trail-ankle", "lead-ankle") || across("trail-hip", "lead-hip");
    return by !== 0 ? Math.sign(by) : handed === "right" ? 1 : -1;
  }

  const scale = (points, cm) => (points["scale-a"] && points["scale-b"] && cm ? gap(points["scale-a"], points["scale-b"]) / cm : null);

  // A still as figures need it; `address` is that of the same camera, when there is one.
  function pose(still, address) {
    const level = upright(still.points);
    const made = {
      raw: still.points,
      points: moved(still.points, level),
      ahead: ahead(still.points, still.view, still.handed),
      px: scale(still.points, still.cm),
      back: (spot) => carried({ re: level.re, im: -level.im, dx: 0, dy: 0 }, spot),
    };
    if (address) {
      const over = tie(address.points, still.points);
      const px = scale(address.points, address.cm);
      made.then = moved(address.points, then(over, level));
      if (made.px === null && px !== null) made.px = px * Math.hypot(over.re, over.im);
    }
    made.height = still.heightCm && made.px ? still.heightCm * made.px : null;
    return made;
  }

  const sense = (name) => (name === "AHEAD" ? 1 : -1);
  const lean = (p, a, b, way) => deg(Math.atan2(sense(way) * p.ahead * (b[0] - a[0]), a[1] - b[1]));
  function bend(points, of) {
    const at = points[of.at];
    const u = [points[of.above][0] - at[0], points[of.above][1] - at[1]];
    const v = [points[of.below][0] - at[0], points[of.below][1] - at[1]];
    return 180 - deg(Math.atan2(Math.abs(u[0] * v[1] - u[1] * v[0]), u[0] * v[0] + u[1] * v[1]));
  }
  const has = (points, ids) => ids.every((id) => points && points[id]);

  const KINDS = {
    Share: [(o) => [o.from, o.to, o.of], (p, o) => (p.points[o.of][0] - p.points[o.from][0]) / (p.points[o.to][0] - p.points[o.from][0])],
    Lean: [(o) => [o.low, o.high], (p, o) => lean(p, p.points[o.low], p.points[o.high], o.sense)],
    Bend: [(o) => [o.above, o.at, o.below], (p, o) => bend(p.points, o)],
    Fall: [
      (o) => [o.from, o.to],
      (p, o) => deg(Math.atan2(p.points[o.to][1] - p.points[o.from][1], p.ahead * (p.points[o.to][0] - p.points[o.from][0]))),
    ],
    Bow: [
      (o) => [o.low, o.middle, o.high],
      (p, o) => {
        const a = p.points[o.low];
        const c = [p.points[o.high][0] - a[0], p.points[o.high][1] - a[1]];
        const m = p.points[o.middle];
        return (sense(o.sense) * p.ahead * (c[0] * (m[1] - a[1]) - c[1] * (m[0] - a[0]))) / (c[0] * c[0] + c[1] * c[1]);
      },
    ],
    Gaps: [(o) => [o.a, o.b, o.over, o.and], (p, o) => gap(p.points[o.a], p.points[o.b]) / gap(p.points[o.over], p.points[o.and])],
    Turn: [
      (o) => [o.low, o.middle, o.high],
      (p, o) => lean(p, p.points[o.middle], p.points[o.high], o.sense) - lean(p, p.points[o.low], p.points[o.middle], o.sense),
    ],
    Stack: [
      (o) => [o.a, o.b, o.heel, o.toe],
      (p, o) => {
        const foot = p.points[o.heel][0] + 0.7 * (p.points[o.toe][0] - p.points[o.heel][0]);
        const x = [p.points[o.a][0], p.points[o.b][0], foot];
        return p.height ? (Math.max(...x) - Math.min(...x)) / p.height : NaN;
      },
    ],
    Across: [(o) => o.of, (p, o) => since(p, o.of, (now, was) => sense(o.sense) * p.ahead * (now[0] - was[0]))],
    Higher: [(o) => o.of, (p, o) => since(p, o.of, (now, was) => was[1] - now[1])],
    MoreBent: [
      (o) => [o.bend.above, o.bend.at, o.bend.below],
      (p, o) => (has(p.then, [o.bend.above, o.bend.at, o.bend.below]) ? bend(p.points, o.bend) - bend(p.then, o.bend) : NaN),
    ],
    Beyond: [
      (o) => [...o.of, o.past],
      (p, o) =>
        p.px ? (sense(o.sense) * p.ahead * (mid(o.of.map((id) => p.points[id]))[0] - p.points[o.past][0])) / p.px - o.lessCm : NaN,
    ],
  };

  function since(p, of, move) {
    if (!p.px || !has(p.then, of)) return NaN;
    return move(mid(of.map((id) => p.points[id])), mid(of.map((id) => p.then[id]))) / p.px;
  }

  // A figure's value; null when something it needs is missing.
  function value(figure, p) {
    const [needs, work] = KINDS[figure.kind];
    if (!has(p.points, needs(figure.of))) return null;
    const worked = work(p, figure.of);
    return Number.isFinite(worked) ? worked : null;
  }

  function words(figure, worked) {
    const digits = Math.abs(worked / (figure.per || 1)).toFixed(figure.decimals);
    const unit = figure.unit === "°" ? "°" : figure.unit ? " " + figure.unit : "";
    return (worked < 0 && Number(digits) !== 0 ? "−" : "") + digits + unit;
  }

  return { pose, value, words, mid, needs: (figure) => KINDS[figure.kind][0](figure.of) };
})();
