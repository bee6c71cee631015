package undersaw.form;

/**
 * The group of a financial statement that a line's accounts belong to, and where their movements stand in a statement
 * of cash flows by the indirect method (ASC 205, 210, 230; from memory).
 */
public enum Section {
    CASH("Current assets", Activity.CASH),
    RECEIVABLES("Current assets", Activity.OPERATING),
    CURRENT_ASSETS("Current assets", Activity.OPERATING),
    FIXED_ASSETS("Property and equipment", Activity.INVESTING),
    /** Accumulated depreciation: a charge of the year that takes no cash. */
    ACCUMULATED("Property and equipment", Activity.NOT_CASH),
    INTANGIBLES("Intangible assets", Activity.INVESTING),
    ACCUMULATED_AMORTIZATION("Intangible assets", Activity.NOT_CASH),
    OTHER_ASSETS("Other assets", Activity.INVESTING),
    CURRENT_LIABILITIES("Current liabilities", Activity.OPERATING),
    OTHER_LIABILITIES("Other liabilities", Activity.OPERATING),
    BORROWINGS("Loans", Activity.FINANCING),
    EQUITY("Equity", Activity.FINANCING),
    REVENUE("Revenue", Activity.INCOME),
    COST_OF_SALES("Cost of sales", Activity.INCOME),
    EXPENSES("Expenses", Activity.INCOME),
    OTHER_INCOME("Other income", Activity.INCOME),
    INCOME_TAXES("Income taxes", Activity.INCOME);

    /** Where a movement stands in a statement of cash flows. */
    public enum Activity {
        CASH,
        OPERATING,
        NOT_CASH,
        INVESTING,
        FINANCING,
        /** Within net income. */
        INCOME
    }

    private final String caption;
    private final Activity activity;

    Section(String caption, Activity activity) {
        this.caption = caption;
        this.activity = activity;
    }

    public String caption() {
        return caption;
    }

    public Activity activity() {
        return activity;
    }

    /** Whether property of lasting use is held here, before what was written off. */
    public boolean isProperty() {
        return this == FIXED_ASSETS || this == INTANGIBLES;
    }

    /** Whether what was written off property is held here. */
    public boolean isWrittenOff() {
        return this == ACCUMULATED || this == ACCUMULATED_AMORTIZATION;
    }

    public boolean isAsset() {
        return switch (this) {
            case CASH,
                    RECEIVABLES,
                    CURRENT_ASSETS,
                    FIXED_ASSETS,
                    ACCUMULATED,
                    INTANGIBLES,
                    ACCUMULATED_AMORTIZATION,
                    OTHER_ASSETS -> true;
            default -> false;
        };
    }
}
