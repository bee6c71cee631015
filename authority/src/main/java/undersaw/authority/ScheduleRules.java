package undersaw.authority;

import java.util.List;

/**
 * Where the schedules of a pass-through return must agree with one another, whatever the form.
 *
 * @param form its code
 * @param ordinary ordinary income on page 1
 * @param small the question whose yes excuses Schedules L and M-1
 * @param assets the sum of assets at the end of the year
 * @param rightSide what stands against them
 * @param m1 the result of Schedule M-1
 * @param income what it must come to
 * @param dividends of Schedule K
 * @param qualified what of them is qualified
 */
record ScheduleRules(
        String form,
        String ordinary,
        String small,
        String assets,
        String rightSide,
        String m1,
        String income,
        String dividends,
        String qualified) {
    void examine(FiledReturn filed, List<Reason> reasons) {
        if (line(filed, ordinary) != line(filed, "K/1") || filed.amount("8825/21") != line(filed, "K/2")) {
            reasons.add(new Reason("PT-R06", form + "/K/1", "Line does not agree with its schedule."));
        }
        boolean excused = filed.lines().getOrDefault(form + "/" + small, "no").equals("yes");
        if (!excused && line(filed, assets) != line(filed, rightSide)) {
            reasons.add(new Reason("PT-R07", form + "/" + rightSide, "Schedule L does not balance."));
        }
        if (!excused && line(filed, m1) != line(filed, income)) {
            reasons.add(new Reason("PT-R08", form + "/" + m1, "M-1 differs."));
        }
        if (line(filed, qualified) > line(filed, dividends)) {
            reasons.add(new Reason("PT-R09", form + "/" + qualified, "Qualified dividends are too high."));
        }
    }

    private long line(FiledReturn filed, String line) {
        return filed.amount(form + "/" + line);
    }
}
