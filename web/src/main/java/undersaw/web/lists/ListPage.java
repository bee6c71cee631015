package undersaw.web.lists;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import undersaw.form.Part;
import undersaw.form.RowList;
import undersaw.line.LineKey;
import undersaw.web.desk.OpenEngagement;

/** Puts the list of a part into the page that shows it. */
@Component
public class ListPage {
    /** The list of a part, if it has one. */
    public void show(OpenEngagement open, Part part, ListView.Look look, Model model) {
        Optional<RowList> list = open.calculation().plan().lists().stream()
                .filter(each -> each.part() == part)
                .findFirst();
        list.ifPresent(each -> model.addAttribute(
                "list", ListView.of(open.calculation(), each, ListView.home(open.id(), each), look)));
    }

    /** The foot of one column, for an answer that replaces only what changed; nothing where the column is not shown. */
    public void foot(OpenEngagement open, LineKey edited, Model model) {
        open.calculation().plan().lists().stream()
                .filter(each -> each.lines().stream().anyMatch(line -> line.id().equals(edited.line())))
                .findFirst()
                .ifPresent(list -> model.addAttribute("foot", ListView.foot(open.calculation(), list)));
    }
}
