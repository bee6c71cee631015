// Where a person is on a page: kept over an answer that replaces it, and over a load that shows it anew.
"use strict";
{
  const CONTROLS = "a[href], button, input:not([type=hidden]), select, textarea, summary";
  const STEPS = "[data-finding], main tbody tr, article[id]";
  const controls = (within) => [...within.querySelectorAll(CONTROLS)].filter((each) => !each.disabled);
  const kept = () => "undersaw.place " + location.pathname;

  /** While a pointer is down nothing is replaced: the click that follows would fall on nothing. */
  let down = Promise.resolve();
  document.addEventListener(
    "pointerdown",
    () => {
      down = new Promise((resolve) => {
        const up = () => setTimeout(resolve, 0);
        window.addEventListener("pointerup", up, { once: true, capture: true });
        window.addEventListener("pointercancel", up, { once: true, capture: true });
        setTimeout(resolve, 2000);
      });
    },
    { capture: true },
  );
  undersaw.released = () => down;

  /** Remembers what is half typed in a field, and puts it into the field that has taken its place. */
  undersaw.halfTyped = (field) => {
    const other = field.value !== field.defaultValue && field.value !== undersaw.sent.get(field);
    const typed = field.matches("input[type=text], input:not([type])") && other;
    const words = field.value,
      name = field.name,
      caret = typed ? field.selectionStart : 0;
    return (found) => {
      if (!typed || !found || !found.matches("input") || found.name !== name) return;
      if (document.activeElement !== found) return;
      found.value = words;
      found.setSelectionRange(caret, caret);
    };
  };

  /** Remembers which control within an element has the focus, and what is half typed there; nothing where none has. */
  undersaw.within = (old) => {
    const active = document.activeElement;
    if (!old.contains(active)) return null;
    const at = controls(old).indexOf(active);
    const typeOn = undersaw.halfTyped(active);
    return (copy) => {
      const found = copy.matches(CONTROLS) ? copy : controls(copy)[at] || undersaw.main(copy);
      if (!found) return;
      found.focus({ preventScroll: true });
      typeOn(found);
    };
  };

  /** The control of a row that Enter is for. */
  undersaw.main = (row) => row.querySelector("[data-enter]") || controls(row).find((each) => !each.matches(".pick"));

  /** The place on this page: the named thing that has the focus, its turn among its kind, and how far down. */
  undersaw.place = () => {
    const active = document.activeElement;
    const step = active.closest(STEPS) || document.querySelector(".at");
    const steps = [...document.querySelectorAll(STEPS)];
    const named = active.closest("[id]");
    return {
      top: scrollY,
      own: active.id && active.id !== "main" ? active.id : "",
      name: active.name || "",
      id: (step && step.id) || (named && named.id !== "main" ? named.id : ""),
      turn: step ? steps.indexOf(step) : -1,
      control: step ? controls(step).indexOf(active) : -1,
    };
  };

  /** Back to a place, or to what stands there now. */
  undersaw.goTo = (place) => {
    if (!place) return;
    scrollTo({ top: place.top });
    const own = place.own && document.getElementById(place.own);
    const steps = [...document.querySelectorAll(STEPS)];
    const step =
      (place.id && document.getElementById(place.id)) ||
      (place.turn >= 0 && steps[Math.min(place.turn, steps.length - 1)]);
    const found =
      (own && own.matches(CONTROLS) && own) ||
      (step && ((step.id === place.id && controls(step)[place.control]) || undersaw.main(step))) ||
      document.getElementById("main");
    if (found) found.focus({ preventScroll: true });
    if (step) step.classList.add("at");
  };

  undersaw.keepPlace = () => sessionStorage.setItem(kept(), JSON.stringify(undersaw.place()));

  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (form.method === "post" && !form.dataset.part && !form.dataset.stay) undersaw.keepPlace();
  });

  // Work begins in the first field where a page is for typing, and at the head of the work elsewhere.
  window.addEventListener("DOMContentLoaded", () => {
    const place = sessionStorage.getItem(kept());
    sessionStorage.removeItem(kept());
    const aimed = location.hash && document.getElementById(decodeURIComponent(location.hash.slice(1)));
    if (aimed && aimed.matches(CONTROLS)) aimed.focus();
    if (aimed || document.activeElement !== document.body) return;
    if (place) {
      undersaw.goTo(JSON.parse(place));
      return;
    }
    const main = document.getElementById("main");
    const named = main && main.dataset.first && document.querySelector(main.dataset.first);
    const first = named || document.querySelector("[autofocus]") || main;
    if (first) first.focus({ preventScroll: true });
  });
}
