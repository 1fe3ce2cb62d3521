package fluidframe.core.step;

import fluidframe.core.space.Side;
import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Hips and body on parts of a row's time: {@code settle R}, {@code turn L @1/2; incline R}. The part after {@code @} is
 * in beats from the row's onset.
 */
public record BodyAction(List<Entry> entries) {

    /** One movement; without a time it fills the row. */
    public record Entry(HipMove move, Optional<Side> side, Optional<Beats> at) {

        String wording() {
            return move.wording()
                    + side.map(s -> " " + s.wording()).orElse("")
                    + at.map(beats -> " after " + beats + " beat").orElse("");
        }

        @Override
        public String toString() {
            return move
                    + side.map(s -> " " + s.letter()).orElse("")
                    + at.map(beats -> " @" + beats).orElse("");
        }
    }

    public static final BodyAction NONE = new BodyAction(List.of());

    private static final Pattern SEPARATOR = Pattern.compile("[;,]");
    private static final Pattern ENTRY = Pattern.compile(
            "(?<move>.{1,80}?)(?: (?<side>L|R|left|right))?(?: ?@ ?(?<at>[\\d /½¼¾⅓⅔]{1,16}))?",
            Pattern.CASE_INSENSITIVE);

    public BodyAction {
        entries = List.copyOf(entries);
    }

    /** @throws UnreadableTextException naming the text that is no body action */
    public static BodyAction parse(String text) {
        List<Entry> entries = new ArrayList<>();
        for (String piece : SEPARATOR.split(PlainText.ofLine(text).text())) {
            String plain = piece.strip();
            if (plain.isEmpty() || plain.equals("-")) {
                continue;
            }
            Matcher matcher = ENTRY.matcher(plain);
            if (!matcher.matches()) {
                throw HipMove.LEXICON.unreadable(plain);
            }
            Optional<Side> side = Optional.ofNullable(matcher.group("side"))
                    .map(letter -> letter.toUpperCase(Locale.ROOT).startsWith("L") ? Side.LEFT : Side.RIGHT);
            entries.add(new Entry(
                    HipMove.LEXICON.read(matcher.group("move")),
                    side,
                    Optional.ofNullable(matcher.group("at")).map(Beats::parse)));
        }
        return new BodyAction(entries);
    }

    /** Left and right changed. */
    public BodyAction mirrored() {
        return new BodyAction(entries.stream()
                .map(entry -> new Entry(entry.move(), entry.side().map(Side::other), entry.at()))
                .toList());
    }

    public boolean isNone() {
        return entries.isEmpty();
    }

    public String wording() {
        return entries.stream().map(Entry::wording).collect(Collectors.joining("; "));
    }

    @Override
    public String toString() {
        return entries.stream().map(Entry::toString).collect(Collectors.joining("; "));
    }
}
