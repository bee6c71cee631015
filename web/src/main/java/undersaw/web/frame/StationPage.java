package undersaw.web.frame;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import undersaw.calc.Calculation;
import undersaw.engagement.Station;
import undersaw.line.LineKey;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Standpoint;
import undersaw.web.desk.Workspace;
import undersaw.web.desk.Workspace.Outcome;

/** What every station's page has in common: the engagement's head, and what an edit changed. */
@Component
public class StationPage {
    private final Workspace workspace;
    private final Standpoint standpoint;

    StationPage(Workspace workspace, Standpoint standpoint) {
        this.workspace = workspace;
        this.standpoint = standpoint;
    }

    /** Puts the head of an engagement into the model and gives the engagement. */
    public OpenEngagement open(long id, Station here, Model model) {
        OpenEngagement open = workspace.open(id);
        show(open, here, model);
        return open;
    }

    /** Puts head and changed figures into the model, for an answer that replaces only what changed. */
    public void changed(Outcome outcome, Station here, Model model) {
        OpenEngagement after = outcome.after();
        show(after, here, model);
        model.addAttribute(
                "figures",
                after.calculation().differences(outcome.before().calculation()).stream()
                        .sorted()
                        .map(key -> figure(after.calculation(), key))
                        .toList());
    }

    private void show(OpenEngagement open, Station here, Model model) {
        model.addAttribute("open", open);
        model.addAttribute("head", EngagementHead.of(open, standpoint.progress(open), here));
    }

    /** One figure of a computed return. */
    public static Figure figure(Calculation calculation, LineKey key) {
        return Figure.of(calculation.plan().line(key.line()).orElseThrow(), key, calculation.value(key));
    }
}
