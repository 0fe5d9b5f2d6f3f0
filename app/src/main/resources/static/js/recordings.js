"use strict";
// Recordings: a file chosen or dropped is sent; a simulated device is shown while it records; a
// cursor over a plot reads the values under it, by mouse, touch and keys.
(function () {
  const bring = document.getElementById("bring");
  if (bring) {
    const input = bring.querySelector("input[type=file]");
    const drop = document.getElementById("drop");
    document.getElementById("bring-now").hidden = true;
    const send = () => {
      if (!input.files.length) return;
      drop.querySelector("span").textContent = "reading " + input.files[0].name + " …";
      bring.submit();
    };
    input.addEventListener("change", send);
    for (const kind of ["dragenter", "dragover"]) {
      drop.addEventListener(kind, (event) => {
        event.preventDefault();
        drop.classList.add("over");
      });
    }
    drop.addEventListener("dragleave", () => drop.classList.remove("over"));
    drop.addEventListener("drop", (event) => {
      event.preventDefault();
      drop.classList.remove("over");
      if (event.dataTransfer.files.length) {
        input.files = event.dataTransfer.files;
        send();
      }
    });
  }

  const play = document.getElementById("play");
  let stream = null;
  if (play) {
    const live = document.getElementById("live");
    const says = document.getElementById("live-says");
    play.seed.value = String(Math.floor(Math.random() * 1e6));
    const stop = () => {
      if (stream) stream.close();
      stream = null;
    };
    play.addEventListener("submit", (event) => {
      event.preventDefault();
      if (stream) return;
      const asked = new URLSearchParams(new FormData(play));
      const weight = asked.get("kind") === "pressure";
      const curves = [...live.querySelectorAll("[data-curve]")];
      const points = curves.map(() => []);
      live.hidden = false;
      document.getElementById("live-zero").setAttribute("y1", weight ? 90 : 100);
      document.getElementById("live-zero").setAttribute("y2", weight ? 90 : 100);
      says.textContent = "Recording …";
      stream = new EventSource(play.dataset.live + "?" + asked);
      stream.addEventListener("message", (message) => {
        const shown = JSON.parse(message.data);
        shown.values.forEach((value, i) => {
          const x = (480 * shown.seconds) / 2.4;
          const y = weight ? 175 - 170 * value : 100 - (95 * value) / 150;
          points[i].push(x.toFixed(1) + "," + y.toFixed(1));
          curves[i].setAttribute("points", points[i].join(" "));
        });
        if (shown.last) {
          stop();
          says.textContent = "Recorded; reading it …";
          play.submit();
        }
      });
      stream.addEventListener("error", () => {
        if (!stream) return;
        stop();
        says.textContent = "The device was cut off; nothing was kept. Record again.";
      });
    });
    window.addEventListener("pagehide", stop);
    document.addEventListener("keydown", (event) => {
      if (event.key === "Escape" && stream) {
        stop();
        says.textContent = "Stopped; nothing was kept.";
      }
    });
  }

  document.querySelectorAll("[data-submits]").forEach((select) => select.addEventListener("change", () => select.form.submit()));

  // A curve's points, as places; the value at a place lies on the line between two of them.
  const places = (curve) => curve.getAttribute("points").split(" ").map((pair) => pair.split(",").map(Number));
  function at(points, x) {
    if (x < points[0][0] || x > points[points.length - 1][0]) return null;
    let low = 0;
    let high = points.length - 1;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (points[middle][0] <= x) low = middle;
      else high = middle;
    }
    const [x0, y0] = points[low];
    const [x1, y1] = points[high];
    return x1 === x0 ? y0 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
  }

  document.querySelectorAll("[data-plot]").forEach((plot) => {
    const d = Object.fromEntries(["left", "right", "from", "to", "top", "foot", "least", "most"].map((k) => [k, Number(plot.dataset[k])]));
    const svg = plot.querySelector("svg");
    const cursor = plot.querySelector(".mv-cursor");
    const read = plot.querySelector(".mv-read");
    const curves = [...plot.querySelectorAll("[data-curve]"), ...plot.querySelectorAll("[data-then]")].map((c) => ({
      name: c.dataset.curve || c.dataset.then + " then",
      points: places(c),
    }));
    let x = null;
    const minus = (text) => text.replace("-", "−");

    function show(place) {
      x = Math.max(d.left, Math.min(d.right, place));
      cursor.setAttribute("x1", x);
      cursor.setAttribute("x2", x);
      const seconds = d.from + ((d.to - d.from) * (x - d.left)) / (d.right - d.left);
      const values = curves.map(({ name, points }) => {
        const y = at(points, x);
        const value = y === null ? "–" : minus((d.least + ((d.most - d.least) * (d.foot - y)) / (d.foot - d.top)).toFixed(plot.dataset.unit === "°" ? 1 : 0));
        return [name, value + (y === null ? "" : plot.dataset.unit)];
      });
      const when = minus(seconds.toFixed(2)) + " s" + (plot.dataset.clock ? " " + plot.dataset.clock : "");
      read.replaceChildren(when);
      values.forEach(([name, value]) => {
        const b = document.createElement("b");
        b.textContent = value;
        read.append(" · " + name + " ", b);
      });
      plot.setAttribute("aria-valuenow", String(Math.round((1000 * (x - d.left)) / (d.right - d.left))));
      plot.setAttribute("aria-valuetext", when + ", " + values.map((v) => v.join(" ")).join(", "));
    }

    const follow = (event) => {
      const box = svg.getBoundingClientRect();
      show(((event.clientX - box.left) * svg.viewBox.baseVal.width) / box.width);
    };
    svg.addEventListener("pointermove", follow);
    svg.addEventListener("pointerdown", follow);
    plot.addEventListener("keydown", (event) => {
      const step = (event.shiftKey ? 10 : 1) * ((d.right - d.left) / (d.to - d.from)) * 0.01;
      const from = x === null ? d.left : x;
      const to = { ArrowLeft: from - step, ArrowRight: from + step, Home: d.left, End: d.right }[event.key];
      if (to === undefined) return;
      event.preventDefault();
      show(to);
    });
  });

  window.looseHipKeys.add((event) => {
    if (event.target.closest("input,select,textarea")) return false;
    if (event.key === "s" && document.getElementById("rec-take")) {
      document.getElementById("rec-take").requestSubmit();
      return true;
    }
    if (event.key === "r" && play) {
      play.requestSubmit();
      return true;
    }
    return false;
  });
})();
