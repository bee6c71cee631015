package undersaw.web.map;

import undersaw.line.LineId;
import undersaw.returns.ReturnKind.Vital;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace.Outcome;
import undersaw.web.frame.Figure;

/** What a change of mapping did to the return, in a sentence. */
final class Effect {
    private Effect() {}

    static String of(Outcome outcome) {
        OpenEngagement after = outcome.after();
        Vital vital = after.kind().vitals(after.calculation()).get(1);
        LineId line = vital.line();
        String before = Figure.text(outcome.before().calculation().amount(line));
        String now = Figure.text(after.calculation().amount(line));
        return before.equals(now)
                ? vital.caption() + " stays at " + now + "."
                : vital.caption() + " went from " + before + " to " + now + ".";
    }
}
