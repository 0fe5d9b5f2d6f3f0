"use strict";
// The trainer's phone: how it lies is sent some twenty times a second; the angle that comes back is
// the one the bench sees. What this browser cannot feel is said, and the number pad is left.
(function () {
  const base = document.body.dataset.base;
  const at = (id) => document.getElementById(id);
  const me = (window.crypto && crypto.randomUUID ? crypto.randomUUID() : String(Math.random())).slice(0, 36);
  const SEND_MS = 50;
  let rows = [];
  let sending = false;
  let felt = 0;
  let lost = false;
  let ended = false;
  let count = 0;

  const say = (words) => at("says").textContent !== words && (at("says").textContent = words);
  const PAD = " Use the number pad on Measure.";

  function show(told) {
    at("axis").textContent = told.axis;
    at("laid").textContent = told.laid;
    at("angle").textContent = told.angle.toFixed(1) + "°";
    at("needle").setAttribute("transform", `rotate(${Math.min(180, told.angle) - 90} 120 128)`);
    at("held").style.transform = `scaleX(${told.held})`;
    at("drift").textContent = told.drift;
    at("count").textContent = told.taken ? `${told.taken} taken, the last ${told.last.toFixed(1)}°` : "";
    if (!told.mine) say("Another phone took over. Tap “Take it now” to use this one again.");
    else if (!told.listening) say("Open the inclinometer on a test in Measure, and choose your phone there.");
    else if (!told.ready) say("Lay it square and tap Zero here; then turn.");
    else if (told.taken > count) say(`Taken: ${told.last.toFixed(1)}°. Move on for the next.`);
    else if (!/^Taken/.test(at("says").textContent) || told.held > 0) say("Hold still for a second at the end, or tap.");
    if (told.taken > count && navigator.vibrate) navigator.vibrate(60);
    count = told.taken;
    at("take").dataset.mine = told.mine;
  }

  function post(path, body) {
    return fetch(base + path + "?phone=" + encodeURIComponent(me), {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body,
      cache: "no-store",
      keepalive: false,
    }).then((answer) => {
      if (answer.status === 410) {
        ended = true;
        at("work").hidden = true;
        say("This link was cut, or its hour is over. Make a new one on Measure.");
        throw new Error("ended");
      }
      if (!answer.ok) throw new Error("refused");
      if (lost) lost = false;
      return answer.json().then(show);
    });
  }

  function send() {
    if (ended || sending || !rows.length) return;
    const now = rows;
    rows = [];
    sending = true;
    post("/angles", JSON.stringify(now))
      .catch(() => {
        if (!ended) {
          lost = true;
          say("No line to the bench: it gets no angle. Trying again.");
        }
      })
      .then(() => (sending = false));
  }

  function feel(event) {
    if (event.alpha === null || event.beta === null || event.gamma === null) return;
    felt = Date.now();
    rows.push([Math.round(event.timeStamp || performance.now()), event.alpha, event.beta, event.gamma]);
    if (rows.length > 100) rows = rows.slice(-20);
  }

  // A phone at rest may send no events; the last one stands as long as the page is looked at.
  let last = null;
  function again() {
    if (ended || document.visibilityState !== "visible") return;
    if (last && !rows.length) rows.push([Math.round(performance.now()), ...last]);
    send();
  }

  function begin() {
    const needs = window.DeviceOrientationEvent && DeviceOrientationEvent.requestPermission;
    if (!window.isSecureContext) return say("How the phone lies is told to secure pages alone, and this address is not one." + PAD);
    if (!window.DeviceOrientationEvent) return say("This browser cannot feel how the phone lies." + PAD);
    (needs ? DeviceOrientationEvent.requestPermission() : Promise.resolve("granted"))
      .then((may) => {
        if (may !== "granted") return say("This phone was not allowed to say how it lies. Allow it in the browser's settings, or:" + PAD);
        at("begin").hidden = true;
        at("work").hidden = false;
        say("Feeling for the sensor …");
        window.addEventListener("deviceorientation", (event) => {
          feel(event);
          if (event.alpha !== null) last = [event.alpha, event.beta, event.gamma];
        });
        post("/here").catch(() => {});
        setInterval(again, SEND_MS);
        setTimeout(() => {
          if (!felt && !ended) {
            at("work").hidden = true;
            at("begin").hidden = false;
            say("This device has no sensor that says how it lies, or keeps it back." + PAD);
          }
        }, 3000);
        if (navigator.wakeLock) {
          const awake = () => document.visibilityState === "visible" && navigator.wakeLock.request("screen").catch(() => {});
          awake();
          document.addEventListener("visibilitychange", awake);
        }
      })
      .catch(() => say("This phone was not allowed to say how it lies." + PAD));
  }

  at("begin").addEventListener("click", begin);
  at("take").addEventListener("click", () => post(at("take").dataset.mine === "false" ? "/here" : "/take").catch(() => {}));
  at("zero").addEventListener("click", () => post("/zero").catch(() => {}));
})();
