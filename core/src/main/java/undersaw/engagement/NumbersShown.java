package undersaw.engagement;

/** Whether a document that leaves the house shows the numbers of taxpayers whole. */
public enum NumbersShown {
    /** Their last four digits. */
    MASKED,
    /** All digits: on purpose, and written down in the trail. */
    FULL;

    /** The number of a person, business or organization as the document shows it. */
    public String shown(String number) {
        return this == FULL ? number : TaxpayerNumber.masked(number);
    }
}
