package undersaw.line;

import java.util.Comparator;

/**
 * Numbers and names in the order in which a person counts: 2 before 10, 15a before 15b, officer-2 before officer-10.
 *
 * <p>Runs of digits compare by their value, all else by its characters; texts that are alike so far, such as 7 and 07,
 * fall back to plain order, so that only equal texts are equal.
 */
public final class NaturalOrder implements Comparator<String> {
    /** The only one that is needed. */
    public static final NaturalOrder COUNTED = new NaturalOrder();

    private NaturalOrder() {}

    @Override
    public int compare(String left, String right) {
        int l = 0;
        int r = 0;
        while (l < left.length() && r < right.length()) {
            if (isDigit(left.charAt(l)) && isDigit(right.charAt(r))) {
                int leftEnd = digitsEnd(left, l);
                int rightEnd = digitsEnd(right, r);
                int byValue = byValue(left.substring(l, leftEnd), right.substring(r, rightEnd));
                if (byValue != 0) {
                    return byValue;
                }
                l = leftEnd;
                r = rightEnd;
            } else {
                int byCharacter = Character.compare(left.charAt(l), right.charAt(r));
                if (byCharacter != 0) {
                    return byCharacter;
                }
                l++;
                r++;
            }
        }
        int byLength = Integer.compare(left.length() - l, right.length() - r);
        return byLength != 0 ? byLength : left.compareTo(right);
    }

    /** Digits compared without a bound on how many there are. */
    private static int byValue(String left, String right) {
        String one = withoutZeros(left);
        String other = withoutZeros(right);
        int byLength = Integer.compare(one.length(), other.length());
        return byLength != 0 ? byLength : one.compareTo(other);
    }

    private static String withoutZeros(String digits) {
        int at = 0;
        while (at < digits.length() - 1 && digits.charAt(at) == '0') {
            at++;
        }
        return digits.substring(at);
    }

    private static int digitsEnd(String text, int from) {
        int end = from;
        while (end < text.length() && isDigit(text.charAt(end))) {
            end++;
        }
        return end;
    }

    private static boolean isDigit(char character) {
        return character >= '0' && character <= '9';
    }
}
