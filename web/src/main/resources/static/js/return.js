// Figures are edited in place: Enter edits, Enter or Tab keeps, Esc gives back the old value.
"use strict";
(() => {
  function edit(figure) {
    const direct = figure.dataset.direct === "true";
    if (!direct) {
      undersaw.lineage(figure.dataset.lineage).then(() => {
        const box = document.querySelector('#drawer .type input[name="value"]');
        if (box) box.focus();
      });
      return;
    }
    const was = figure.dataset.plain || ""; // an empty attribute is left out of the markup
    const box = document.createElement("input");
    box.className = "in-place" + (figure.dataset.kind === "amount" ? "" : " words");
    box.value = was;
    box.dataset.editing = figure.dataset.swap;
    box.setAttribute("aria-label", figure.querySelector(".visually-hidden").textContent.trim());
    let done = false;
    const back = (focus) => {
      done = true;
      const now = box.fresh || figure;
      box.replaceWith(now);
      if (focus) now.focus();
    };
    const keep = async (focus) => {
      if (done) return;
      if (box.value.trim() === was) {
        back(focus);
        return;
      }
      done = true;
      const form = document.createElement("form");
      form.setAttribute("action", new URL(figure.href).pathname + "/line");
      for (const [name, value] of [
        ["key", figure.dataset.lineage],
        ["was", was],
        ["value", box.value],
      ]) {
        const field = document.createElement("input");
        field.name = name;
        field.value = value;
        form.append(field);
      }
      box.replaceWith(figure);
      const name = figure.dataset.swap;
      if (await undersaw.post(form)) {
        if (focus) {
          const now = document.querySelector('[data-swap="' + CSS.escape(name) + '"]');
          if (now) now.focus();
        }
      } else {
        done = false;
        figure.replaceWith(box);
        box.focus();
        box.select();
      }
    };
    box.addEventListener("keydown", (event) => {
      if (event.key === "Enter") {
        event.preventDefault();
        keep(true);
      }
      if (event.key === "Tab") keep(false);
      if (event.key === "Escape") {
        event.stopPropagation();
        back(true);
      }
    });
    box.addEventListener("blur", () => keep(false));
    figure.replaceWith(box);
    box.focus();
    box.select();
  }

  document.addEventListener("keydown", (event) => {
    const figure = event.target.closest && event.target.closest("a.figure[data-direct]");
    if (figure && event.key === "Enter" && !event.ctrlKey) {
      event.preventDefault();
      edit(figure);
    }
  });
  document.addEventListener("dblclick", (event) => {
    const figure = event.target.closest("a.figure[data-direct]");
    if (figure) {
      event.preventDefault();
      edit(figure);
    }
  });
  document.addEventListener("alpine:init", () => {
    Alpine.data("formFinder", () => ({
      words: "",
      none: "",
      offers() {
        return [...this.$root.querySelectorAll("li")];
      },
      narrow() {
        const asked = this.words
          .toLowerCase()
          .split(/\s+/)
          .filter(Boolean)
          .map((word) => (word.length > 4 ? word.replace(/s$/, "") : word));
        this.offers().forEach((offer) => {
          offer.hidden = !asked.every((word) => offer.dataset.words.includes(word));
        });
        this.none =
          this.offers().length > 0 && this.offers().every((offer) => offer.hidden)
            ? "No form that can be added answers to these words."
            : "";
      },
      first() {
        const offer = this.offers().find((each) => !each.hidden);
        if (offer) (offer.querySelector("button") || offer.querySelector("a")).click();
      },
    }));
    Alpine.data("returnSheet", () => ({
      init() {
        const key = new URLSearchParams(location.search).get("line");
        const figure = key && document.querySelector('[data-lineage="' + CSS.escape(key) + '"]:not(.vitals a)');
        const inSheet = key && document.querySelector('.sheet-main [data-lineage="' + CSS.escape(key) + '"]');
        if (inSheet || figure) {
          (inSheet || figure).classList.add("chosen-figure");
          (inSheet || figure).scrollIntoView({ block: "center" });
          (inSheet || figure).focus({ preventScroll: true });
        }
      },
    }));
  });
})();
