package undersaw.authority;

/**
 * Why a submission is rejected.
 *
 * @param code the authority's code
 * @param line the line at fault; empty for the whole filing
 * @param message words for the filer
 */
record Reason(String code, String line, String message) {}
