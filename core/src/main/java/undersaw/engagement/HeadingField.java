package undersaw.engagement;

/** A fact of the client or the engagement that a line of the return repeats. */
public enum HeadingField {
    NAME,
    NUMBER,
    FORMED,
    INITIAL,
    FINAL,
    NAME_CHANGE,
    ADDRESS_CHANGE,
    METHOD,
    ACTIVITY_CODE,
    ACTIVITY,
    PRODUCT
}
