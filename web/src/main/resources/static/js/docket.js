// The docket: filtered and sorted in place.
"use strict";
document.addEventListener("alpine:init", () => {
  Alpine.data("docket", () => ({
    words: "",
    state: "",
    count: "",
    order: 1,
    column: -1,
    init() {
      this.filter();
    },
    rows() {
      return [...this.$refs.table.tBodies[0].rows];
    },
    filter() {
      const words = this.words.toLowerCase().split(/\s+/).filter(Boolean);
      let shown = 0;
      for (const row of this.rows()) {
        const text = row.textContent.toLowerCase();
        const state =
          !this.state || row.dataset.state === this.state || (this.state === "client" && row.dataset.client === "true");
        const fits = words.every((word) => text.includes(word)) && state;
        row.hidden = !fits;
        if (fits) shown += 1;
      }
      this.count = shown + " of " + this.rows().length + " shown";
    },
    sort(column) {
      this.order = this.column === column ? -this.order : 1;
      this.column = column;
      const body = this.$refs.table.tBodies[0];
      this.rows()
        .sort((one, other) => this.order * one.cells[column].textContent.localeCompare(other.cells[column].textContent))
        .forEach((row) => body.append(row));
      [...this.$refs.table.tHead.rows[0].cells].forEach((cell, at) =>
        cell.setAttribute("aria-sort", at === column ? (this.order > 0 ? "ascending" : "descending") : "none"),
      );
    },
  }));
});
