package undersaw.web.lists;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import undersaw.form.Part;
import undersaw.form.RowList;
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
}
