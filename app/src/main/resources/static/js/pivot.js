"use strict";
// The pivot as an instrument: drag or key a foot or a knee; every figure follows from the
// server. A newer change overtakes an older answer, so the last one always wins.
(function () {
  const stage = () => document.getElementById("tried");
  if (!stage()) return;
  const here = () => stage().dataset.place === "here";
  let running = null;
  let drag = null;

  const form = () => document.getElementById("levers");
  const input = (name) => form().querySelector(`[name="${name}"]`);
  const bounds = (handle) => [Number(handle.getAttribute("aria-valuemin")), Number(handle.getAttribute("aria-valuemax"))];
  const handleOf = (name) => document.querySelector(`[data-handle="${name}"]`);

  function query() {
    const values = new URLSearchParams(new FormData(form()));
    values.delete("_csrf");
    return values.toString();
  }

  async function ask() {
    if (running) running.abort();
    const mine = new AbortController();
    running = mine;
    const asked = query();
    try {
      const answer = await fetch(form().dataset.base + "/tried?" + asked, { signal: mine.signal, headers: { "HX-Request": "true" } });
      if (!answer.ok) throw new Error(String(answer.status));
      const html = await answer.text();
      if (running !== mine) return;
      put(html);
      if (!here()) history.replaceState(null, "", form().dataset.base + "?" + asked);
    } catch (cut) {
      if (cut.name === "AbortError") return;
      const live = document.getElementById("pivot-live");
      if (live) live.textContent = "No answer from Loose Hip; the last figures stay. Try again.";
    }
  }

  // Puts the answer in and gives the focus back to what had it.
  function put(html) {
    const active = document.activeElement;
    const handle = active && active.dataset && active.dataset.handle;
    const field = active && active.id && active.id.startsWith("lever-") ? active.id : null;
    const step = active && active.dataset && active.dataset.lever ? [active.dataset.lever, active.dataset.by] : null;
    const fresh = new DOMParser().parseFromString(html, "text/html").getElementById("tried");
    const live = document.getElementById("pivot-live");
    const words = fresh.querySelector("#pivot-live").textContent;
    stage().replaceWith(document.adoptNode(fresh));
    const now = document.getElementById("pivot-live");
    now.replaceWith(live);
    live.textContent = words;
    if (handle) handleOf(handle)?.focus({ preventScroll: true });
    else if (field) document.getElementById(field)?.focus();
    else if (step) document.querySelector(`[data-lever="${step[0]}"][data-by="${step[1]}"]`)?.focus();
  }

  function set(name, value) {
    const handle = handleOf(name);
    let to = value;
    if (handle) {
      const [low, high] = bounds(handle);
      to = Math.max(low, Math.min(high, value));
    }
    if (String(to) === input(name).value) return;
    input(name).value = String(to);
    ask();
  }

  // Where the pointer is in the drawing's own units, as drawn before it is mirrored. The drawing is
  // taken where it stood when the drag began, so that nothing that moves the page moves the drag.
  function point(event, grip) {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(grip.toDrawing);
    return [grip.mirrored ? 200 - at.x : at.x, at.y];
  }

  const turnAt = (x, y, px, py) => (Math.atan2(px - x, y - py) * 180) / Math.PI;

  document.addEventListener("pointerdown", (event) => {
    const handle = event.target.closest("[data-handle]");
    if (!handle) return;
    const over = handle.closest(".pivot-over");
    const grip = { toDrawing: over.getScreenCTM().inverse(), mirrored: over.dataset.mirrored === "true" };
    const [px, py] = point(event, grip);
    const x = Number(handle.dataset.gripX);
    const y = Number(handle.dataset.gripY);
    drag = { name: handle.dataset.handle, how: handle.dataset.grip, grip, sign: Number(handle.dataset.sign), x, y, px, py, from: Number(handle.dataset.value), turn: turnAt(x, y, px, py) };
    handle.focus({ preventScroll: true });
    event.preventDefault();
  });

  document.addEventListener("pointermove", (event) => {
    if (!drag) return;
    const [px, py] = point(event, drag.grip);
    const by = drag.how === "turn" ? drag.sign * (turnAt(drag.x, drag.y, px, py) - drag.turn) : drag.x * (px - drag.px) + drag.y * (py - drag.py);
    set(drag.name, Math.round(drag.from + by));
    event.preventDefault();
  });
  for (const kind of ["pointerup", "pointercancel"]) document.addEventListener(kind, () => (drag = null));

  window.looseHipKeys.add((event) => {
    if (event.key === "Enter" && event.target.matches("#levers input")) {
      ask();
      return true;
    }
    const handle = event.target.closest("[data-handle]");
    if (!handle) return false;
    const step = event.shiftKey ? 5 : 1;
    const now = Number(input(handle.dataset.handle).value);
    const [low, high] = bounds(handle);
    if (event.key === "ArrowUp" || event.key === "ArrowRight") set(handle.dataset.handle, now + step);
    else if (event.key === "ArrowDown" || event.key === "ArrowLeft") set(handle.dataset.handle, now - step);
    else if (event.key === "Home") set(handle.dataset.handle, low);
    else if (event.key === "End") set(handle.dataset.handle, high);
    else return false;
    return true;
  });

  // What is tried, and differs from how the golfer stands.
  function tried() {
    const values = new URLSearchParams();
    for (const each of form().querySelectorAll("[data-today]")) if (each.value !== each.dataset.today) values.set(each.name, each.value);
    return values.toString();
  }

  // Beside a station every save redraws it; what is tried goes along and comes back.
  document.addEventListener("htmx:configRequest", (event) => {
    if (form() && here()) event.detail.headers["X-Tried"] = tried();
  });

  document.addEventListener("click", (event) => {
    if (event.target.closest("#throw-away") && here()) {
      for (const each of form().querySelectorAll("[data-today]")) each.value = each.dataset.today;
      ask();
      return;
    }
    const step = event.target.closest(".lever-step");
    if (!step) return;
    set(step.dataset.lever, (Number(input(step.dataset.lever).value.replace(",", ".")) || 0) + Number(step.dataset.by));
  });
  document.addEventListener("change", (event) => {
    if (event.target.closest("#levers")) ask();
  });
})();
