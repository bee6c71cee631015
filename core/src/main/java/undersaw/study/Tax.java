package undersaw.study;

import undersaw.line.LineId;

/** The taxes that a comparison of kinds of entity sets side by side, the total last. */
public enum Tax {
    EMPLOYER("employer", "payroll tax, employer's"),
    OWNER("owner", "payroll tax, owners'"),
    SELF_EMPLOYMENT("self", "self-employment tax"),
    ENTITY("entity", "tax of the entity"),
    INCOME("owners", "owners' income tax"),
    GAINS("gains", "owners' tax on gains and qualified dividends"),
    DISTRIBUTIONS("dividends", "owners' tax on distributions"),
    ALL("total", "all taxes");

    private final String row;
    private final String words;

    Tax(String row, String words) {
        this.row = row;
        this.words = words;
    }

    /** What it is, inside a sentence. */
    public String words() {
        return words;
    }

    /** Where it stands for a kind of entity. */
    public LineId line(Kind kind) {
        return LineId.of(EntityComparison.CODE + "/" + within(kind));
    }

    String within(Kind kind) {
        return row + "/" + kind.letter();
    }
}
