// A run over all engagements, looked at every second until it is done.
"use strict";

document.addEventListener("alpine:init", () => {
  Alpine.data("batchRun", () => ({
    init() {
      if (this.$root.dataset.running === "true") setTimeout(() => this.look(), 1000);
    },
    async look() {
      const answer = await undersaw.part(location.pathname);
      if (answer.ok) undersaw.swap(answer.content);
      if (this.$root.isConnected) setTimeout(() => this.look(), 1000);
    },
  }));
});
