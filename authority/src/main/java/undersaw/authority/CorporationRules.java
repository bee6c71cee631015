package undersaw.authority;

import static undersaw.authority.BusinessRules.foots;
import static undersaw.authority.BusinessRules.sum;

import java.util.List;

/** What must foot on Form 1120. */
final class CorporationRules implements BusinessRules.FormRules {
    @Override
    public String numberLine() {
        return "1120/hdr/B";
    }

    @Override
    public void examine(FiledReturn filed, List<Reason> reasons) {
        foots(filed, reasons, "1120/1c", filed.amount("1120/1a") - filed.amount("1120/1b"));
        foots(filed, reasons, "1120/3", filed.amount("1120/1c") - filed.amount("1120/2"));
        foots(filed, reasons, "1120/11", sum(filed, "3", "4", "5", "6", "7", "8", "9", "10"));
        foots(
                filed,
                reasons,
                "1120/27",
                sum(filed, "12", "13", "14", "15", "16", "17", "18", "19", "20", "21", "22", "23", "24", "25", "26"));
        foots(filed, reasons, "1120/28", filed.amount("1120/11") - filed.amount("1120/27"));
        foots(filed, reasons, "1120/30", filed.amount("1120/28") - filed.amount("1120/29c"));
        foots(filed, reasons, "1120/31", filed.amount("1120/J/12"));
        foots(filed, reasons, "1120/33", filed.amount("1120/J/23"));
        long owed = filed.amount("1120/31") + filed.amount("1120/34") - filed.amount("1120/33");
        foots(filed, reasons, "1120/35", Math.max(0, owed));
        foots(filed, reasons, "1120/36", Math.max(0, -owed));
    }
}
