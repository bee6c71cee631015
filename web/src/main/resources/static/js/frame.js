// What every page does: forms sent once and in their order, the jump box, fields that fill others.
"use strict";

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-print]")) print();
});
document.addEventListener("submit", async (event) => {
  const form = event.target;
  if (form.dataset.stay) {
    event.preventDefault();
    if (await undersaw.post(form, event.submitter)) await undersaw.inTurn(undersaw.refresh);
  } else if (form.dataset.part) {
    event.preventDefault();
    await undersaw.post(form, event.submitter);
  } else if (form.method === "post" && form.dataset.sent) {
    event.preventDefault(); // a double click sends once
  } else if (form.method === "post" && !form.dataset.again) {
    form.dataset.sent = "yes";
  }
});
window.addEventListener("pageshow", () =>
  document.querySelectorAll("[data-sent]").forEach((form) => delete form.dataset.sent),
);

document.addEventListener("change", (event) => {
  const form = event.target.closest("form");
  if (form && (form.dataset.auto || event.target.dataset.submit) && event.target.dataset.kept !== event.target.value)
    form.requestSubmit();
});

// Enter keeps at once; the change that leaving the field reports later is the same one
document.addEventListener("keydown", (event) => {
  if (event.key !== "Enter" || !event.target.matches("form[data-auto] input")) return;
  event.preventDefault();
  event.target.dataset.kept = event.target.value;
  event.target.form.requestSubmit();
  if (!event.target.form.dataset.down) return;
  // down a column of fields, one after the other
  const column = [...document.querySelectorAll('form[data-down] input[name="' + event.target.name + '"]')];
  const next = column[column.indexOf(event.target) + 1];
  if (next) {
    next.focus();
    next.select();
  }
});

document.addEventListener("click", async (event) => {
  const figure = event.target.closest("[data-lineage]");
  if (figure && !event.ctrlKey && !event.metaKey && document.getElementById("drawer")) {
    event.preventDefault();
    if (!(await undersaw.lineage(figure.dataset.lineage))) location.href = figure.href;
  }
  const close = event.target.closest("[data-close]");
  if (close) document.getElementById(close.dataset.close).replaceChildren();
});

document.addEventListener("alpine:init", () => {
  Alpine.data("jumpBox", () => ({
    shown: false,
    async look() {
      const words = this.$refs.box.value.trim();
      if (!words) {
        this.shown = false;
        return;
      }
      const within = this.$refs.box.dataset.in;
      const answer = await undersaw.part("/jump?q=" + encodeURIComponent(words) + (within ? "&in=" + within : ""));
      this.$refs.found.replaceChildren(answer.content);
      this.shown = true;
    },
    /** Enter goes to the first hit, even where it was not shown yet. */
    async first() {
      await this.look();
      const first = this.$refs.found.querySelector("a");
      if (first) location.href = first.href;
    },
    close() {
      this.shown = false;
      this.$refs.box.blur();
    },
    down() {
      const first = this.$refs.found.querySelector("a");
      if (first) first.focus();
    },
    keys() {
      document.getElementById("keys").showModal();
    },
  }));
  Alpine.data("activityCode", () => ({
    init() {
      const box = document.getElementById("activityCode");
      let waiting;
      box.addEventListener("input", () => {
        clearTimeout(waiting);
        waiting = setTimeout(() => this.find(box), 150);
      });
    },
    async find(box) {
      if (/^\d{6}$/.test(box.value.trim()) || box.value.trim().length < 2) {
        this.$refs.codes.replaceChildren();
        return;
      }
      const response = await fetch("/activity-codes?q=" + encodeURIComponent(box.value), {
        credentials: "same-origin",
      });
      const codes = await response.json();
      this.$refs.codes.replaceChildren(
        ...Object.entries(codes).map(([code, title]) => {
          const item = document.createElement("li"),
            button = document.createElement("button");
          button.type = "button";
          button.textContent = code + " " + title;
          button.addEventListener("click", () => {
            box.value = code;
            this.$refs.codes.replaceChildren();
            box.focus();
          });
          item.append(button);
          return item;
        }),
      );
    },
  }));
  Alpine.data("filing", () => ({
    init() {
      if (this.$root.dataset.waiting === "true") setTimeout(() => this.refresh(), 1200);
    },
    async refresh() {
      const response = await fetch(location.pathname, { credentials: "same-origin" });
      const page = new DOMParser().parseFromString(await response.text(), "text/html");
      if (page.querySelector("main").dataset.waiting === "true") {
        setTimeout(() => this.refresh(), 1500);
        return;
      }
      location.reload();
    },
  }));
});

// A form that shows what it would do: asked a moment after the last key, and nothing is kept.
{
  let waiting;
  document.addEventListener("input", (event) => {
    const form = event.target.closest("form[data-preview]");
    if (!form) return;
    clearTimeout(waiting);
    waiting = setTimeout(async () => {
      const answer = await undersaw.part(form.dataset.preview, {
        method: "POST",
        body: new URLSearchParams(new FormData(form)),
      });
      if (answer.ok) undersaw.swap(answer.content);
    }, 250);
  });
}

document.addEventListener("click", (event) => {
  const more = event.target.closest("[data-more-rows]");
  if (!more) return;
  const rows = document.querySelector("." + more.dataset.moreRows),
    row = rows.lastElementChild.cloneNode(true);
  row.querySelectorAll("input").forEach((input) => {
    input.value = "";
    input.setAttribute("aria-label", input.getAttribute("aria-label").replace(/\d+$/, rows.children.length + 1));
  });
  rows.append(row);
  row.querySelector("input").focus();
});

// A list too long for the page is asked for while typing.
{
  let asking;
  document.addEventListener("input", (event) => {
    const list = event.target.list;
    if (!list || !list.dataset.ask || event.target.value.length < 2) return;
    clearTimeout(asking);
    asking = setTimeout(async () => {
      const answer = await undersaw.part(list.dataset.ask + "?q=" + encodeURIComponent(event.target.value));
      if (answer.ok) list.replaceChildren(...answer.content.querySelectorAll("option"));
    }, 140);
  });
}

// A ZIP code fills town and state where they are empty; both stay a person's to change.
document.addEventListener("change", async (event) => {
  if (event.target.id !== "postalCode" || !/^\d{5}/.test(event.target.value.trim())) return;
  const town = document.getElementById("city"),
    state = document.getElementById("region");
  if (!town || !state || (town.value.trim() && state.value.trim())) return;
  const response = await fetch("/postal-codes?zip=" + encodeURIComponent(event.target.value.trim().slice(0, 5)), {
    credentials: "same-origin",
  });
  const place = await response.json();
  if (place.town && !town.value.trim()) town.value = place.town;
  if (place.state && !state.value.trim()) state.value = place.state;
});
