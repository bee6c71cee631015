package undersaw.authority;

import java.util.Locale;
import undersaw.authority.Submissions.Kept;

/** The stand-in's one page, which says on its face that nothing here is real. */
final class Face {
    private static final String STYLE = """
            body{font:15px/1.5 system-ui,sans-serif;margin:0;color:#16252B;background:#FBFAF6}
            header{background:#8A6100;color:#fff;padding:14px 24px}main{padding:8px 24px;max-width:1000px}
            table{border-collapse:collapse;width:100%}
            th,td{text-align:left;padding:4px 8px;border-bottom:1px solid #D8D4C8}
            button{font:inherit;padding:3px 12px;margin:0 6px 6px 0}input{font:inherit;padding:3px 6px}
            """;

    private final Submissions submissions;
    private final Mood mood;

    Face(Submissions submissions, Mood mood) {
        this.submissions = submissions;
        this.mood = mood;
    }

    String html() {
        StringBuilder page = new StringBuilder("<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\">")
                .append("<title>Simulated tax authority</title><style>")
                .append(STYLE)
                .append("</style></head><body><header><h1>Simulated tax authority</h1>")
                .append("<p>Nothing here is real. Nothing that is sent here is filed anywhere.</p>")
                .append("</header><main>");
        behaviour(page);
        list(page);
        register(page);
        return page.append("</main></body></html>").toString();
    }

    private void behaviour(StringBuilder page) {
        page.append("<h2>How it behaves</h2><p>Now it ")
                .append(mood.kind().words())
                .append(".</p>");
        page.append("<form method=\"post\" action=\"/mood\">");
        for (Mood.Kind kind : Mood.Kind.values()) {
            String word = kind.name().toLowerCase(Locale.ROOT);
            page.append("<button name=\"kind\" value=\"")
                    .append(word)
                    .append("\">")
                    .append(word)
                    .append("</button>");
        }
        page.append("</form>");
    }

    private void list(StringBuilder page) {
        page.append("<h2>Submissions</h2><table><thead><tr><th>Received</th><th>Filer</th><th>Period</th>")
                .append("<th>State</th><th>Confirmation</th></tr></thead><tbody>");
        for (Kept kept : submissions.latest()) {
            page.append("<tr><td>")
                    .append(kept.received().toString(), 0, 19)
                    .append("</td><td>")
                    .append(escaped(kept.filer()))
                    .append("</td><td>")
                    .append(escaped(kept.period()))
                    .append("</td><td>")
                    .append(kept.state())
                    .append("</td><td>")
                    .append(kept.confirmation())
                    .append("</td></tr>");
        }
        page.append("</tbody></table>");
    }

    private void register(StringBuilder page) {
        page.append("<h2>Register of taxpayers</h2><ul>");
        submissions
                .taxpayers()
                .forEach(each -> page.append("<li>").append(escaped(each)).append("</li>"));
        page.append("</ul><form method=\"post\" action=\"/register\"><label>Number <input name=\"number\"></label> ")
                .append("<label>Name <input name=\"name\" size=\"40\"></label> <button>Enrol</button></form>");
    }

    /** Text that is safe inside markup. */
    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
