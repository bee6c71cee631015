// What every page does: parts put in place, keys, the jump box. All of it is comfort; every form works without it.
"use strict";
const undersaw = {
  /** Changes are sent one after another, in the order in which they were made. */
  turn: Promise.resolve(true),

  token: () => document.querySelector('meta[name="_csrf"]').content,

  /** Asks for a part of a page. */
  async part(address, options = {}) {
    const headers = { "X-Undersaw-Part": "yes" };
    if (options.method === "POST") headers["X-CSRF-TOKEN"] = undersaw.token();
    const response = await fetch(address, { ...options, headers, credentials: "same-origin" });
    if (response.redirected && new URL(response.url).pathname === "/sign-in") {
      location.reload();
      throw new Error("signed out");
    }
    const holder = document.createElement("template");
    holder.innerHTML = await response.text();
    return { ok: response.ok, status: response.status, content: holder.content };
  },

  /** Puts every part that the page has in the place of the old one. */
  swap(content) {
    for (const fresh of content.querySelectorAll("[data-swap]")) {
      const name = fresh.dataset.swap;
      if (name === "drawer-content") {
        undersaw.drawer(fresh);
        continue;
      }
      for (const old of document.querySelectorAll('[data-swap="' + CSS.escape(name) + '"]')) {
        const copy = fresh.cloneNode(true);
        const was = old.querySelector(".amount"),
          now = copy.querySelector(".amount");
        if (old.outerHTML === copy.outerHTML) continue;
        if (was && now && was.textContent !== now.textContent) copy.classList.add("fresh");
        const focused = old.contains(document.activeElement);
        old.replaceWith(copy);
        if (focused)
          (copy.matches("a,button") ? copy : copy.querySelector("a,button,input,select") || copy).focus({
            preventScroll: true,
          });
      }
    }
    document.dispatchEvent(new CustomEvent("undersaw:swapped"));
  },

  drawer(fresh) {
    const drawer = document.getElementById("drawer");
    if (!drawer || !fresh.firstElementChild) return;
    drawer.replaceChildren(...fresh.cloneNode(true).childNodes);
    drawer.hidden = false;
  },

  say(words, trouble) {
    const said = document.getElementById("said");
    said.textContent = words;
    said.classList.toggle("trouble", Boolean(trouble));
    said.classList.add("shown");
    clearTimeout(undersaw.hush);
    undersaw.hush = setTimeout(() => said.classList.remove("shown"), trouble ? 12000 : 3500);
  },

  /** Posts a form and puts what changed in place; what was typed stays where it was refused. */
  post(form, submitter) {
    const turn = undersaw.turn.then(() => undersaw.postNow(form, submitter));
    undersaw.turn = turn;
    return turn;
  },

  async postNow(form, submitter) {
    const data = new URLSearchParams(new FormData(form));
    if (submitter && submitter.name) data.set(submitter.name, submitter.value);
    const address =
      submitter && submitter.hasAttribute("formaction")
        ? submitter.getAttribute("formaction")
        : form.getAttribute("action");
    form.setAttribute("aria-busy", "true");
    try {
      const answer = await undersaw.part(address, { method: "POST", body: data });
      const refusal = answer.content.querySelector(".refusal");
      if (!answer.ok || refusal) {
        undersaw.say(refusal ? refusal.textContent : "That was not saved. Load the page again.", true);
        return false;
      }
      undersaw.swap(answer.content);
      return true;
    } catch (lost) {
      undersaw.say("The server did not answer; what you typed is still here. Try again.", true);
      return false;
    } finally {
      form.removeAttribute("aria-busy");
    }
  },

  async lineage(key) {
    const engagement = document.getElementById("engagement-head");
    const drawer = document.getElementById("drawer");
    if (!engagement || !drawer) return false;
    const answer = await undersaw.part("/e/" + engagement.dataset.id + "/lineage?line=" + encodeURIComponent(key));
    if (!answer.ok) return false;
    drawer.replaceChildren(answer.content);
    drawer.hidden = false;
    document.querySelectorAll(".chosen-figure").forEach((each) => each.classList.remove("chosen-figure"));
    document
      .querySelectorAll('[data-lineage="' + CSS.escape(key) + '"]')
      .forEach((each) => each.classList.add("chosen-figure"));
    return true;
  },
};

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-print]")) print();
});
document.addEventListener("submit", async (event) => {
  const form = event.target;
  if (form.dataset.stay) {
    event.preventDefault();
    if (await undersaw.post(form, event.submitter)) location.reload();
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

document.addEventListener("keydown", (event) => {
  const typing = event.target.closest("input, select, textarea, [contenteditable]");
  if (event.key === "Escape" && !typing) {
    const drawer = document.getElementById("drawer");
    if (drawer) drawer.replaceChildren();
    return;
  }
  if (typing || event.ctrlKey || event.metaKey || event.altKey || document.querySelector("dialog[open]")) return;
  const keys = {
    "/": () => document.getElementById("jump") && document.getElementById("jump").focus(),
    "?": () => document.getElementById("keys").showModal(),
    j: () => undersaw.row(1),
    k: () => undersaw.row(-1),
    n: () => undersaw.nextFinding(),
    u: () => undersaw.undo(),
    ".": () => {
      const at = document.activeElement.closest("[data-lineage]") || document.querySelector("tr.at [data-lineage]");
      if (at) undersaw.lineage(at.dataset.lineage);
    },
  };
  const station = /^[1-8]$/.test(event.key) && document.querySelector('[data-station="' + event.key + '"]');
  if (station) {
    event.preventDefault();
    station.click();
  } else if (keys[event.key]) {
    event.preventDefault();
    keys[event.key]();
  }
});

undersaw.row = (step) => {
  const rows = [...document.querySelectorAll("main tbody tr")].filter((row) => row.offsetParent);
  if (!rows.length) return;
  const at = rows.findIndex((row) => row.classList.contains("at") || row.contains(document.activeElement));
  const next = rows[Math.max(0, Math.min(rows.length - 1, at + step))];
  rows.forEach((row) => row.classList.toggle("at", row === next));
  next.scrollIntoView({ block: "nearest" });
  const focus = next.querySelector("a, button, input, select");
  if (focus) focus.focus({ preventScroll: true });
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

undersaw.undo = async () => {
  const head = document.getElementById("engagement-head");
  if (!head) return;
  const ask = (others) =>
    undersaw.part("/e/" + head.dataset.id + "/undo", {
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
    undersaw.say(words(answer) || "There is no change of this session to take back.", true);
    return;
  }
  sessionStorage.setItem("undersaw.said", words(answer));
  location.reload();
};

// What was taken back is said on the page that shows it gone.
window.addEventListener("DOMContentLoaded", () => {
  const said = sessionStorage.getItem("undersaw.said");
  sessionStorage.removeItem("undersaw.said");
  if (said) undersaw.say(said);
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
