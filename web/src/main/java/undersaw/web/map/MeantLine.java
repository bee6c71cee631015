package undersaw.web.map;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import undersaw.form.MapTarget;
import undersaw.line.LineId;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.learn.Suggester;
import undersaw.web.map.FoundLine.Ground;

/**
 * The line that a person means by an address, a bare number or a few words.
 *
 * @param target the line; nothing where none or several are meant
 * @param member the owner, property or other member that is named or is the only one; empty where none is
 * @param problem why there is none, and what could be meant
 */
record MeantLine(Optional<MapTarget> target, String member, String problem) {
    private static final int NAMED = 4;

    static MeantLine of(OpenEngagement open, Suggester suggester, List<String> accounts, String typed) {
        MeantLine meant = line(open, suggester, accounts, MeantMember.withoutMember(typed));
        if (meant.target().isEmpty()) {
            return meant;
        }
        MeantMember member = MeantMember.of(open, meant.target().get(), typed);
        return member.problem().isEmpty()
                ? new MeantLine(meant.target(), member.instance(), "")
                : new MeantLine(Optional.empty(), "", member.problem());
    }

    private static MeantLine line(OpenEngagement open, Suggester suggester, List<String> accounts, String typed) {
        String address = MeantMember.line(typed);
        if (LineId.isShaped(address)) {
            Optional<MapTarget> written = open.calculation().plan().target(LineId.of(address));
            if (written.isPresent()) {
                return new MeantLine(written, "", "");
            }
        }
        if (typed.isBlank()) {
            return new MeantLine(Optional.empty(), "", "Type a line's number or a word of its caption.");
        }
        boolean income = accounts.stream()
                .map(open.snapshot().accounts()::get)
                .anyMatch(account -> account != null && account.onIncomeStatement());
        List<FoundLine> found = FoundLine.find(open, suggester, typed, income);
        List<FoundLine> named = of(found, Ground.NAMED);
        List<FoundLine> meant = named.isEmpty() ? of(found, Ground.SURE) : named;
        if (meant.size() == 1) {
            LineId line = LineId.of(meant.get(0).id());
            return new MeantLine(open.calculation().plan().target(line), "", "");
        }
        return new MeantLine(Optional.empty(), "", words(typed, found));
    }

    private static List<FoundLine> of(List<FoundLine> found, Ground ground) {
        return found.stream().filter(each -> each.ground() == ground).toList();
    }

    private static String words(String typed, List<FoundLine> found) {
        return found.stream().allMatch(each -> each.ground() == Ground.GUESSED)
                ? "\"" + typed + "\" is no line that this account can feed. Type a line's number or a word of its "
                        + "caption, such as rent."
                : "\"" + typed + "\" can be several lines: "
                        + found.stream()
                                .limit(NAMED)
                                .map(each -> each.id() + " " + each.caption())
                                .collect(Collectors.joining(", "))
                        + ". Type one of these numbers, or choose it from the list.";
    }
}
