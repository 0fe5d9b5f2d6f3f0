"use strict";
// Brings stills in: by file, camera, drop or paste, or as frames of a video that never leaves this
// browser.
(function () {
  const root = document.getElementById("stills");
  if (!root || !root.dataset.bring) return;
  const TYPES = "JPEG, PNG or WebP";
  const token = () => JSON.parse(document.body.getAttribute("hx-headers"));
  const says = document.getElementById("still-refused");

  function refused(words) {
    if (!says) return;
    says.textContent = words;
    says.hidden = false;
    says.scrollIntoView({ block: "nearest" });
  }

  // Sends one picture; answers with the address of its page, or says why it was not taken.
  async function bring(picture, view, checkpoint, source, seconds) {
    const form = new FormData();
    form.append("picture", picture, picture.name || "frame.jpg");
    form.append("view", view);
    form.append("checkpoint", checkpoint);
    form.append("source", source);
    if (seconds !== undefined) form.append("seconds", String(seconds));
    const saved = document.getElementById("saved");
    saved.textContent = "sending the picture …";
    try {
      const answer = await fetch(root.dataset.bring, { method: "POST", headers: token(), body: form });
      const words = await answer.text();
      saved.textContent = answer.ok ? "saved" : "not saved";
      if (answer.status === 201) return words;
      refused(answer.status === 422 ? words : answer.status === 401 ? "Signed out meanwhile. Sign in, then choose the picture again." : "Not kept: the answer was not understood. Reload this page and choose the picture again.");
    } catch (lost) {
      saved.textContent = "not saved";
      refused("The line is lost: nothing was sent. Choose the picture again when it is back.");
    }
    return null;
  }

  const place = (node) => node.closest(".still-place");
  async function to(node, picture, source) {
    const at = await bring(picture, node.dataset.view, node.dataset.checkpoint, source);
    if (at) location.href = at;
  }

  root.addEventListener("change", (event) => {
    const input = event.target.closest("[data-bring-file]");
    if (input && input.files[0]) to(place(input), input.files[0], input.hasAttribute("capture") ? "camera" : "file").then(() => (input.value = ""));
  });
  root.addEventListener("dragover", (event) => {
    const over = place(event.target);
    if (!over) return;
    event.preventDefault();
    over.classList.add("still-over");
  });
  root.addEventListener("dragleave", (event) => {
    const over = place(event.target);
    if (over) over.classList.remove("still-over");
  });
  root.addEventListener("drop", (event) => {
    const over = place(event.target);
    if (!over) return;
    event.preventDefault();
    over.classList.remove("still-over");
    const file = event.dataTransfer.files[0];
    if (file) to(over, file, "file");
    else refused(`That was no file. Drop a picture: ${TYPES}.`);
  });
  document.addEventListener("paste", (event) => {
    const file = [...event.clipboardData.files][0];
    if (!file) return;
    const over = place(document.activeElement) || root.querySelector(".still-empty")?.closest(".still-place");
    if (over) to(over, file, "file");
  });

  // --- frames of a video -----------------------------------------------------------------------
  const video = document.getElementById("clip-video");
  if (!video) return;
  const FRAME = 1 / 30;
  const SIDE = 2000;
  const clip = document.getElementById("clip-stage");
  const clipSays = document.getElementById("clip-says");
  const at = document.getElementById("clip-at");
  const time = document.getElementById("clip-time");
  const kept = document.getElementById("clip-kept");

  document.getElementById("clip-file").addEventListener("change", (event) => {
    const file = event.target.files[0];
    if (file) open(URL.createObjectURL(file));
  });
  function open(address) {
    if (video.src) URL.revokeObjectURL(video.src);
    video.src = address;
    clip.hidden = false;
    document.getElementById("clip").scrollIntoView({ block: "start" });
  }
  // The demo's clip is drawn here, from the figure at a few moments; it is nobody's video.
  const madeUp = document.getElementById("clip-made-up");
  if (madeUp) {
    madeUp.addEventListener("click", async () => {
      madeUp.disabled = true;
      clipSays.textContent = "Drawing the clip; it takes as long as it lasts …";
      const told = await (await fetch(madeUp.dataset.clip)).json();
      open(URL.createObjectURL(await drawn(told)));
      madeUp.disabled = false;
    });
  }

  function drawn(told) {
    const canvas = document.createElement("canvas");
    canvas.width = told.width;
    canvas.height = told.height;
    const pen = canvas.getContext("2d");
    const recorder = new MediaRecorder(canvas.captureStream(30));
    const parts = [];
    recorder.ondataavailable = (event) => parts.push(event.data);
    const done = new Promise((resolve) => (recorder.onstop = () => resolve(new Blob(parts, { type: recorder.mimeType }))));
    recorder.start();
    const start = performance.now();
    const paint = () => {
      const at = (performance.now() - start) / 1000;
      moment(pen, told, Math.min(at, told.seconds));
      if (at < told.seconds + 0.2) setTimeout(paint, 33);
      else recorder.stop();
    };
    paint();
    return done;
  }

  function moment(pen, told, at) {
    const next = Math.max(1, told.moments.findIndex((m) => m.at >= at));
    const [a, b] = [told.moments[next - 1], told.moments[next]];
    const by = Math.max(0, Math.min(1, (at - a.at) / (b.at - a.at)));
    pen.fillStyle = "#c9c4b6";
    pen.fillRect(0, 0, told.width, told.height);
    pen.fillStyle = "#a9ae8d";
    pen.fillRect(0, told.height * 0.82, told.width, told.height);
    pen.strokeStyle = "#565e59";
    pen.lineCap = pen.lineJoin = "round";
    a.limbs.forEach((limb, i) => {
      pen.lineWidth = limb.width;
      pen.beginPath();
      limb.along.forEach((from, j) => {
        const to = b.limbs[i].along[j];
        const [x, y] = [from[0] + (to[0] - from[0]) * by, from[1] + (to[1] - from[1]) * by];
        if (j === 0) pen.moveTo(x, y);
        else pen.lineTo(x + 0.01, y);
      });
      pen.stroke();
    });
  }

  video.addEventListener("error", () => {
    if (!video.src) return;
    clip.hidden = true;
    clipSays.textContent = "This browser cannot play that video. MP4 with H.264 and WebM work in most; on an iPhone choose Most Compatible under camera formats. Nothing was sent.";
    clipSays.classList.add("mind");
  });
  video.addEventListener("loadedmetadata", () => {
    clipSays.classList.remove("mind");
    clipSays.textContent = `${video.videoWidth} × ${video.videoHeight} pixels. It stays in this browser; only the frames you keep are sent.`;
    // A clip that was just recorded does not know how long it is until its end was looked for.
    video.currentTime = Number.isFinite(video.duration) ? 0 : 1e6;
    video.focus({ preventScroll: true });
  });
  video.addEventListener("durationchange", () => {
    if (Number.isFinite(video.duration) && video.currentTime >= video.duration) video.currentTime = 0;
  });
  video.addEventListener("timeupdate", shown);
  video.addEventListener("seeked", shown);
  function shown() {
    time.textContent = video.currentTime.toFixed(2) + " s";
    if (Number.isFinite(video.duration) && document.activeElement !== at) at.value = String((1000 * video.currentTime) / video.duration);
  }
  at.addEventListener("input", () => {
    video.pause();
    if (Number.isFinite(video.duration)) video.currentTime = (video.duration * Number(at.value)) / 1000;
  });

  function step(frames) {
    video.pause();
    video.currentTime = Math.max(0, Math.min(video.duration, video.currentTime + frames * FRAME));
  }
  function play() {
    video.playbackRate = 0.25;
    if (video.paused) video.play();
    else video.pause();
  }

  async function keepFrame(checkpoint) {
    if (!video.videoWidth) return;
    video.pause();
    const by = Math.min(1, SIDE / Math.max(video.videoWidth, video.videoHeight));
    const canvas = document.createElement("canvas");
    canvas.width = Math.round(video.videoWidth * by);
    canvas.height = Math.round(video.videoHeight * by);
    canvas.getContext("2d").drawImage(video, 0, 0, canvas.width, canvas.height);
    const seconds = Math.round(video.currentTime * 1000) / 1000;
    const picture = await new Promise((resolve) => canvas.toBlob(resolve, "image/jpeg", 0.92));
    const view = root.querySelector("[name=clip-view]:checked").value;
    const address = await bring(picture, view, checkpoint, "clip", seconds);
    if (!address) return;
    const line = document.createElement("li");
    const link = document.createElement("a");
    link.href = address;
    link.textContent = `${checkpoint}, ${view.replaceAll("-", " ")}, ${seconds.toFixed(2)} s: place its points`;
    line.append(link);
    kept.append(line);
  }

  root.addEventListener("click", (event) => {
    const button = event.target.closest("[data-step],[data-play],[data-keep]");
    if (!button) return;
    if (button.dataset.step) step(Number(button.dataset.step));
    else if (button.dataset.keep) keepFrame(button.dataset.keep);
    else play();
  });
  const CHECKPOINTS = { a: "address", t: "top", i: "impact", f: "finish" };
  window.looseHipKeys.add((event) => {
    if (clip.hidden || event.target.closest("input:not([type=range]):not([type=radio]),select,textarea")) return false;
    if (event.key === "," || event.key === "<") step(event.shiftKey ? -10 : -1);
    else if (event.key === "." || event.key === ">") step(event.shiftKey ? 10 : 1);
    else if (event.key === " " && !event.target.closest("button,a,summary")) play();
    else if (CHECKPOINTS[event.key]) keepFrame(CHECKPOINTS[event.key]);
    else return false;
    return true;
  });
})();
