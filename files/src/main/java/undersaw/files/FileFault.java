package undersaw.files;

/**
 * One thing wrong with a file.
 *
 * @param file the file's name
 * @param row line number, the header being 1; 0 for the file as a whole
 * @param column the column's name; empty for the whole row
 * @param found what stands there; empty where something is missing
 * @param expected what was expected, and what to do
 */
public record FileFault(String file, long row, String column, String found, String expected) {
    /** A fault of the file as a whole. */
    public static FileFault whole(String file, String expected) {
        return new FileFault(file, 0, "", "", expected);
    }

    /** File, row, column, what was found and what was expected, as one sentence. */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder(file);
        if (row > 0) {
            text.append(" row ").append(row);
        }
        if (!column.isEmpty()) {
            text.append(row > 0 ? ", column " : " column ").append(column);
        }
        text.append(": ");
        if (!found.isEmpty()) {
            text.append("found \"").append(found).append("\", ");
        }
        return text.append(expected).toString();
    }
}
