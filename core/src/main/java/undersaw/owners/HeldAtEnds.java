package undersaw.owners;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * What each partner held at the beginning or the end of the year, or, of one who came or went within it, right after
 * coming or right before going (Instructions for Schedule K-1 (Form 1065), item J; from memory).
 *
 * @param measure what is told
 * @param span which end of the year
 */
public record HeldAtEnds(Measure measure, Span span) implements Division {
    @Override
    public LineId line() {
        return measure.changed();
    }

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    private List<Holdings.Segment> fromThere(Figures figures, MemberFigures members) {
        List<Holdings.Segment> segments = new ArrayList<>(
                new Positions(measure, span).holdings(figures, members).segments());
        if (span == Span.END) {
            Collections.reverse(segments);
        }
        return segments;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        Map<String, Long> parts = new HashMap<>();
        for (Holdings.Segment segment : fromThere(figures, members)) {
            segment.positions().forEach((owner, held) -> {
                if (held > 0) {
                    parts.putIfAbsent(owner, held);
                }
            });
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return fromThere(figures, members).stream()
                .filter(segment -> segment.positions().getOrDefault(member, 0L) > 0)
                .limit(1)
                .map(segment -> new Positions(measure, span).told(segment, member))
                .toList();
    }

    @Override
    public String words() {
        return measure.words() + " " + span.words() + ", or right after coming and before going";
    }

    @Override
    public Set<Input> reads() {
        return new Positions(measure, span).reads();
    }
}
