package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.Line;

/** Net assets as the books keep them, with and without restrictions (ASC 958-210-45, from memory). */
final class NetAssetsWorksheet extends Form {
    final Line opening;
    final Line closing;
    final Line restrictedClosing;

    NetAssetsWorksheet() {
        super(NonprofitReturn.CODE, "Net assets per books");
        part("W-NA", "Net assets as the books keep them", "ASC 958-210-45").worksheet();
        opening = line("W-NA/1", "Net asset accounts at the beginning").fromBooks();
        closing = line("W-NA/2", "Net asset accounts at the end, with the year's income")
                .fromBooks();
        line("W-NA/3", "Of line 1, with donor restrictions").fromBooks();
        restrictedClosing = line("W-NA/4", "Of line 2, with donor restrictions").fromBooks();
        line("W-NA/5", "Without donor restrictions at the end").is(closing.minus(restrictedClosing));
    }
}
