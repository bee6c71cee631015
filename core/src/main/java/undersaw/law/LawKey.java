package undersaw.law;

/**
 * A figure that the law fixes per year; a return names its own beside its forms.
 *
 * @param table the table of each year that holds it, such as {@code corporation}
 * @param key the name of its row there
 * @param words its name inside a sentence
 */
public record LawKey(String table, String key, String words) {}
