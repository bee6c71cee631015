package undersaw.web.trail;

import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import undersaw.calc.Plan;
import undersaw.engagement.ChangeWords;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.store.AuditTrail;

/** The trail as people speak: each line of the return with its caption beside its number. */
final class TrailWords {
    private static final Pattern LINE = Pattern.compile("[A-Z0-9][A-Za-z0-9-]*(?:/[A-Za-z0-9.-]+)+");

    private final Plan plan;

    TrailWords(Plan plan) {
        this.plan = plan;
    }

    AuditTrail.Line spoken(AuditTrail.Line line) {
        return line.with(new ChangeWords(spoken(line.what()), spoken(line.before()), spoken(line.after())));
    }

    private String spoken(String words) {
        return LINE.matcher(words).replaceAll(found -> Matcher.quoteReplacement(named(found)));
    }

    private String named(MatchResult found) {
        String id = found.group();
        if (!LineId.isShaped(id)) {
            return id;
        }
        if (id.startsWith("TREAT/")) {
            return "treatment " + id.substring("TREAT/".length());
        }
        Optional<Line> line = plan.line(LineId.of(id));
        return line.map(each -> id + " (" + each.caption() + ")")
                .or(() -> plan.target(LineId.of(id)).map(target -> id + " (" + target.caption() + ")"))
                .orElse(id);
    }
}
