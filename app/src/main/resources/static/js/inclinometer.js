"use strict";
// The inclinometer's panel: the angle as it streams in from a joined phone or the simulated device,
// the hold as it fills, and the try it takes. A stream that is cut, or silent, takes nothing.
(function () {
  const STORE = "loosehip.inclinometer";
  const SILENT_MS = 2000;
  const panel = () => document.getElementById("inclinometer");
  const part = (selector) => panel().querySelector(selector);
  let stream = null;
  let lastAngle = null;
  let lastAt = 0;
  let joined = false;
  let moving = null;
  let watching = null;

  const say = (words) => part(".incl-words").textContent !== words && (part(".incl-words").textContent = words);
  const source = () => part("input[name=incl-source]:checked")?.value || "";
  const headers = () => JSON.parse(document.body.getAttribute("hx-headers"));
  const post = (path, values) =>
    fetch(panel().dataset.base + path, { method: "POST", body: new URLSearchParams(values || {}), headers: headers() });

  function needle(angle) {
    const turn = Math.max(-45, Math.min(180, angle));
    part(".incl-needle").setAttribute("transform", `rotate(${turn - 90} 60 60)`);
    part(".incl-angle").textContent = angle.toFixed(1) + "°";
    inTheField(angle.toFixed(1));
  }

  // The angle as it streams stands large where the try will stand, and its arc grows.
  function inTheField(words) {
    const entry = document.getElementById("entry");
    if (!entry) return;
    entry.placeholder = words;
    if (entry.value === "") window.looseHipArc(words);
  }

  function open() {
    if (stream || !panel() || !panel().open || !source()) return;
    const asked = new URLSearchParams({ source: source(), card: panel().dataset.card, axis: part("[data-incl-axis]").dataset.chosen || "" });
    stream = new EventSource(panel().dataset.base + "?" + asked);
    lastAt = Date.now();
    stream.addEventListener("message", (event) => {
      if (!panel()) return close();
      const told = JSON.parse(event.data);
      panel().classList.remove("cut");
      if (told.axis) return state(told);
      lastAt = Date.now();
      lastAngle = told.angle;
      part(".incl-code").replaceChildren();
      needle(told.angle);
      part(".incl-hold").style.setProperty("--held", told.held);
      part(".incl-drift").textContent = told.drift;
      if (!told.ready) say("Lay it square and tap Zero; then turn.");
      else if (told.reading !== undefined) take(told.reading);
      else if (!/taken|Clear/.test(part(".incl-words").textContent) || told.held > 0.2) say("Move it to the end of the turn and hold still for a second.");
    });
    stream.addEventListener("error", () => {
      if (!panel()) return close();
      const seen = lastAngle === null ? "" : ` The last angle seen, ${lastAngle.toFixed(1)}°, is not a reading.`;
      cut("The stream was cut; nothing was taken." + seen + " Trying again.");
      if (stream && stream.readyState === EventSource.CLOSED) {
        close();
        setTimeout(open, 1500);
      }
    });
    watching = setInterval(() => {
      if (!panel()) return close();
      const silent = Date.now() - lastAt;
      if (source() === "phone" && joined && silent > SILENT_MS) {
        cut(lastAngle === null ? "Waiting for the phone." : `No angle from the phone for ${Math.round(silent / 1000)} s: wake it, or bring it nearer.`);
      }
    }, 500);
  }

  function cut(words) {
    panel().classList.add("cut");
    part(".incl-hold").style.setProperty("--held", 0);
    say(words);
  }

  // What is told of a device before its first angle.
  function state(told) {
    part("[data-incl-axis]").value = told.axis;
    joined = told.joined;
    const phone = source() === "phone";
    part(".incl-phone").hidden = !phone;
    part(".incl-move").hidden = phone;
    part("[data-incl-cut]").hidden = !joined;
    part("[data-incl-join]").textContent = joined ? "New code" : "Join your phone";
    if (!phone) say(told.laid + " Made-up angles, to try it out without a device.");
    else say(joined ? `${told.laid} Joined until ${told.ends}.` : "No phone is joined to this golfer. A link lasts an hour and can be cut.");
  }

  function close() {
    if (stream) stream.close();
    stream = null;
    clearInterval(watching);
    inTheField("");
  }

  function again() {
    close();
    lastAngle = null;
    part(".incl-angle").textContent = "–";
    part(".incl-drift").textContent = "";
    open();
  }

  // A number somebody typed is not written over.
  function take(reading) {
    const entry = document.getElementById("entry");
    if (!entry || !panel().open) return;
    if (entry.value.trim() !== "") return say(`${reading}° was held, but a number stands in the field. Clear it, then hold again.`);
    window.looseHipTake(reading, source() === "phone" ? "phone:" : "");
    say(`${reading}° is taken. Move on for the next.`);
  }

  function move(degrees) {
    clearTimeout(moving);
    moving = setTimeout(() => post("/move", { to: degrees }).catch(() => {}), 40);
  }

  function join() {
    post("/join")
      .then((answer) => (answer.ok ? answer.text() : Promise.reject(new Error("refused"))))
      .then((html) => {
        part(".incl-code").innerHTML = html;
        joined = true;
        again();
        panel().scrollIntoView({ block: "nearest" });
      })
      .catch(() => say("The link could not be made. Try again."));
  }

  document.addEventListener("toggle", (event) => {
    if (event.target.id !== "inclinometer") return;
    if (!event.target.open) return close();
    const kept = localStorage.getItem(STORE) || "simulated";
    part(`input[value=${kept}]`).checked = true;
    panel().scrollIntoView({ block: "nearest" });
    open();
  }, true);
  document.addEventListener("change", (event) => {
    if (!panel()) return;
    if (event.target.matches("input[name=incl-source]")) {
      localStorage.setItem(STORE, source());
      again();
    }
    if (event.target.matches("[data-incl-axis]")) {
      event.target.dataset.chosen = event.target.value;
      again();
    }
  });
  document.addEventListener("input", (event) => {
    if (event.target.matches("#inclinometer input[type=range]")) move(event.target.value);
  });
  document.addEventListener("click", (event) => {
    if (!panel()) return;
    if (event.target.closest("[data-incl-take]") && lastAngle !== null) take(lastAngle);
    if (event.target.closest("[data-incl-zero]")) post("/zero", { source: source(), card: panel().dataset.card }).catch(() => {});
    if (event.target.closest("[data-incl-join]")) join();
    if (event.target.closest("[data-incl-cut]")) post("/cut").then(() => { part(".incl-code").replaceChildren(); again(); });
  });
  window.addEventListener("pagehide", close);
  // Another test is laid anew: what was held for the one before is no reading of it.
  document.addEventListener("loosehip:card", () => {
    close();
    lastAngle = null;
    joined = false;
  });

  window.looseHipKeys.add((event) => {
    if (event.key !== "i" || !panel()) return false;
    const other = event.target.closest("input:not([data-pad-entry]):not([type=range]):not([type=checkbox]):not([type=radio]),select,textarea");
    if (other) return false;
    panel().open = !panel().open;
    if (panel().open) part("input[name=incl-source]:checked, input[name=incl-source]").focus();
    return true;
  });
})();
