package undersaw.study;

import undersaw.law.LawKey;

/** The figures of the law that a comparison of kinds of entity reads; each year's table cites them. */
final class StudyLaw {
    static final LawKey WAGE_BASE = key("wage-base", "the most pay that social security tax is due on");
    static final LawKey SOCIAL = key("social-share", "the rate of social security tax");
    static final LawKey MEDICARE = key("medicare-share", "the rate of Medicare tax");
    static final LawKey ADDITIONAL = key("additional-share", "the rate of additional Medicare tax");
    static final LawKey ADDITIONAL_SINGLE = key("additional-single", "the pay from which it is due");
    static final LawKey ADDITIONAL_JOINT = key("additional-joint", "the pay of a couple from which it is due");
    static final LawKey EARNED_PART = key("self-employed-part", "the part of earnings that counts");
    static final LawKey EARNED_FROM = key("self-employed-from", "the earnings from which tax is due");
    static final LawKey EARNED_SOCIAL = key("self-employed-social", "the social security rate of the self-employed");
    static final LawKey EARNED_MEDICARE = key("self-employed-medicare", "the Medicare rate of the self-employed");
    static final LawKey NET_INVESTMENT = key("net-investment", "the rate of net investment income tax");
    static final LawKey QUALIFIED = key("qualified-share", "the share of qualified business income deducted");
    static final LawKey QUALIFIED_WAGES = key("qualified-wages", "the share of wages that limits it");
    static final LawKey QUALIFIED_WAGES_PROPERTY =
            key("qualified-wages-with-property", "the share of wages that counts beside property");
    static final LawKey QUALIFIED_PROPERTY = key("qualified-property", "the share of property that counts");
    static final LawKey CHARITY = key("charity-limit", "the share of income that a corporation may give");

    static final LawKey CORPORATE_RATE = new LawKey("corporation", "corporate-rate", "the corporate rate");

    private StudyLaw() {}

    private static LawKey key(String key, String words) {
        return new LawKey("payroll", key, words);
    }
}
