package undersaw.engagement;

import undersaw.line.LineKey;

/** One part of a snapshot that a change has touched. */
public sealed interface Touch {
    /** An account's balance or mapping. */
    record OfAccount(String number) implements Touch {}

    /** A typed figure or answer. */
    record OfFact(LineKey key) implements Touch {}

    /** The heading. */
    record OfHeading() implements Touch {}

    /** Payments or carryovers. */
    record OfLists() implements Touch {}

    /** So much that starting over is simpler. */
    record OfEverything() implements Touch {}
}
