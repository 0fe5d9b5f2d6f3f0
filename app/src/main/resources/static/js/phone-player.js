"use strict";
// Plays one thing after the other: counts repetitions, holds and sides down, moves the drawing in the
// tempo of the dose. What it counts is worked out beforehand as a list of beats.
window.routinePlayer = (function () {
  const FIRST = 30;
  const BETWEEN = 15;
  const MOVE = 10;
  const SIDES = 5;
  const SETS = 15;
  const calm = window.matchMedia("(prefers-reduced-motion: reduce)");
  const PLACES = { standing: "standing up", kneeling: "on your knees", floor: "on the floor" };
  const $ = (id) => document.getElementById(id);
  let pieces = [];
  let at = 0;
  let beats = [];
  let beat = 0;
  let left = 0;
  let running = false;
  let last = 0;
  let over = null;
  let passed = null;
  let wake = null;

  const piece = () => pieces[at];
  const article = (id) => document.querySelector(`[data-item="${CSS.escape(id)}"]`);
  const sideWord = (side) => (side ? side + " side" : "");

  // Every beat: how long, what is counted, what is said.
  function beatsOf(p, before) {
    const moved = before && before.position !== p.position;
    const all = [{ kind: "ready", seconds: before ? BETWEEN + (moved ? MOVE : 0) : FIRST, say: moved ? "Now " + PLACES[p.position] : "Get ready" }];
    for (let set = 1; set <= p.sets + p.extra; set++) {
      const sides = set > p.sets ? p.sides.slice(0, 1) : p.sides;
      if (set > 1) all.push({ kind: "rest", seconds: SETS, say: "Rest. Next: set " + set });
      sides.forEach((side, s) => {
        if (s > 0) all.push({ kind: "side", seconds: SIDES, say: "Change to the " + sideWord(side) });
        for (let rep = 1; rep <= p.reps; rep++) {
          for (let way = 1; way <= p.ways; way++) {
            const say = way > 1 ? "The other way" : "";
            all.push({ kind: "rep", seconds: p.out + p.stay + p.hold + p.back, rep, set, side, say, out: p.out, held: p.stay + p.hold });
          }
        }
      });
    }
    return all;
  }

  function load(index) {
    at = index;
    beats = beatsOf(piece(), pieces[at - 1]);
    beat = 0;
    left = beats[0].seconds;
    const own = article(piece().id);
    window.routineMotion.show($("p-drawing"), own, document.body.dataset.turned === "true");
    window.routineMotion.at(0);
    $("p-place").textContent = `${at + 1} of ${pieces.length}`;
    $("p-name").textContent = own ? own.querySelector("h3").textContent : piece().id;
    $("p-words").textContent = "";
    if (own) {
      const line = (head, text) => {
        const p = document.createElement("span");
        p.append(Object.assign(document.createElement("b"), { textContent: head }), text);
        return p;
      };
      const parts = [line("", own.querySelector(".start").textContent + " " + [...own.querySelectorAll(".steps li")].map((li) => li.textContent).join(" "))];
      const changed = own.querySelector(".changed span");
      if (changed) parts.push(line("For you: ", changed.textContent));
      const cue = own.querySelector(".cue");
      if (cue) parts.push(line("", cue.textContent));
      parts.push(line("Feel: ", own.querySelector(".feel").textContent));
      $("p-words").append(...parts);
    }
    says(beats[0].say + ". " + (own ? own.querySelector(".dose b").textContent : ""));
    draw();
  }

  function says(words) {
    if (words) $("p-say").textContent = words;
  }

  function beep(high) {
    if (window.routineOptions.on("sound")) window.routineOptions.beep(high);
    if (window.routineOptions.on("shake") && navigator.vibrate) navigator.vibrate(high ? 120 : 40);
  }

  // What the large figure shows: repetitions, or the seconds of a hold and a pause.
  function draw() {
    const b = beats[beat];
    const p = piece();
    const seconds = Math.ceil(left - 0.001);
    const single = p.reps === 1 || b.kind !== "rep";
    $("p-count").textContent = single ? String(Math.max(0, seconds)) : String(b.rep);
    $("p-of").textContent = single ? "seconds" : `of ${p.reps}`;
    const set = b.kind === "rep" && p.sets + p.extra > 1 ? `set ${b.set} of ${p.sets + (b.set > p.sets ? p.extra : 0)}` : "";
    $("p-side").textContent = [b.kind === "rep" ? sideWord(b.side) : "", set].filter(Boolean).join(" · ");
    document.getElementById("player").dataset.beat = b.kind;
    const whole = beats.reduce((sum, x) => sum + x.seconds, 0);
    const done = beats.slice(0, beat).reduce((sum, x) => sum + x.seconds, 0) + (b.seconds - left);
    $("p-bar").style.setProperty("--done", (whole ? done / whole : 1).toFixed(4));
    if (b.kind !== "rep") return window.routineMotion.at(0);
    const since = b.seconds - left;
    const back = b.seconds - b.out - b.held;
    let share = 1;
    if (since < b.out) share = b.out ? since / b.out : 1;
    else if (since > b.out + b.held) share = back ? 1 - (since - b.out - b.held) / back : 1;
    if (p.reps === 1 && p.hold === 0) share = 0.5 - 0.5 * Math.cos((since / 4) * Math.PI);
    window.routineMotion.at(calm.matches ? (share > 0.5 ? 1 : 0) : share);
  }

  function tick(time) {
    if (!running) return;
    const gone = Math.min(1, (time - last) / 1000);
    last = time;
    const before = Math.ceil(left);
    left -= gone;
    if (left <= 0) {
      const past = beats[beat];
      beat += 1;
      if (beat >= beats.length) return finish();
      const b = beats[beat];
      left = b.seconds + left;
      if (b.kind !== "rep" || past.kind !== "rep") {
        beep(true);
        says(b.kind === "rep" ? [b.say || "Go", sideWord(b.side)].filter(Boolean).join(", ") : b.say);
      } else {
        beep(false);
        if (b.say) says(b.say);
      }
    } else if (Math.ceil(left) !== before && left < 3 && beats[beat].seconds > 5) beep(false);
    draw();
    requestAnimationFrame(tick);
  }

  function finish() {
    running = false;
    beep(true);
    over(piece());
    next();
  }

  function next() {
    if (at + 1 < pieces.length) {
      load(at + 1);
      go();
    } else stop(true);
  }

  function go() {
    if (running || !pieces.length) return;
    running = true;
    last = performance.now();
    document.querySelector("[data-pause]").textContent = "Pause";
    requestAnimationFrame(tick);
    awake(true);
  }

  function pause() {
    running = false;
    document.querySelector("[data-pause]").textContent = "Go on";
  }

  // The screen stays on where the browser allows it.
  async function awake(on) {
    try {
      if (on && !wake && navigator.wakeLock) wake = await navigator.wakeLock.request("screen");
      if (!on && wake) {
        await wake.release();
        wake = null;
      }
    } catch (notAllowed) {
      wake = null;
    }
  }
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible" && running) {
      wake = null;
      awake(true);
    }
  });

  function stop(whole) {
    running = false;
    awake(false);
    const ended = passed;
    pieces = [];
    if (ended) ended(whole);
  }

  // Back: to the beginning of this one, or to the one before when it has hardly begun.
  function back() {
    const begun = beat > 0;
    load(begun || at === 0 ? at : at - 1);
    go();
  }

  function play(list, each, end) {
    pieces = list;
    over = each;
    passed = end;
    load(0);
    go();
  }

  return { play, pause, go, back, next, stop, toggle: () => (running ? pause() : go()), piece, running: () => running, beatsOf };
})();
