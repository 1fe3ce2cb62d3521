package fluidframe.core.sound;

import fluidframe.core.music.Percussion;
import fluidframe.core.text.UnreadableTextException;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Pattern;

/** Something short that can be heard. Its {@link #id()} reads back to an equal sound. */
public sealed interface Sound {

    /** How a key of an instrument is numbered. */
    Pattern NUMBER = Pattern.compile("[1-9]\\d?");

    /** Small letters, digits and hyphens. */
    String id();

    /** A click of the metre. */
    enum Click implements Sound {
        STRONG,
        MIDDLE,
        WEAK;

        @Override
        public String id() {
            return "click-" + name().toLowerCase(Locale.ROOT);
        }
    }

    /** A stroke of the accompaniment. */
    record Drum(Percussion struck) implements Sound {

        @Override
        public String id() {
            return "drum-" + struck.name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A word of the count, spoken.
     *
     * @param text one of the words of {@link Spoken}
     */
    record Word(String text) implements Sound {

        @Override
        public String id() {
            return "word-" + text;
        }
    }

    /**
     * A plucked bass note.
     *
     * @param key number of the key, 60 being middle C
     */
    record Bass(int key) implements Sound {

        @Override
        public String id() {
            return "bass-" + key;
        }
    }

    /**
     * A short chord of three notes.
     *
     * @param root key of its root
     * @param minor whether its third is minor
     */
    record Chord(int root, boolean minor) implements Sound {

        @Override
        public String id() {
            return "chord-" + root + (minor ? "-minor" : "");
        }

        /** The keys of its notes. */
        int[] keys() {
            return new int[] {root, root + (minor ? 3 : 4), root + 7};
        }
    }

    /** @throws UnreadableTextException if nothing sounds like that */
    static Sound parse(String id) {
        String[] words = id.split("-", 3);
        String second = words.length > 1 ? words[1] : "";
        return switch (words[0]) {
            case "click" -> named(Click.values(), id);
            case "drum" ->
                named(Arrays.stream(Percussion.values()).map(Drum::new).toArray(Sound[]::new), id);
            case "word" -> Spoken.WORDS.contains(second) && words.length == 2 ? new Word(second) : unknown(id);
            case "bass" -> words.length == 2 ? new Bass(key(second, id)) : unknown(id);
            case "chord" ->
                words.length == 2 || words.length == 3 && words[2].equals("minor")
                        ? new Chord(key(second, id), words.length == 3)
                        : unknown(id);
            default -> unknown(id);
        };
    }

    private static Sound named(Sound[] sounds, String id) {
        return Arrays.stream(sounds)
                .filter(sound -> sound.id().equals(id))
                .findFirst()
                .orElseGet(() -> unknown(id));
    }

    private static int key(String number, String id) {
        if (!NUMBER.matcher(number).matches()) {
            unknown(id);
        }
        return Integer.parseInt(number);
    }

    private static Sound unknown(String id) {
        throw new UnreadableTextException(id, SoundSentences.aSoundSuchAsClickStrong());
    }
}
