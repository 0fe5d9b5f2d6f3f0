"use strict";
// What every page of the bench does: undo comes back to where it was, menus close, pages print.
(function () {
  document.addEventListener("submit", (event) => {
    const here = event.target.querySelector("[data-here]");
    if (!here) return;
    here.value = location.pathname + location.search;
  });

  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-keys-open]")) window.looseHipKeys.help();
    if (event.target.closest("[data-print]")) window.print();
    for (const open of document.querySelectorAll("details.who-menu[open], details.caution-strip[open]")) {
      if (!open.contains(event.target)) open.open = false;
    }
  });

  // The server is told when this page was drawn, so that nothing somebody else said since is covered
  // unseen; what it answers then, both sides and a choice, stands at the top until one is chosen.
  document.addEventListener("htmx:configRequest", (event) => {
    if (event.detail.verb === "post") event.detail.headers["X-Drawn"] = document.body.dataset.drawn;
  });
  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (form.method !== "post" || !form.matches("[data-drawn-too]")) return;
    const drawn = form.querySelector("[name=drawn]") || document.createElement("input");
    Object.assign(drawn, { type: "hidden", name: "drawn", value: document.body.dataset.drawn });
    form.append(drawn);
  });
  document.addEventListener("click", (event) => {
    if (!event.target.closest("[data-keep-theirs]")) return;
    event.preventDefault();
    location.reload();
  });
  document.addEventListener("htmx:afterRequest", (event) => {
    if (event.detail.successful && event.detail.elt.matches("[data-take-mine]")) location.reload();
  });
  document.addEventListener("htmx:oobAfterSwap", (event) => {
    if (event.detail.target.id === "clash") document.getElementById("clash").scrollIntoView({ block: "nearest" });
  });

  // A tap is meant for what it went down on. Where an answer brings a fresh button under the finger,
  // or something above it moves the page, no click comes of it: it is made here.
  const STILL_PX = 4;
  let pressed = null;
  const CONTROLS = "#work :is(button, a[href], label, summary)";
  const control = (node) => node && node.closest(CONTROLS);
  const sign = (node) => {
    const { href, name, value, dataset } = node;
    return JSON.stringify([node.tagName, href, name, value, dataset, node.querySelector("input")?.id, node.textContent.trim()]);
  };
  document.addEventListener("pointerdown", (event) => {
    const on = !event.button && control(event.target);
    pressed = on ? { on, x: event.clientX, y: event.clientY } : null;
  });
  document.addEventListener("pointercancel", () => (pressed = null));
  document.addEventListener("pointerup", (event) => {
    const was = pressed;
    pressed = null;
    if (!was || Math.hypot(event.clientX - was.x, event.clientY - was.y) > STILL_PX) return;
    const now = control(document.elementFromPoint(event.clientX, event.clientY));
    if (now === was.on) return;
    if (was.on.isConnected) {
      was.on.click();
      return;
    }
    const meant = sign(was.on);
    const twins = [...document.querySelectorAll(CONTROLS)].filter((node) => sign(node) === meant);
    const fresh = twins.includes(now) ? now : twins.length === 1 && twins[0];
    if (fresh) fresh.click();
  });

  // A number stands in a chip and in a field: what is set in one shows in the other.
  document.addEventListener("change", (event) => {
    const { id, name, type, value } = event.target;
    const field = type === "radio" && document.getElementById(name);
    if (field && field.type !== "radio") field.value = value;
    if (type === "radio" || !id) return;
    document.querySelectorAll(`input[type=radio][name="${CSS.escape(id)}"]`).forEach((r) => (r.checked = r.value === value));
  });

  // On a phone or an upright tablet the plan view starts folded, and stays as it was left when an
  // answer brings a fresh one: nothing moves under the thumb.
  if (window.matchMedia("(max-width: 900px)").matches) {
    let unfolded = false;
    const fold = () => document.querySelectorAll("#plan-view .plan-fold").forEach((f) => (f.open = unfolded));
    fold();
    document.addEventListener("click", (event) => {
      const summary = event.target.closest("#plan-view .plan-fold > summary");
      if (summary) unfolded = !summary.parentElement.open;
    });
    document.addEventListener("htmx:oobAfterSwap", fold);
  }

  // On a narrow screen the stations scroll; the one in work is brought into sight.
  const here = document.querySelector(".station.here");
  const bar = document.getElementById("stations");
  if (here && bar && bar.scrollWidth > bar.clientWidth) bar.scrollLeft = here.offsetLeft - bar.offsetLeft - bar.clientWidth / 3;
})();
