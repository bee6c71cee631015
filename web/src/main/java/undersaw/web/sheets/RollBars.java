package undersaw.web.sheets;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.form.RollDrawn;
import undersaw.money.Money;
import undersaw.web.frame.Figure;

/**
 * A balance of each member from one end of the year to the other, as steps that rise and fall.
 *
 * @param caption what is drawn
 * @param members those of the page, a drawing each
 */
public record RollBars(String caption, List<Drawing> members) {
    private static final int TALL = 96;
    private static final int TOP = 14;
    private static final int STEP = 30;

    /**
     * One member's steps.
     *
     * @param words who it is
     * @param said the whole in a sentence, for those who hear it
     * @param width of the drawing
     * @param zero where nothing stands
     * @param steps from left to right
     */
    public record Drawing(String words, String said, int width, double zero, List<Step> steps) {}

    /**
     * A step.
     *
     * @param words what it is, with its amount
     * @param kind held, up or down
     * @param letter its sign under the drawing
     * @param x its left side
     * @param y its upper side
     * @param height how tall it is
     */
    public record Step(String words, String kind, String letter, int x, double y, double height) {}

    /** What is drawn of the members of a page; steps that nobody of them takes are left out. */
    static RollBars of(Calculation year, RollDrawn roll, List<MembersSheet.Member> members) {
        List<Line> up = taken(year, roll.up(), members);
        List<Line> down = taken(year, roll.down(), members);
        return new RollBars(
                roll.caption(),
                members.stream()
                        .map(member -> new Steps(year, member.name(), roll, up, down).drawing(member.words()))
                        .toList());
    }

    private static List<Line> taken(Calculation year, List<Line> lines, List<MembersSheet.Member> members) {
        return lines.stream()
                .filter(line -> members.stream()
                        .anyMatch(member -> !amount(year, line, member.name()).isZero()))
                .toList();
    }

    private static Money amount(Calculation year, Line line, String member) {
        return year.value(line.id().in(member)).map(LineValue::amount).orElse(Money.ZERO);
    }

    /** A step before it is scaled: from one height to another. */
    private record Move(String words, String kind, String letter, long from, long to) {}

    /** The steps of one member. */
    private record Steps(Calculation year, String member, RollDrawn roll, List<Line> up, List<Line> down) {
        Drawing drawing(String words) {
            List<Move> moves = moves();
            long least = Math.min(
                    0,
                    moves.stream()
                            .mapToLong(each -> Math.min(each.from(), each.to()))
                            .min()
                            .orElse(0));
            long most = Math.max(
                    1,
                    moves.stream()
                            .mapToLong(each -> Math.max(each.from(), each.to()))
                            .max()
                            .orElse(1));
            double scale = (double) TALL / (most - least);
            List<Step> steps = new ArrayList<>();
            for (Move move : moves) {
                double top = TOP + (most - Math.max(move.from(), move.to())) * scale;
                double height = Math.max(1, Math.abs(move.to() - move.from()) * scale);
                steps.add(new Step(move.words(), move.kind(), move.letter(), steps.size() * STEP + 2, top, height));
            }
            return new Drawing(words, said(moves), moves.size() * STEP + 4, TOP + most * scale, steps);
        }

        private static String said(List<Move> moves) {
            return String.join(", ", moves.stream().map(Move::words).toList());
        }

        private List<Move> moves() {
            List<Move> moves = new ArrayList<>();
            long at = cents(roll.opening());
            moves.add(new Move(words(roll.opening()), "held", "", 0, at));
            for (Line line : up) {
                at = step(moves, line, at, cents(line));
            }
            for (Line line : down) {
                at = step(moves, line, at, -cents(line));
            }
            moves.add(new Move(words(roll.closing()), "held", "", 0, cents(roll.closing())));
            return moves;
        }

        private long step(List<Move> moves, Line line, long at, long by) {
            moves.add(new Move(words(line), by < 0 ? "down" : "up", by < 0 ? "−" : "+", at, at + by));
            return at + by;
        }

        private long cents(Line line) {
            return amount(year, line, member).cents();
        }

        private String words(Line line) {
            return line.caption() + " " + Figure.text(amount(year, line, member));
        }
    }
}
