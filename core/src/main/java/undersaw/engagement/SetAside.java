package undersaw.engagement;

/**
 * A query that a person has answered with a reason.
 *
 * @param reason the person's words
 * @param by who answered, and when, in words
 * @param saying the message as it stood; another message opens the query again
 */
public record SetAside(String reason, String by, String saying) {}
