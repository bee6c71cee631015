package undersaw.form;

import java.util.List;

/**
 * Figures of several years drawn as stacked bars, with a mark at a share of each bar.
 *
 * @param caption what the drawing shows
 * @param layers what is stacked, the lowest first
 * @param mark the share of a bar at which a mark stands, as the parts of so many; 0 for none
 */
public record YearsDrawn(String caption, List<Layer> layers, int mark) {
    /** Keeps its own copy. */
    public YearsDrawn {
        layers = List.copyOf(layers);
    }

    /**
     * One layer of every bar.
     *
     * @param words what it is
     * @param columns the lines that make it up
     */
    public record Layer(String words, List<Column> columns) {
        /** Keeps its own copy. */
        public Layer {
            columns = List.copyOf(columns);
        }
    }

    /**
     * A figure over the years.
     *
     * @param earlier the line that repeats for each earlier year
     * @param now the line of this year
     */
    public record Column(Line earlier, Line now) {}
}
