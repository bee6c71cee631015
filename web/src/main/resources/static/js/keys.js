// Single keys: they work wherever nothing is being typed, and can be turned off at "Keys".
"use strict";
{
  const OFF = "undersaw.keys.off";
  const isOff = () => localStorage.getItem(OFF) === "yes";

  document.addEventListener("keydown", (event) => {
    const typing = event.target.closest(
      "input:not([type=checkbox]):not([type=radio]), select, textarea, [contenteditable]",
    );
    if (event.key === "Escape") {
      const drawer = document.getElementById("drawer");
      if (!typing && drawer) drawer.replaceChildren();
      // out of a field, so that single keys work again; what was typed stays
      if (typing && !event.target.matches(".in-place, #jump")) document.getElementById("main").focus();
      return;
    }
    if (typing || event.ctrlKey || event.metaKey || event.altKey || document.querySelector("dialog[open]")) return;
    if (isOff() && event.key !== "?") return;
    const question = event.target.closest(".answer");
    const keys = {
      "/": () => document.getElementById("jump") && document.getElementById("jump").focus(),
      "?": () => document.getElementById("keys").showModal(),
      j: () => undersaw.row(1),
      k: () => undersaw.row(-1),
      n: () => (question ? undersaw.reply(question, "no") : undersaw.nextFinding()),
      u: () => undersaw.undo("undo"),
      U: () => undersaw.undo("redo"),
      ".": () => {
        const at = document.activeElement.closest("[data-lineage]") || document.querySelector("tr.at [data-lineage]");
        if (at) undersaw.lineage(at.dataset.lineage);
      },
    };
    if (question) keys.y = () => undersaw.reply(question, "yes");
    const station = /^[1-8]$/.test(event.key) && document.querySelector('[data-station="' + event.key + '"]');
    if (station) {
      event.preventDefault();
      station.click();
    } else if (keys[event.key]) {
      event.preventDefault();
      keys[event.key]();
    }
  });

  undersaw.reply = (question, word) => question.querySelector('button[value="' + word + '"]').click();

  undersaw.row = (step) => {
    const rows = [...document.querySelectorAll("main tbody tr")].filter((row) => row.offsetParent);
    if (!rows.length) return;
    const focused = document.activeElement.closest("main tbody tr");
    const at = rows.indexOf(focused || document.querySelector("tr.at"));
    const next = rows[Math.max(0, Math.min(rows.length - 1, at + step))];
    rows.forEach((row) => row.classList.toggle("at", row === next));
    next.scrollIntoView({ block: "nearest" });
    const control = undersaw.main(next);
    if (control) {
      control.focus({ preventScroll: true });
    } else {
      document.getElementById("main").focus({ preventScroll: true });
    }
  };

  undersaw.nextFinding = () => {
    const found = [...document.querySelectorAll('[data-finding="stop"], [data-finding="query"]')];
    if (!found.length) {
      const head = document.getElementById("engagement-head");
      if (head) location.href = "/e/" + head.dataset.id + "/check";
      return;
    }
    const at = found.findIndex((each) => each.classList.contains("at"));
    const next = found[(at + 1) % found.length];
    found.forEach((each) => each.classList.toggle("at", each === next));
    next.querySelector("a.go").focus();
  };

  /** Takes back the last change, or makes the last one taken back again, after what was sent before it. */
  undersaw.undo = (way) =>
    undersaw
      .inTurn(() => undoNow(way))
      .catch(() => undersaw.say("The server did not answer. Load the page again to see what stands.", true));

  const undoNow = async (way) => {
    const head = document.getElementById("engagement-head");
    if (!head) return;
    const ask = (others) =>
      undersaw.part("/e/" + head.dataset.id + "/" + way, {
        method: "POST",
        body: new URLSearchParams(others ? { others: "true" } : {}),
      });
    const words = (answer) => {
      const said = answer.content.querySelector(".refusal");
      return said ? said.textContent.trim() : "";
    };
    let answer = await ask(false);
    if (answer.status === 428) {
      if (!confirm(words(answer) + " Take it back all the same?")) return;
      answer = await ask(true);
    }
    if (!answer.ok) {
      undersaw.say(words(answer) || "That was not done. Load the page again.", true);
      return;
    }
    await undersaw.refresh();
    undersaw.say(words(answer));
  };

  document.addEventListener("click", (event) => {
    const button = event.target.closest("[data-way]");
    if (button) undersaw.undo(button.dataset.way);
  });

  document.addEventListener("alpine:init", () => {
    Alpine.data("singleKeys", () => ({
      on: !isOff(),
      keep() {
        localStorage.setItem(OFF, this.on ? "no" : "yes");
      },
    }));
  });
}
