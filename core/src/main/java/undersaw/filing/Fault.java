package undersaw.filing;

/**
 * Why an authority rejects a filing.
 *
 * @param code the authority's own code
 * @param line the line at fault as the filing names it; empty where the whole filing is
 * @param message the authority's words
 */
public record Fault(String code, String line, String message) {}
