package undersaw.us.depreciation;

import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.check.Check;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/** An asset of a rental property names one that there is, or its depreciation would be deducted nowhere. */
final class RentalCheck {
    private static final Dimension PROPERTIES = Dimension.rows("properties");
    private static final LineId ACTIVITY = LineId.of("ASSETS/activity");

    private RentalCheck() {}

    static Check known() {
        return EntryCheck.each("A-0181", STOP, ACTIVITY, entry -> {
            String activity = entry.text(ACTIVITY);
            List<String> properties = entry.book().year().members(PROPERTIES);
            return activity.isEmpty() || properties.contains(activity)
                    ? ""
                    : entry.words() + " belongs to \"" + activity + "\", which is no property of Form 8825"
                            + (properties.isEmpty() ? "" : " (there are " + String.join(", ", properties) + ")")
                            + ". Correct the activity, or leave it empty for the main business.";
        });
    }
}
