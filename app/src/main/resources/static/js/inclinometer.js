"use strict";
// The inclinometer's panel: the angle as it streams in, the hold as it fills, and the reading put
// into the try. A stream that is cut takes nothing.
(function () {
  const panel = () => document.getElementById("inclinometer");
  let stream = null;
  let lastAngle = null;
  let moving = null;

  const say = (words) => (panel().querySelector(".incl-words").textContent = words);

  function needle(angle) {
    const turn = Math.max(-45, Math.min(180, angle));
    panel().querySelector(".incl-needle").setAttribute("transform", `rotate(${turn - 90} 60 60)`);
    panel().querySelector(".incl-angle").textContent = angle.toFixed(1) + "°";
  }

  function open() {
    if (stream || !panel()) return;
    stream = new EventSource("/device/inclinometer");
    stream.addEventListener("open", () => say("Move it to the end of the turn and hold still for a second."));
    stream.addEventListener("message", (event) => {
      if (!panel()) return close();
      const { angle, held, reading } = JSON.parse(event.data);
      lastAngle = angle;
      panel().classList.remove("cut");
      needle(angle);
      panel().querySelector(".incl-hold").style.setProperty("--held", held);
      if (reading !== null) take(reading);
    });
    stream.addEventListener("error", () => {
      if (!panel()) return close();
      const seen = lastAngle === null ? "" : ` The last angle seen, ${lastAngle.toFixed(1)}°, is not a reading.`;
      panel().classList.add("cut");
      panel().querySelector(".incl-hold").style.setProperty("--held", 0);
      say("The stream was cut; nothing was taken." + seen + " Trying again.");
      if (stream && stream.readyState === EventSource.CLOSED) {
        stream.close();
        stream = null;
        setTimeout(() => panel() && panel().open && open(), 1500);
      }
    });
  }

  function close() {
    if (stream) stream.close();
    stream = null;
  }

  function take(reading) {
    const entry = document.getElementById("entry");
    if (!entry || !panel().open) return;
    entry.value = String(reading);
    entry.dispatchEvent(new Event("input", { bubbles: true }));
    const method = document.querySelector("#try-form select[name=method]");
    if (method && method.querySelector("option[value=inclinometer]")) method.value = "inclinometer";
    say(`Held at ${reading}°: it is in the field. Enter takes it.`);
    entry.focus();
  }

  function move(degrees) {
    const slider = panel().querySelector("input[type=range]");
    slider.value = degrees;
    clearTimeout(moving);
    moving = setTimeout(() => {
      const body = new URLSearchParams({ to: slider.value });
      fetch("/device/inclinometer/move", { method: "POST", body, headers: JSON.parse(document.body.getAttribute("hx-headers")) }).catch(() => {});
    }, 40);
  }

  document.addEventListener("toggle", (event) => {
    if (event.target.id !== "inclinometer") return;
    if (event.target.open) open();
    else close();
  }, true);
  document.addEventListener("input", (event) => {
    if (event.target.matches("#inclinometer input[type=range]")) move(event.target.value);
  });
  window.addEventListener("pagehide", close);

  window.looseHipKeys.add((event) => {
    if (event.key !== "i" || !panel()) return false;
    const other = event.target.closest("input:not([data-pad-entry]):not([type=range]):not([type=checkbox]),select,textarea");
    if (other) return false;
    panel().open = !panel().open;
    if (panel().open) panel().querySelector("input[type=range]").focus();
    return true;
  });
})();
