package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.commons.lang3.StringUtils;

/** A place in what was sent as people say it: {@code /placements/6/until} is "placement 7, until". */
public final class PlaceWords {

    private static final Pattern NUMBER = Pattern.compile("\\d{1,9}");
    private static final List<String> LONG_PLURALS = List.of("ches", "shes", "xes", "sses");

    private PlaceWords() {}

    /** @param pointer a JSON pointer; anything else stays as it is */
    public static String of(String pointer) {
        if (!pointer.startsWith("/")) {
            return pointer;
        }
        List<String> words = new ArrayList<>();
        for (String name : StringUtils.split(pointer, '/')) {
            if (NUMBER.matcher(name).matches()) {
                int last = words.size() - 1;
                String which = String.valueOf(Integer.parseInt(name) + 1);
                if (last < 0) {
                    words.add(NotationSentences.entry(which));
                } else if (isChart(words.get(last))) {
                    words.add(NotationSentences.row(which));
                } else {
                    words.set(last, singular(words.get(last)) + " " + which);
                }
            } else if (Part.named(name).isPresent()) {
                words.add(Part.named(name).get().wording());
            } else {
                words.add(String.join(" ", StringUtils.splitByCharacterTypeCamelCase(name))
                        .toLowerCase(Locale.ROOT));
            }
        }
        return String.join(", ", words);
    }

    private static boolean isChart(String name) {
        return name.equals(Part.MAN.wording()) || name.equals(Part.LADY.wording());
    }

    private static String singular(String plural) {
        if (plural.endsWith("ies")) {
            return plural.substring(0, plural.length() - 3) + "y";
        }
        return StringUtils.removeEnd(plural, LONG_PLURALS.stream().anyMatch(plural::endsWith) ? "es" : "s");
    }
}
