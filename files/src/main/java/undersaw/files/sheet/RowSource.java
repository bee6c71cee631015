package undersaw.files.sheet;

import java.util.List;

/** A file seen as rows of cells, whatever format it has. Rows are read one after another and never all held. */
interface RowSource {
    /** Takes rows until it has seen enough. */
    @FunctionalInterface
    interface Visitor {
        /**
         * One row.
         *
         * @param number its number in the file, from 1
         * @param cells plain text; amounts with a decimal point where the file holds numbers
         * @return false when no more rows are wanted
         */
        boolean row(long number, List<String> cells);
    }

    /**
     * Reads a sheet from its first row.
     *
     * @param sheet one of {@link #sheets}, or empty for the first that is shown
     * @throws UnreadableFile when the bytes are not what they claim to be
     */
    void read(String sheet, Visitor visitor);

    /** The names of the sheets; empty where the format has none. */
    List<String> sheets();

    /** What a person should know about the file: its encoding, sheets that are hidden. */
    List<String> notes();
}
