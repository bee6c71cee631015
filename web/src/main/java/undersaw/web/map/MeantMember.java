package undersaw.web.map;

import java.util.List;
import java.util.Optional;
import undersaw.form.MapTarget;
import undersaw.line.Dimension;
import undersaw.line.LineKey;
import undersaw.owners.OwnerRegister;
import undersaw.web.desk.OpenEngagement;

/**
 * The owner, property or other member that a person means by what stands behind the line: {@code 8825/9@shop}.
 *
 * @param instance the member; empty where the account belongs to none
 * @param problem why it cannot be; empty where it can
 */
public record MeantMember(String instance, String problem) {
    private static final char MARK = '@';
    private static final int NAMED = 5;

    /** The line of what was typed, without the member and without a caption behind it. */
    public static String line(String typed) {
        String address = typed.strip().split("\\s", -1)[0];
        int at = address.indexOf(MARK);
        return at < 0 ? address : address.substring(0, at);
    }

    /** What was typed without the member. */
    static String withoutMember(String typed) {
        int at = typed.indexOf(MARK);
        return at < 0 ? typed : typed.substring(0, at);
    }

    private static String member(String typed) {
        int at = typed.indexOf(MARK);
        return at < 0 ? "" : typed.substring(at + 1).strip().split("\\s", -1)[0];
    }

    /** The member for a line: the one named, or the only one that there is. */
    public static MeantMember of(OpenEngagement open, MapTarget target, String typed) {
        String wanted = member(typed);
        Optional<Dimension> members = open.kind().membersOf(open.calculation().plan(), target.id());
        if (members.isEmpty()) {
            return wanted.isEmpty()
                    ? new MeantMember("", "")
                    : new MeantMember("", "Line " + target.id() + " stands once. Leave " + MARK + wanted + " away.");
        }
        boolean repeats = open.calculation()
                .plan()
                .line(target.closing())
                .filter(line -> line.isRepeating())
                .isPresent();
        List<String> there = there(open, members.get());
        if (wanted.isEmpty()) {
            return repeats ? only(target, members.get(), there) : new MeantMember("", "");
        }
        if (!LineKey.isInstance(wanted)) {
            return new MeantMember("", "\"" + wanted + "\" cannot be a name: it holds spaces or " + MARK + ".");
        }
        boolean mustBeThere = members.get().equals(OwnerRegister.ROWS);
        return !mustBeThere || there.contains(wanted)
                ? new MeantMember(wanted, "")
                : new MeantMember(
                        "",
                        "No owner is called \"" + wanted + "\". "
                                + (there.isEmpty()
                                        ? "List the owners first, at Owners."
                                        : "There are " + names(there) + "."));
    }

    private static List<String> there(OpenEngagement open, Dimension members) {
        return open.calculation().members(members);
    }

    private static MeantMember only(MapTarget target, Dimension members, List<String> there) {
        if (there.size() == 1) {
            return new MeantMember(there.get(0), "");
        }
        String example = target.id() + "" + MARK + (there.isEmpty() ? "main-street" : there.get(0));
        return new MeantMember(
                "",
                "Line " + target.id() + " stands once in each of the " + members.name() + ". Say which, such as "
                        + example
                        + (there.isEmpty() ? "; a new name begins one." : ": " + names(there) + ", or a new name."));
    }

    private static String names(List<String> there) {
        return String.join(", ", there.subList(0, Math.min(NAMED, there.size())))
                + (there.size() > NAMED ? " and " + (there.size() - NAMED) + " more" : "");
    }
}
