package fluidframe.app;

import java.util.List;
import java.util.Random;

/**
 * Breaks a text a little, the way files break and people mistype: bytes lost, doubled or swapped, values exchanged for
 * odd ones.
 */
public final class Mutation {

    private static final List<String> ODD = List.of(
            "null",
            "-1",
            "1e309",
            "\"\"",
            "[]",
            "{}",
            "true",
            "\"\\u0000\"",
            "99999999999999999999",
            "\"1/0 R\"",
            "\"0/0\"",
            "\"LOD/LOD\"",
            "\"" + "(".repeat(300) + "\"",
            "\"body body body\"",
            "\"1-1-1-1-1-1-1\"",
            "\"m m p p\"",
            "\"S - - S\"",
            "\"½¼¾\"",
            "\"a a a a & & &\"",
            "[[[[[[[[]]]]]]]]");

    private final Random random;

    public Mutation(Random random) {
        this.random = random;
    }

    public String of(String text) {
        String broken = text;
        for (int i = 0; i <= random.nextInt(3); i++) {
            broken = once(broken);
        }
        return broken;
    }

    private String once(String text) {
        int at = random.nextInt(Math.max(1, text.length()));
        int length = Math.min(1 + random.nextInt(12), text.length() - at);
        return switch (random.nextInt(6)) {
            case 0 -> text.substring(0, at);
            case 1 -> text.substring(0, at) + text.substring(at + length);
            case 2 -> text.substring(0, at + length) + text.substring(at);
            case 3 ->
                text.substring(0, at) + (char) random.nextInt(0xD7FF) + text.substring(Math.min(text.length(), at + 1));
            default -> value(text, at);
        };
    }

    /** The value that follows the next colon is exchanged for an odd one. */
    private String value(String text, int from) {
        int colon = text.indexOf(':', from);
        int end = colon < 0 ? -1 : text.indexOf(',', colon);
        return end < 0
                ? text
                : text.substring(0, colon + 1) + ODD.get(random.nextInt(ODD.size())) + text.substring(end);
    }
}
