"use strict";
// Run mode under one hand: number pad, keys, and the arc that grows while digits come.
(function () {
  const queue = window.looseHipQueue;
  const form = () => document.getElementById("try-form");
  const entry = () => document.getElementById("entry");
  const live = () => document.getElementById("live");
  const touch = window.matchMedia("(pointer: coarse)").matches;
  let painOpen = false;
  let noteOpen = false;
  let inHand = false;
  const asked = [];

  function typed() {
    const value = parseFloat(entry().value.replace(",", "."));
    return Number.isFinite(value) ? value : 0;
  }

  function arc(shown) {
    const path = document.getElementById("typed-arc");
    if (!path) return;
    const turn = Math.max(0, Math.min(180, shown === undefined ? typed() : Number(shown) || 0));
    const a = Math.PI * (1 - turn / 180);
    const x = 55 + 45 * Math.cos(a);
    const y = 55 - 45 * Math.sin(a);
    path.setAttribute("d", turn ? `M10 55A45 45 0 0 1 ${x.toFixed(1)} ${y.toFixed(1)}` : "");
  }

  window.looseHipArc = arc;

  function put(text) {
    const input = entry();
    if (!input) return;
    input.value += text;
    input.dispatchEvent(new Event("input", { bubbles: true }));
  }

  function set(value) {
    entry().value = value;
    entry().dispatchEvent(new Event("input", { bubbles: true }));
  }

  // While a number waits to be settled, what is tapped goes before it.
  function post(path, values, latest) {
    const job = { base: form().dataset.base, url: form().dataset.base + path, target: "#live", values };
    if (queue.held()) queue.first(job, latest);
    else queue.post(job, latest);
  }

  // The try a tap acts on: the one being corrected, else none is named and the last one is meant.
  const row = () => document.getElementById("correcting").value;
  const boxOf = (rowId) => document.querySelector(`[data-correct="${rowId}"]`);

  // A taken try as it stands when something is sent: each save gives it another row.
  const rowNow = (label) => {
    const box = document.querySelector(`[data-correct][data-label="${label}"]`);
    return box ? box.dataset.correct : "";
  };

  const onTheWay = () => queue.waiting(form().dataset.base + "/tries").length;

  // Takes what stands in the field, or the floor angle that was reached. The field is free at once.
  function take(laid, made, device) {
    const box = row() && boxOf(row());
    const method = form().querySelector("[name=method]");
    const values = {
      value: made || entry().value,
      correcting: row(),
      confirm: document.getElementById("confirm").value,
      submitKey: (device || "") + queue.fresh(),
      method: device === undefined ? (method ? method.value : "") : "inclinometer",
      compensations: [...document.querySelectorAll("[data-compensation]:checked")].filter(() => !made || !onTaken()).map((c) => c.value),
      blind: Boolean(blind() && !box && Number(live().dataset.tries) + onTheWay() < 3),
      laid: laid || "",
    };
    const job = { base: form().dataset.base, url: form().dataset.base + "/tries", target: "#live", values };
    const latest = box && !queue.held() ? () => ({ correcting: rowNow(box.dataset.label) }) : null;
    document.getElementById("correcting").value = "";
    document.getElementById("confirm").value = "";
    set("");
    shows([], "this try");
    if (queue.held()) queue.first(job);
    else queue.post(job, latest);
  }

  // A device takes what it measured; its tries are told apart by the beginning of their key.
  window.looseHipTake = (degrees, device) => take("", String(degrees), device);

  // Tries on their way stand beside the others until they are saved.
  function showsWaiting() {
    if (!form() || !document.querySelector(".tries")) return;
    document.querySelectorAll(".waiting-try").forEach((li) => li.remove());
    const before = document.querySelector(".tries > li:has(.try-entry)");
    for (const number of asked) {
      const li = document.createElement("li");
      li.className = "waiting-try";
      li.innerHTML = "<button type=button data-asked><small>not taken</small><span class=number></span></button>";
      li.querySelector(".number").textContent = number;
      before.before(li);
    }
    for (const job of queue.waiting(form().dataset.base + "/tries")) {
      if (job.values.correcting) continue;
      const li = document.createElement("li");
      li.className = "waiting-try";
      li.innerHTML = "<small>waiting</small><span class=number></span>";
      li.lastChild.textContent = job.values.value;
      before.before(li);
    }
  }
  queue.watch(showsWaiting);

  // Whether there is something in hand that going on would leave behind.
  function somethingInHand() {
    if (!entry() || entry().value.trim() === "") return false;
    const box = row() && boxOf(row());
    return !box || box.dataset.value !== entry().value;
  }

  // Going on with a number in hand takes it first.
  function goOn(href) {
    if (somethingInHand()) take();
    queue.leave(href, true);
  }

  // A word is sent as soon as it is chosen; a second one waits its turn.
  document.addEventListener("change", (event) => {
    if (!form()) return;
    if (event.target.matches("[data-compensation]")) seen(event.target);
    if (event.target.matches("[data-pain-level], [data-pain-site]")) hurts();
    if (event.target.id === "test-note") post("/note", { note: event.target.value });
    const slot = event.target.closest("#try-form .word-row") && event.target.dataset.slot;
    if (slot) post("/words/" + slot, { value: event.target.value });
  });

  function stopCorrecting() {
    document.getElementById("correcting").value = "";
    document.getElementById("confirm").value = "";
    const label = document.getElementById("entry-label");
    if (label && label.dataset.plain) label.textContent = label.dataset.plain;
    entry().value = "";
    if (queue.held()) queue.release();
    showsTaken();
    arc();
  }

  // The first digit of a new try takes the chips with it; with the last one gone they go back.
  document.addEventListener("input", (event) => {
    if (event.target.id !== "entry") return;
    arc();
    if (row()) return;
    if (entry().value === "") showsTaken();
    else if (!inHand && document.querySelector("[data-seen-in]")) shows([], "this try");
    inHand = entry().value !== "";
  });

  // Enter takes; taking nothing goes on.
  document.addEventListener(
    "submit",
    (event) => {
      if (event.target.id !== "try-form") return;
      event.preventDefault();
      event.stopPropagation();
      const beside = document.activeElement.closest("#pain-site, #test-note");
      if (beside) beside.blur();
      if (!entry() || beside) return;
      if (entry().value.trim() !== "") take();
      else if (!row()) queue.leave(document.querySelector("[data-next]").href);
    },
    true,
  );

  document.addEventListener("click", (event) => {
    if (!form()) return;
    const hit = (selector) => event.target.closest(selector);
    const digit = hit("[data-digit]");
    if (digit) put(digit.dataset.digit);
    if (hit("[data-back]")) set(entry().value.slice(0, -1));
    if (hit("[data-minus]")) {
      entry().value = entry().value.startsWith("-") ? entry().value.slice(1) : "-" + entry().value;
      arc();
    }
    if (hit("[data-void]")) voids();
    if (hit("[data-pain-open]")) pain();
    if (hit("[data-note-open]")) note();
    if (hit("[data-blind]")) turnBlind(!blind());
    if (hit(".mind")) hit(".mind").classList.toggle("whole");
    if (hit("[data-show-tries]")) form().classList.add("shown");
    const reached = hit("[data-reached]");
    if (reached) take(reached.dataset.laid || "", reached.dataset.value);
    const onward = hit("[data-pad-next], [data-next]");
    if (onward && somethingInHand()) {
      event.preventDefault();
      goOn(onward.href);
    }
    const waits = hit("[data-asked]");
    if (waits) {
      const number = waits.querySelector(".number").textContent;
      asked.splice(asked.indexOf(number), 1);
      set(number);
      showsWaiting();
    }
    const box = hit("[data-correct]");
    if (box) correct(box);
    else if (event.detail > 0 && hit("[data-blind], [data-reached], [data-void], [data-show-tries], .pad button") && entry() && !touch) entry().focus();
  });

  function correct(box) {
    const label = document.getElementById("entry-label");
    label.dataset.plain = label.dataset.plain || label.textContent;
    label.textContent = "correcting the " + box.dataset.label;
    document.getElementById("correcting").value = box.dataset.correct;
    entry().value = box.dataset.value;
    showsIn(box);
    if (!touch) {
      entry().focus();
      entry().select();
    }
    arc();
  }

  // The try already taken that what is seen belongs to, if any: nothing new stands in the field.
  function onTaken() {
    const chips = document.querySelector("[data-seen-in]");
    const corrected = row() && boxOf(row());
    if (corrected) return entry().value === corrected.dataset.value ? corrected : null;
    return chips && entry().value === "" ? boxOf(chips.dataset.seenIn) : null;
  }

  const lastTaken = () => boxOf(document.querySelector("[data-seen-in]")?.dataset.seenIn || "");

  // While a try is on its way the last one is meant: by then it is the last.
  const ofLast = () => entry().value === "" && !row() && onTheWay() > 0;
  const rowOf = (box) => (box && !ofLast() ? () => ({ row: rowNow(box.dataset.label) }) : null);

  function voids() {
    const box = row() ? boxOf(row()) : lastTaken();
    post("/void", { row: box && !ofLast() ? box.dataset.correct : "" }, rowOf(box));
  }

  // The chips tell what was seen in one try, and say in which.
  function shows(ids, words) {
    document.querySelectorAll("[data-compensation]").forEach((c) => (c.checked = ids.includes(c.value)));
    const of = document.querySelector("[data-chips-for]");
    if (of) of.textContent = words;
  }

  function showsIn(box) {
    shows((box.dataset.seen || "").split(" "), box.dataset.label + ", " + box.dataset.value);
  }

  function showsTaken() {
    const chips = document.querySelector("[data-seen-in]");
    const box = chips && boxOf(chips.dataset.seenIn);
    if (box) showsIn(box);
  }

  // Tapped before the number it goes with the try; after it, it is saved at once.
  function seen(chip) {
    const taken = onTaken();
    const said = { value: chip.value, seen: chip.checked };
    if (ofLast()) post("/compensations", { ...said, row: "" });
    else if (taken) post("/compensations", { ...said, row: taken.dataset.correct, label: taken.dataset.label }, rowOf(taken));
  }

  // What was tapped and is still on its way stands as it was tapped, whatever comes back meanwhile.
  function showsTapped() {
    const box = onTaken();
    if (!box) return;
    for (const job of queue.unsent(form().dataset.base + "/compensations")) {
      const chip = document.getElementById("comp-" + job.values.value);
      if (chip && (!job.values.label || job.values.label === box.dataset.label)) chip.checked = job.values.seen;
    }
  }

  // A row of chips that was pushed along stays where the finger left it.
  const chipsAlong = () => document.querySelector(".test-chips")?.scrollLeft || 0;

  // Pain is saved as it is tapped; its place as it is left.
  function hurts() {
    const level = document.querySelector("[data-pain-level]:checked");
    const site = document.getElementById("pain-site").value;
    if (level) post("/pain", { level: level.value, site });
  }

  // Opens or shuts the line of a button, and goes into it.
  function line(id, button) {
    const node = document.getElementById(id);
    if (!node) return false;
    node.hidden = !node.hidden;
    document.querySelector(button).setAttribute("aria-expanded", String(!node.hidden));
    if (!node.hidden) (node.querySelector(":checked") || node.querySelector("input")).focus();
    return !node.hidden;
  }
  const pain = () => (painOpen = line("pain-line", "[data-pain-open]"));
  const note = () => (noteOpen = line("note-line", "[data-note-open]"));

  // Blind tries: what was taken stays out of sight until the third. Remembered in this browser.
  const blind = () => document.documentElement.dataset.blind === "on" && Boolean(document.querySelector("[data-blind]"));
  function turnBlind(on) {
    document.documentElement.dataset.blind = on ? "on" : "off";
    localStorage.setItem("loosehip.blind", on ? "on" : "off");
    if (form()) form().classList.remove("shown");
    showsBlind();
  }
  function showsBlind() {
    const button = document.querySelector("[data-blind]");
    if (button) button.setAttribute("aria-pressed", String(blind()));
  }

  function skip() {
    const card = document.querySelector("details.skip-test");
    if (!card) return;
    card.open = !card.open;
    if (card.open) card.querySelector("button").focus();
  }

  window.looseHipKeys.add((event) => {
    if (!form()) return false;
    const inEntry = event.target.id === "entry";
    const elsewhere = event.target.closest("input:not([type=checkbox]):not([type=radio]),select,textarea") && !inEntry;
    if (elsewhere) return false;
    const empty = !entry() || entry().value === "";
    const go = (selector) => {
      const link = document.querySelector(selector);
      if (link) queue.leave(link.href);
    };
    if (event.key === "," && (empty || !inEntry)) go("[data-previous]");
    else if (event.key === "." && (empty || !inEntry)) go("[data-next]");
    else if (event.key === "x" && entry()) voids();
    else if (event.key === "c" && document.querySelector("[data-compensation]")) compensation();
    else if (event.key === "p" && entry()) pain();
    else if (event.key === "r" && document.querySelector("[data-reached]")) document.querySelector("[data-reached]:last-of-type").click();
    else if (event.key === " " && document.querySelector("[data-stopwatch]")) window.looseHipStopwatch.toggle(document.querySelector("[data-stopwatch]").dataset.stopwatch);
    else if (event.key === "Enter" && !entry() && !event.target.closest("button,a,summary")) go("[data-next]");
    else if (/^[a-z]$/.test(event.key) && choose(event.key)) return true;
    else if (event.key === "n") note();
    else if (event.key === "k" && !event.target.closest(".skip-card")) skip();
    else if (event.key === "Escape" && inEntry) stopCorrecting();
    else if (/^[0-9]$/.test(event.key) && !inEntry && entry() && event.target.closest("#try-form")) put(event.key);
    else return inEntry && window.looseHipKeys.frame(event.key);
    return true;
  });

  // A letter answers the first open line with the answer it begins: beside a number once it is taken.
  function choose(letter) {
    if (entry() && (entry().value !== "" || document.getElementById("live").dataset.tries === "0")) return false;
    const rows = [...document.querySelectorAll("#try-form .word-row")];
    const open = rows.find((r) => !r.querySelector("input:checked"));
    const all = open ? [...open.querySelectorAll("input")] : [];
    const radio = all.find((i) => i.dataset.letter === letter) || all.find((i) => i.value.startsWith(letter));
    if (radio) radio.click();
    return Boolean(radio);
  }

  // c goes through the compensations one by one, then to none again.
  function compensation() {
    const boxes = [...document.querySelectorAll("[data-compensation]")];
    if (!boxes.length) return;
    const at = boxes.findIndex((b) => b.checked);
    const turn = [boxes[at], boxes[at + 1]].filter(Boolean);
    turn.forEach((b) => (b.checked = !b.checked));
    turn.forEach(seen);
  }

  // What was typed while something was saved belongs to the next try and stays.
  let before = null;
  document.addEventListener("htmx:beforeSwap", (event) => {
    if (event.detail.target.id !== "live" || !entry()) return;
    const field = document.activeElement.closest("#test-note, #pain-site");
    const beside = field && { id: field.id, value: field.value };
    before = { value: entry().value, correcting: row(), compensations: [...document.querySelectorAll("[data-compensation]:checked")].map((c) => c.value), beside, along: chipsAlong() };
  });
  document.addEventListener("htmx:afterSwap", (event) => {
    if (event.detail.target.id !== "live") return;
    const refused = entry() && entry().value !== "" && document.getElementById("entry-problem").textContent !== "";
    if (refused) {
      // Somebody who types on goes on; the number asked about waits to be tapped.
      if (before && before.value) {
        asked.push(entry().value);
        entry().value = before.value;
        document.getElementById("confirm").value = "";
        document.getElementById("correcting").value = "";
      } else queue.hold();
    } else if (entry() && entry().value === "") {
      const since = before && !before.correcting ? before.value : "";
      entry().value = since;
      inHand = since !== "";
      if (inHand) shows(before && before.value === since ? before.compensations : [], "this try");
    }
    showsTapped();
    const beside = before && before.beside;
    const chips = document.querySelector(".test-chips");
    if (chips && before) chips.scrollLeft = before.along;
    before = null;
    keepsOpen("pain-line", "[data-pain-open]", painOpen);
    keepsOpen("note-line", "[data-note-open]", noteOpen);
    if (beside && document.getElementById(beside.id)) {
      document.getElementById(beside.id).value = beside.value;
      document.getElementById(beside.id).focus();
    } else if (!painOpen && entry() && !touch) entry().focus();
    showsWaiting();
    showsBlind();
    arc();
  });

  function keepsOpen(id, button, open) {
    const node = document.getElementById(id);
    if (!node || !open) return;
    node.hidden = false;
    document.querySelector(button).setAttribute("aria-expanded", "true");
  }

  function begins() {
    showsBlind();
    showsWaiting();
    if (!entry()) return;
    if (touch) entry().setAttribute("inputmode", "none");
    else entry().focus();
    arc();
  }
  window.addEventListener("load", begins);

  // Another test: nothing of the one before is in hand or open. Its title is where a reader goes on.
  document.addEventListener("loosehip:card", () => {
    painOpen = false;
    noteOpen = false;
    asked.length = 0;
    inHand = Boolean(entry()) && entry().value !== "";
    document.querySelector("#measure h1").focus();
    begins();
  });
})();
