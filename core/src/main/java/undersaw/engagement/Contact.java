package undersaw.engagement;

/**
 * The client's officer who signs and answers questions.
 *
 * @param name the person's name
 * @param title the office held
 * @param phone telephone
 * @param email address for mail
 */
public record Contact(String name, String title, String phone, String email) {
    /** Nobody named yet. */
    public static Contact nobody() {
        return new Contact("", "", "", "");
    }
}
