// Parts of pages asked for and put in place. All of it is comfort; every form works without it.
"use strict";
const undersaw = {
  /** Changes are sent one after another, in the order in which they were made, and no older page is put over a newer. */
  turn: Promise.resolve(true),
  inTurn(work) {
    const turn = undersaw.turn.then(work);
    undersaw.turn = turn.catch(() => false);
    return turn;
  },

  /** What a field held when it was sent: that is not half typed any more. */
  sent: new WeakMap(),

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

  /** Puts every part that the page has in the place of the old one, once no pointer is down on what would go. */
  async swap(content) {
    await undersaw.released();
    for (const fresh of content.querySelectorAll("[data-swap]")) {
      const name = fresh.dataset.swap;
      if (name === "drawer-content") {
        undersaw.drawer(fresh);
        continue;
      }
      const typing = document.querySelector('.in-place[data-editing="' + CSS.escape(name) + '"]');
      if (typing) typing.fresh = fresh.cloneNode(true); // shown when the typing ends
      for (const old of document.querySelectorAll('[data-swap="' + CSS.escape(name) + '"]')) {
        const copy = fresh.cloneNode(true);
        const was = old.querySelector(".amount"),
          now = copy.querySelector(".amount");
        if (old.outerHTML === copy.outerHTML) continue;
        if (was && now && was.textContent !== now.textContent) copy.classList.add("fresh");
        const back = undersaw.within(old);
        old.replaceWith(copy);
        if (back) back(copy);
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

  /** What was refused before is no news after the next success. */
  calm() {
    const said = document.getElementById("said");
    if (said.classList.contains("trouble")) said.classList.remove("shown", "trouble");
  },
  /** Posts a form and puts what changed in place; what was typed stays where it was refused. */
  post(form, submitter) {
    return undersaw.inTurn(() => undersaw.postNow(form, submitter));
  },

  async postNow(form, submitter) {
    const data = new URLSearchParams(new FormData(form));
    if (submitter && submitter.name) data.set(submitter.name, submitter.value);
    const address =
      submitter && submitter.hasAttribute("formaction")
        ? submitter.getAttribute("formaction")
        : form.getAttribute("action");
    form.setAttribute("aria-busy", "true");
    const fields = [...form.elements];
    fields.forEach((field) => undersaw.sent.set(field, field.value));
    try {
      const answer = await undersaw.part(address, { method: "POST", body: data });
      const refusal = answer.content.querySelector(".refusal");
      if (!answer.ok || refusal) {
        fields.forEach((field) => undersaw.sent.delete(field));
        const over = answer.status === 403 || answer.status === 401;
        undersaw.say(
          refusal
            ? refusal.textContent
            : over
              ? "That was not saved: you are no longer signed in, or your role may not do it. Sign in in another tab, " +
                "then send it again; what you typed is still here."
              : "That was not saved. Load the page again.",
          true,
        );
        return false;
      }
      await undersaw.swap(answer.content);
      undersaw.calm();
      return true;
    } catch (lost) {
      fields.forEach((field) => undersaw.sent.delete(field));
      undersaw.say("The server did not answer; what you typed is still here. Try again.", true);
      return false;
    } finally {
      form.removeAttribute("aria-busy");
    }
  },

  /** The whole page asked for again and its work put in place, with the place and what is half typed kept; in its turn. */
  async refresh() {
    const response = await fetch(location.href, { credentials: "same-origin" });
    const page = new DOMParser().parseFromString(await response.text(), "text/html");
    const main = page.getElementById("main");
    if (!response.ok || !main || new URL(response.url).pathname !== location.pathname) {
      undersaw.keepPlace();
      location.reload();
      return;
    }
    await undersaw.released();
    const place = undersaw.place(),
      typeOn = undersaw.halfTyped(document.activeElement);
    document.getElementById("main").replaceChildren(...main.childNodes);
    undersaw.goTo(place);
    const step = document.activeElement.closest("[id]");
    if (!place.id || (step && step.id === place.id) || document.activeElement.id === place.own) {
      typeOn(document.activeElement);
    }
    document.dispatchEvent(new CustomEvent("undersaw:swapped"));
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
