package undersaw.us.corporation;

import java.util.List;
import java.util.stream.Stream;
import undersaw.law.LawKey;
import undersaw.us.depreciation.DepreciationLaw;
import undersaw.us.forms.BusinessLaw;

/** The figures of the law that a corporation's return reads; each year's table cites them row by row. */
public final class CorporationLaw {
    public static final LawKey DIVIDENDS_SMALL_HOLDING =
            key("dividends-small-holding", "the share for holdings under 20%");
    public static final LawKey DIVIDENDS_LARGE_HOLDING =
            key("dividends-large-holding", "the share for holdings of 20% or more");
    public static final LawKey DIVIDENDS_WHOLE = key("dividends-affiliated", "the share for affiliates");
    public static final LawKey DIVIDENDS_UTILITY_SMALL =
            key("dividends-utility-small", "the share for utility preferred stock under 20%");
    public static final LawKey DIVIDENDS_UTILITY_LARGE =
            key("dividends-utility-large", "the share for utility preferred stock of 20% or more");
    public static final LawKey NOL_SHARE = key("nol-share", "the share of income that later losses may use");
    public static final LawKey CHARITABLE_SHARE = key("charitable-share", "the limit on gifts");
    public static final LawKey CHARITABLE_FLOOR = key("charitable-floor", "the floor under gifts");
    public static final LawKey CREDIT_SHARE = key("general-credit-share", "the share of tax kept from credits");
    public static final LawKey CREDIT_THRESHOLD =
            key("general-credit-threshold", "the tax above which credits are cut");
    public static final LawKey SCHEDULES_EXCUSED =
            key("schedules-excused", "the size below which Schedules L, M-1 and M-2 are excused");
    public static final LawKey SCHEDULE_M3 = key("schedule-m3", "the assets from which Schedule M-3 is due");
    public static final LawKey ESTIMATE_THRESHOLD =
            key("estimate-threshold", "the tax below which no estimates are due");
    public static final LawKey BUILDING_RECAPTURE =
            key("building-recapture", "the share of a building's depreciation that is ordinary gain");
    public static final LawKey SERVICE_EARNINGS_CREDIT =
            key("service-earnings-credit", "the accumulated earnings credit of a service corporation");
    public static final LawKey INFORMATION_RETURN =
            key("information-return", "the payment from which an information return is due");
    public static final LawKey EARNINGS_CREDIT = key("accumulated-earnings-credit", "the accumulated earnings credit");
    public static final LawKey INSTALLMENT_SHARE =
            key("installment-share", "the share of the year's tax in an instalment");
    public static final LawKey INSTALLMENT_LARGE_SECOND =
            key("installment-large-second", "the share that a large corporation has paid with the second instalment");

    private static final List<LawKey> OWN = List.of(
            DIVIDENDS_SMALL_HOLDING,
            DIVIDENDS_LARGE_HOLDING,
            DIVIDENDS_WHOLE,
            DIVIDENDS_UTILITY_SMALL,
            DIVIDENDS_UTILITY_LARGE,
            NOL_SHARE,
            CHARITABLE_SHARE,
            CHARITABLE_FLOOR,
            CREDIT_SHARE,
            CREDIT_THRESHOLD,
            SCHEDULES_EXCUSED,
            SCHEDULE_M3,
            ESTIMATE_THRESHOLD,
            BUILDING_RECAPTURE,
            SERVICE_EARNINGS_CREDIT,
            INFORMATION_RETURN,
            EARNINGS_CREDIT,
            INSTALLMENT_SHARE,
            INSTALLMENT_LARGE_SECOND);

    private CorporationLaw() {}

    private static LawKey key(String key, String words) {
        return new LawKey("corporation", key, words);
    }

    /** Every figure, those of the forms that other returns use too last. */
    public static List<LawKey> all() {
        return Stream.of(OWN, BusinessLaw.all(), DepreciationLaw.all())
                .flatMap(List::stream)
                .toList();
    }
}
