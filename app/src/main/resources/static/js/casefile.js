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
