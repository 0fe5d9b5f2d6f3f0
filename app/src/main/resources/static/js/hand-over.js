"use strict";
// Copies the text to send.
document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-copy]");
  if (!button) return;
  const text = button.closest(".phone-made").querySelector(".phone-text");
  text.select();
  const copied = navigator.clipboard ? navigator.clipboard.writeText(text.value) : Promise.reject();
  copied.catch(() => document.execCommand("copy")).then(() => (button.textContent = "Copied"));
});
