package undersaw.web.adjust;

import java.util.ArrayList;
import java.util.List;
import undersaw.books.Bridge;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;

/**
 * The walk from book income to taxable income as a stepped bar.
 *
 * @param bars the bars from the left
 * @param zero where nothing lies, in units from the top
 * @param width the drawing's width in units
 */
public record BridgeView(List<Bar> bars, int zero, int width) {
    private static final int HEIGHT = 240;
    private static final int TOP = 34;
    private static final int STEP = 96;
    private static final int THIN = 3;

    /**
     * A bar.
     *
     * @param kind end, permanent or timing
     * @param x left edge
     * @param y top edge
     * @param height height
     * @param next height at which the next bar begins
     * @param line the line that shows it
     * @param accounts what stands behind it
     */
    public record Bar(
            String kind,
            String caption,
            String amount,
            int x,
            int y,
            int height,
            int next,
            String line,
            List<Behind> accounts) {
        /** The caption in pieces that fit below a bar. */
        public List<String> words() {
            List<String> lines = new ArrayList<>();
            StringBuilder current = new StringBuilder();
            for (String word : caption.split(" ", -1)) {
                if (current.length() + word.length() > 14 && current.length() > 0) {
                    lines.add(current.toString());
                    current.setLength(0);
                }
                current.append(current.length() == 0 ? "" : " ").append(word);
            }
            lines.add(current.toString());
            return lines.size() > 3 ? lines.subList(0, 3) : lines;
        }
    }

    /** An account behind a bar. */
    public record Behind(String number, String name, String balance) {}

    static BridgeView of(OpenEngagement open, Bridge bridge) {
        List<Money> levels = new ArrayList<>(List.of(Money.ZERO, bridge.bookIncome(), bridge.taxableIncome()));
        Money level = bridge.bookIncome();
        for (Bridge.Step step : bridge.steps()) {
            level = level.plus(step.amount());
            levels.add(level);
        }
        Money top = levels.stream().max(Money::compareTo).orElseThrow();
        Money bottom = levels.stream().min(Money::compareTo).orElseThrow();
        Scale scale = new Scale(top, bottom);
        List<Bar> bars = new ArrayList<>();
        String book = open.kind().bookLines().bookIncome().text();
        bars.add(bar(
                scale, new Named("end", "Book income", book), new Walk(Money.ZERO, bridge.bookIncome(), 0), List.of()));
        Money from = bridge.bookIncome();
        for (Bridge.Step step : bridge.steps()) {
            Money to = from.plus(step.amount());
            Named named = new Named(
                    step.permanent() ? "permanent" : "timing",
                    step.caption(),
                    step.line().text());
            bars.add(bar(scale, named, new Walk(from, to, bars.size()), behind(open, step)));
            from = to;
        }
        String taxable = open.kind().bookLines().taxableIncome().text();
        bars.add(bar(
                scale,
                new Named("end", sentence(open.kind().bookLines().arrivesAt()), taxable),
                new Walk(Money.ZERO, bridge.taxableIncome(), bars.size()),
                List.of()));
        return new BridgeView(bars, scale.y(Money.ZERO), bars.size() * STEP);
    }

    private record Named(String kind, String caption, String line) {}

    private record Walk(Money from, Money to, int place) {}

    private record Scale(Money top, Money bottom) {
        int y(Money level) {
            long span = Math.max(1, top.minus(bottom).cents());
            return TOP + (int) (top.minus(level).cents() * HEIGHT / span);
        }
    }

    private static Bar bar(Scale scale, Named named, Walk walk, List<Behind> behind) {
        int start = scale.y(walk.from());
        int end = scale.y(walk.to());
        Money amount = named.kind().equals("end") ? walk.to() : walk.to().minus(walk.from());
        return new Bar(
                named.kind(),
                named.caption(),
                Figure.text(amount),
                walk.place() * STEP,
                Math.min(start, end),
                Math.max(THIN, Math.abs(start - end)),
                end,
                named.line(),
                behind);
    }

    private static List<Behind> behind(OpenEngagement open, Bridge.Step step) {
        return step.accounts().stream()
                .map(number -> open.snapshot().accounts().get(number))
                .map(account -> new Behind(
                        account.number(),
                        account.name(),
                        Figure.balance(open.calculation().adjusted(account))))
                .toList();
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
