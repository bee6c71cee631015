// The mapping bench: ribbons as thick as the amounts, many accounts at once.
"use strict";
(() => {
  const NAMESPACE = "http://www.w3.org/2000/svg";
  const THICKEST = 26;

  function draw() {
    const bench = document.querySelector(".bench"),
      canvas = document.querySelector(".ribbons");
    if (!bench || !canvas || !canvas.getBoundingClientRect().width) return;
    const frame = canvas.getBoundingClientRect();
    const list = document.querySelector(".targets ul").getBoundingClientRect();
    const rows = [...document.querySelectorAll("#map-rows tr")];
    const most = Math.max(1, ...rows.map((row) => Number(row.dataset.cents)));
    canvas.setAttribute("viewBox", "0 0 " + frame.width + " " + frame.height);
    const inSight = (row) => {
      const at = row.getBoundingClientRect();
      return at.bottom > -40 && at.top < window.innerHeight + 40;
    };
    canvas.replaceChildren(
      ...rows
        .filter((row) => row.dataset.line && inSight(row))
        .map((row) => {
          const target = document.querySelector('.targets li[data-line="' + CSS.escape(row.dataset.line) + '"]');
          if (!target) return document.createElementNS(NAMESPACE, "g");
          const from = row.getBoundingClientRect(),
            to = target.getBoundingClientRect();
          const y1 = from.top + from.height / 2 - frame.top;
          const y2 = Math.min(Math.max(to.top + to.height / 2, list.top), list.bottom) - frame.top;
          const path = document.createElementNS(NAMESPACE, "path");
          path.setAttribute(
            "d",
            "M0 " +
              y1 +
              " C " +
              frame.width / 2 +
              " " +
              y1 +
              " " +
              frame.width / 2 +
              " " +
              y2 +
              " " +
              frame.width +
              " " +
              y2,
          );
          path.setAttribute("stroke-width", String(Math.max(1, (Number(row.dataset.cents) / most) * THICKEST)));
          path.dataset.number = row.dataset.number;
          path.dataset.line = row.dataset.line;
          if (row.className !== "confirmed") path.classList.add("open");
          return path;
        }),
    );
  }

  function light(row, lit) {
    document.querySelectorAll(".ribbons .lit, .targets .lit").forEach((each) => each.classList.remove("lit"));
    if (!lit || !row.dataset.line) return;
    const target = document.querySelector('.targets li[data-line="' + CSS.escape(row.dataset.line) + '"]');
    const ribbon = document.querySelector('.ribbons path[data-number="' + CSS.escape(row.dataset.number) + '"]');
    if (target) {
      target.classList.add("lit");
      target.parentElement.scrollTop = Math.max(0, target.offsetTop - 200);
    }
    draw();
    const again =
      document.querySelector('.ribbons path[data-number="' + CSS.escape(row.dataset.number) + '"]') || ribbon;
    if (again) again.classList.add("lit");
  }

  function many() {
    const chosen = document.querySelectorAll(".pick:checked").length,
      bar = document.getElementById("many");
    if (!bar) return;
    bar.hidden = chosen === 0;
    bar.querySelector(".many-count").textContent = chosen + (chosen === 1 ? " account" : " accounts");
  }

  // plain words find lines too: the list below the field is asked for while typing
  let asking;
  document.addEventListener("input", (event) => {
    const field = event.target;
    if (!field.matches(".bench input.line, #many input[name=line]") || field.value.length < 2) return;
    clearTimeout(asking);
    asking = setTimeout(async () => {
      const row = field.closest("tr") || document.querySelector("#map-rows .pick:checked")?.closest("tr");
      const address =
        "/e/" +
        document.getElementById("engagement-head").dataset.id +
        "/map/lines?income=" +
        (row ? row.dataset.income : "true") +
        "&q=" +
        encodeURIComponent(field.value);
      const answer = await undersaw.part(address);
      const found = answer.content.querySelectorAll("option");
      if (answer.ok && found.length) document.getElementById("lines").replaceChildren(...found);
    }, 140);
  });

  // accounts can be dragged onto a line as well as typed to it
  let dragged = null;
  document.addEventListener("dragstart", (event) => {
    const row = event.target.closest && event.target.closest("#map-rows tr");
    if (row) {
      dragged = row;
      event.dataTransfer.setData("text/plain", row.dataset.number);
    }
  });
  document.addEventListener("dragover", (event) => {
    const target = event.target.closest && event.target.closest(".targets li");
    if (target && dragged) {
      event.preventDefault();
      document.querySelectorAll(".targets .over").forEach((each) => each.classList.remove("over"));
      target.classList.add("over");
    }
  });
  document.addEventListener("drop", (event) => {
    const target = event.target.closest && event.target.closest(".targets li");
    if (!target || !dragged) return;
    event.preventDefault();
    target.classList.remove("over");
    const form = dragged.querySelector("form.place");
    form.querySelector("input.line").value = target.dataset.line;
    dragged = null;
    form.requestSubmit();
  });

  // accounts chosen by a range of their numbers
  document.addEventListener("submit", (event) => {
    if (!event.target.dataset.range) return;
    event.preventDefault();
    const from = event.target.elements.from.value.trim(),
      to = event.target.elements.to.value.trim() || from;
    document.querySelectorAll("#map-rows tr").forEach((row) => {
      if (row.dataset.number >= from && row.dataset.number <= to + "\uffff") row.querySelector(".pick").checked = true;
    });
    many();
  });

  document.addEventListener("change", (event) => {
    if (event.target.matches(".pick")) many();
  });
  document.addEventListener("focusin", (event) => {
    const row = event.target.closest("#map-rows tr");
    if (row) light(row, true);
  });
  document.addEventListener("undersaw:swapped", () => {
    draw();
    many();
  });
  window.addEventListener("resize", draw);
  document.addEventListener("scroll", () => requestAnimationFrame(draw), { passive: true, capture: true });
  document.addEventListener("alpine:init", () => {
    Alpine.data("bench", () => ({
      init() {
        requestAnimationFrame(draw);
        if (document.fonts) document.fonts.ready.then(draw);
      },
    }));
  });
})();
