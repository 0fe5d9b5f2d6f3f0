"use strict";
// The golfer's page: today, the player, after it, how am I doing. What is said goes to the queue.
(function () {
  const $ = (id) => document.getElementById(id);
  const all = (selector) => [...document.querySelectorAll(selector)];
  const queue = window.routineQueue;
  const player = window.routinePlayer;
  const body = document.body;
  const article = (id) => document.querySelector(`[data-item="${CSS.escape(id)}"]`);
  const nameOf = (id) => (article(id) ? article(id).querySelector("h3").textContent : id.replaceAll("-", " "));
  if (body.hasAttribute("data-ended")) return;
  if ("serviceWorker" in navigator) navigator.serviceWorker.register(body.dataset.base + "worker.js").catch(() => {});
  queue.watch(line);
  line(queue.state());
  if (body.dataset.shut === "true") return;

  const routine = JSON.parse($("routine").textContent);
  const NONE = { hold: 0, out: 0, stay: 0, back: 0, extra: 0, asked: "" };
  routine.pieces = routine.pieces.map((p) => ({ ...NONE, ...p }));
  routine.reset = routine.reset.map((p) => ({ ...NONE, ...p }));
  for (const [on, places] of Object.entries(routine.sessions)) routine.sessions[on] = places.map((n) => routine.pieces[n]);
  queue.setClock(routine.now);
  const limits = routine.limits;
  let day = "";
  let told = new Map();
  let began = 0;
  let reset = false;

  const dayOf = (millis) => new Date(millis + routine.zone * 60000).toISOString().slice(0, 10);
  const made = dayOf(routine.now);
  const today = () => dayOf(queue.now().getTime());
  const dayBefore = () =>
    Object.keys(routine.sessions)
      .filter((d) => d < today() && (routine.said[d] || []).length)
      .sort()
      .pop();

  function line(state) {
    const words = [];
    if (state.waiting) words.push(state.lost ? `${state.waiting} kept on this phone, sent when there is a line` : "sending …");
    state.refused.forEach((r) => words.push(`Not taken: ${r.why}`));
    $("line").textContent = words.join(" · ");
  }

  const sections = ["today", "player", "after", "doing", "sheet"];
  function show(which) {
    sections.forEach((id) => ($(id).hidden = !which.includes(id)));
    document.querySelector("footer").hidden = !which.includes("today");
    body.dataset.view = which[0];
    const head = $(which[0]).querySelector("h1, h2");
    if (which[0] !== "today") head.focus();
    window.scrollTo(0, 0);
  }
  const home = () => show(["today"]);

  // A page kept from yesterday shows today's session by the clock, not the one it was made for.
  function freshen() {
    const session = routine.sessions[today()];
    const button = document.querySelector("[data-begin]");
    if (button) button.hidden = !session || !session.length;
    if (made !== today()) {
      $("now").textContent = session ? `${session.length} things` : "Nothing today.";
      if ($("list")) $("list").hidden = true;
    }
    const said = new Set((routine.said[today()] || []).concat([...told.keys()]));
    const open = (session || []).filter((p) => !said.has(p.id) && !closed(p.id));
    if (button && session) button.textContent = !open.length ? "Do it again" : open.length < session.length ? "Go on" : "Begin";
    return open.length ? open : (session || []).filter((p) => !closed(p.id));
  }
  const closed = (id) => article(id) && article(id).classList.contains("closed");

  function close(id, words) {
    const own = article(id);
    if (!own || own.classList.contains("closed")) return;
    own.classList.add("closed");
    const p = Object.assign(document.createElement("p"), { className: "closed-words", textContent: words });
    own.querySelector(".dose").after(p);
  }

  // What happened to one thing. The first word is kept at once; more may be said afterwards.
  function tell(id, more) {
    const before = told.get(id) || {};
    const pain = Math.max(before.pain ?? -1, more.pain ?? -1);
    const entry = { plan: routine.plan, day, item: id, ...before, ...more };
    if (pain >= 0) entry.pain = pain;
    told.set(id, entry);
    if (!reset || entry.pain >= limits.stop) queue.say(entry);
  }

  function begin(pieces, asReset) {
    if (!pieces.length) return;
    reset = asReset;
    day = today();
    told = new Map();
    began = Date.now();
    show(["player"]);
    player.play(
      pieces,
      (piece) => tell(piece.id, told.get(piece.id)?.skipped ? {} : { done: piece.asked || "between" }),
      () => (reset ? home() : after()),
    );
  }

  function after() {
    if (!told.size) return home();
    show(["after"]);
    all("#after [aria-checked]").forEach((b) => b.setAttribute("aria-checked", "false"));
    document.querySelector("[data-all-asked]").disabled = true;
    const hurt = [...told.values()].some((e) => e.pain > 0 || e.skipped);
    document.querySelector("[data-all-asked]").textContent = hurt ? "The rest as asked, no pain" : "All as asked, no pain";
    $("told").replaceChildren(
      ...[...told.values()].map((entry) => {
        const li = document.createElement("li");
        li.append(Object.assign(document.createElement("b"), { textContent: nameOf(entry.item) }));
        const chips = Object.assign(document.createElement("span"), { className: "chips" });
        const own = article(entry.item);
        const amounts = own ? [...own.querySelectorAll("[data-amount]")] : [];
        chips.append(...amounts.map((a) => choice(a.textContent, entry.done === a.dataset.amount && !entry.skipped, () => tell(entry.item, { done: a.dataset.amount, skipped: undefined }))));
        chips.append(choice("hands or lean needed", entry.leaned, (on) => tell(entry.item, { leaned: on }), true));
        chips.append(choice("form lost", entry.poorForm, (on) => tell(entry.item, { poorForm: on }), true));
        li.append(chips);
        if (entry.pain > 0) li.append(Object.assign(document.createElement("small"), { textContent: "pain " + entry.pain }));
        return li;
      }),
    );
    const last = dayBefore();
    $("worse").hidden = !last;
    $("worse-items").replaceChildren(
      ...(last ? routine.sessions[last] : []).map((p) =>
        choice(nameOf(p.id), false, (on) => on && queue.say({ plan: routine.plan, day: last, item: p.id, worse: true }), true),
      ),
    );
  }

  // A chip: one of its row, or on and off by itself.
  function choice(words, on, chosen, alone) {
    const button = Object.assign(document.createElement("button"), { type: "button", className: "tap", textContent: words });
    button.setAttribute("aria-pressed", String(Boolean(on)));
    button.addEventListener("click", () => {
      const now = alone ? button.getAttribute("aria-pressed") !== "true" : true;
      if (!alone) button.parentElement.querySelectorAll(".tap:not([data-alone])").forEach((b) => b.setAttribute("aria-pressed", "false"));
      button.setAttribute("aria-pressed", String(now));
      chosen(now);
    });
    if (alone) button.dataset.alone = "";
    return button;
  }

  const chosenOf = (what) => document.querySelector(`[data-figures="${what}"] [aria-checked="true"]`)?.textContent;

  function done(painless) {
    const effort = chosenOf("effort") === undefined ? undefined : Number(chosenOf("effort"));
    for (const id of [...told.keys()]) {
      const entry = told.get(id);
      const more = {};
      if (effort !== undefined && !entry.skipped) more.effort = effort;
      if (painless && entry.pain === undefined && !entry.skipped) more.pain = 0;
      if (Object.keys(more).length) tell(id, more);
    }
    const minutes = Math.round((Date.now() - began) / 60000);
    queue.say({ plan: routine.plan, day, effort, minutes, felt: $("felt").value.trim() });
    routine.said[day] = (routine.said[day] || []).concat([...told.keys()]);
    $("felt").value = "";
    const open = freshen().filter((p) => !routine.said[day].includes(p.id)).length;
    $("now").textContent = open ? `Kept. ${open} still open today.` : "Done for today.";
    home();
  }

  // Pain in the player: how much, where, and what follows.
  function hurts() {
    player.pause();
    all("#ask-pain [aria-checked]").forEach((b) => b.setAttribute("aria-checked", "false"));
    document.querySelector("[data-pain-done]").disabled = true;
    $("pain-follows").textContent = "";
    $("where").value = "";
    $("ask-pain").showModal();
  }

  function follows(pain) {
    const own = article(player.piece().id);
    const easier = own ? own.querySelector(".easier").textContent : "smaller and slower";
    $("pain-follows").textContent =
      pain >= limits.stop ? "Stop this one now. It stays closed until your trainer has decided." : pain >= limits.easier ? "Make it easier: " + easier : "Up to 2: carry on, gently.";
    document.querySelector("[data-pain-done]").disabled = false;
  }

  function painDone() {
    const pain = Number(chosenOf("pain"));
    const id = player.piece().id;
    $("ask-pain").close();
    const stops = pain >= limits.stop;
    tell(id, { pain, site: $("where").value.trim(), done: stops ? "under" : told.get(id)?.done || "between" });
    if (stops) {
      close(id, "Stopped by pain today. Leave it out until your trainer says so.");
      $("p-say").textContent = "Closed. Your trainer will see it.";
      player.next();
    } else {
      if (pain >= limits.easier) $("p-say").textContent = $("pain-follows").textContent;
      player.go();
    }
  }

  function skip(because) {
    $("ask-skip").close();
    if (because === "pain") return hurts();
    tell(player.piece().id, { done: "under", skipped: because });
    player.next();
  }

  // The figures 0 to 10 of effort and pain.
  all("[data-figures]").forEach((row) => {
    row.setAttribute("role", "radiogroup");
    for (let n = 0; n <= 10; n++) {
      const button = Object.assign(document.createElement("button"), { type: "button", textContent: String(n) });
      button.setAttribute("role", "radio");
      button.setAttribute("aria-checked", "false");
      button.addEventListener("click", () => {
        row.querySelectorAll("button").forEach((b) => b.setAttribute("aria-checked", String(b === button)));
        if (row.dataset.figures === "pain") follows(n);
        else document.querySelector("[data-all-asked]").disabled = false;
      });
      row.append(button);
    }
  });

  const taps = {
    "[data-begin]": () => begin(freshen(), false),
    "[data-reset]": () => begin(routine.reset.filter((p) => !closed(p.id)), true),
    "[data-doing]": () => show(["doing"]),
    "[data-home]": home,
    "[data-read]": () => show(body.dataset.view === "sheet" ? ["today"] : ["sheet", "today"]),
    "[data-pause]": () => player.toggle(),
    "[data-back]": () => player.back(),
    "[data-skip]": () => {
      player.pause();
      $("ask-skip").showModal();
    },
    "[data-pain]": hurts,
    "[data-leave]": () => player.stop(false),
    "[data-no-pain]": () => {
      $("ask-pain").close();
      player.go();
    },
    "[data-pain-done]": painDone,
    "[data-close]": () => {
      $("ask-skip").close();
      player.go();
    },
    "[data-all-asked]": () => done(true),
    "[data-told]": () => done(false),
  };
  document.addEventListener("click", (event) => {
    const because = event.target.closest("[data-because]");
    if (because) return skip(because.dataset.because);
    for (const [selector, act] of Object.entries(taps)) if (event.target.closest(selector)) return act();
  });
  document.addEventListener("keydown", (event) => {
    if ($("player").hidden || document.querySelector("dialog[open]") || event.target.closest("input")) return;
    const key = { " ": "[data-pause]", ArrowLeft: "[data-back]", ArrowRight: "[data-skip]", s: "[data-skip]", p: "[data-pain]" }[event.key];
    if (!key || (event.key === " " && event.target.closest("button"))) return;
    event.preventDefault();
    document.querySelector(key).click();
  });
  all("dialog").forEach((d) => d.addEventListener("cancel", () => player.go()));

  document.addEventListener("routine:answer", (event) => {
    event.detail.closed.forEach((id) => close(id, "Stopped by pain. Leave it out until your trainer says so."));
    if (event.detail.shut) location.reload();
    freshen();
  });

  // Beeps and vibration are the golfer's choice.
  const options = JSON.parse(localStorage.getItem("routine.options") || "{}");
  let sound = null;
  window.routineOptions = {
    on: (name) => Boolean(options[name]),
    beep: (high) => {
      sound = sound || new AudioContext();
      const tone = sound.createOscillator();
      const loud = sound.createGain();
      tone.frequency.value = high ? 880 : 520;
      loud.gain.value = 0.12;
      tone.connect(loud).connect(sound.destination);
      tone.start();
      tone.stop(sound.currentTime + (high ? 0.18 : 0.07));
    },
  };
  all("[data-option]").forEach((box) => {
    box.checked = Boolean(options[box.dataset.option]);
    box.addEventListener("change", () => {
      options[box.dataset.option] = box.checked;
      localStorage.setItem("routine.options", JSON.stringify(options));
    });
  });

  all("[data-scripted]").forEach((part) => (part.hidden = false));
  freshen();
  home();
})();
