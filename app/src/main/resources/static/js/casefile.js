"use strict";
// Case files chosen or dropped are looked at at once; without a script there is a button for it.
(function () {
  const bring = document.getElementById("bring");
  if (!bring) return;
  bring.classList.add("scripted");
  const input = bring.querySelector("input[type=file]");
  const drop = document.getElementById("drop");
  const send = () => {
    if (!input.files.length) return;
    drop.querySelector("span").textContent = `reading ${input.files.length === 1 ? input.files[0].name : input.files.length + " files"} …`;
    bring.submit();
  };
  input.addEventListener("change", send);
  for (const kind of ["dragover", "dragleave", "drop"]) {
    drop.addEventListener(kind, (event) => {
      event.preventDefault();
      drop.classList.toggle("over", kind === "dragover");
      if (kind !== "drop" || !event.dataTransfer.files.length) return;
      input.files = event.dataTransfer.files;
      send();
    });
  }
})();

// Many at once are taken one after the other, so that it can be said how far it is; whatever was
// taken stays taken when the page is closed in between.
(function () {
  const all = document.querySelector(".case-all");
  if (!all) return;
  all.addEventListener("submit", async (event) => {
    const consent = all.querySelector("[name=consent]");
    if (!consent.checked) return;
    event.preventDefault();
    const ids = [...document.querySelectorAll("[data-case]")].map((line) => line.dataset.case);
    const line = all.querySelector(".case-progress");
    const bar = line.querySelector("progress");
    all.querySelector("button").disabled = true;
    line.hidden = false;
    bar.max = ids.length;
    let refused = 0;
    for (let i = 0; i < ids.length; i++) {
      const body = new URLSearchParams(new FormData(all));
      const answer = await fetch(`/cases/${encodeURIComponent(ids[i])}/take-new`, { method: "POST", body }).catch(() => null);
      if (!answer || !answer.ok) refused++;
      bar.value = i + 1;
      line.querySelector("span").textContent = `${i + 1} of ${ids.length} looked at${refused ? `, ${refused} not taken` : ""}`;
    }
    location.href = "/cases";
  });
})();
