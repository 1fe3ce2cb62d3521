package fluidframe.core.text;

/**
 * One word, number or mark of what somebody wrote.
 *
 * @param word in small letters; fraction signs are written out, every dash is "-"
 * @param from where it begins in the text
 * @param to where it ends
 */
public record Token(String word, int from, int to) {

    public boolean isNumber() {
        return Character.isDigit(word.charAt(0));
    }

    public boolean is(String other) {
        return word.equals(other);
    }

    /** Whether it only separates what stands before and after it. */
    public boolean isBreak() {
        return is(",") || is(";");
    }
}
