package undersaw.form;

import java.util.List;

/**
 * How a balance of each member moves from one end of the year to the other, drawn step by step.
 *
 * @param caption what the balance is
 * @param opening the line it begins with
 * @param up lines that raise it, in order
 * @param down lines that lower it, in order
 * @param closing the line it ends with
 */
public record RollDrawn(String caption, Line opening, List<Line> up, List<Line> down, Line closing) {
    /** Keeps its own copies. */
    public RollDrawn {
        up = List.copyOf(up);
        down = List.copyOf(down);
    }
}
