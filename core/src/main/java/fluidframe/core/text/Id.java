package fluidframe.core.text;

import java.util.regex.Pattern;

/**
 * By what a document is known in addresses, in files and to other documents: small letters, digits and hyphens between
 * them, such as waltz-whisk.
 */
public final class Id {

    /** The most letters of an id. */
    public static final int LONGEST = 120;

    private static final Pattern FORM = Pattern.compile("[a-z0-9]++(?:-[a-z0-9]++)*+");

    private Id() {}

    public static boolean isId(String text) {
        return text.length() <= LONGEST && FORM.matcher(text).matches();
    }
}
