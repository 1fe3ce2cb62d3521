package fluidframe.core.step;

import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which parts of the foot meet the floor, in order: {@code HT}, {@code THT}, {@code IE T}, {@code BF}, {@code WF}; and
 * what the supporting foot does meanwhile, {@code H tr}.
 */
public record Footwork(List<Contact> contacts, Set<SupportNote> notes) {

    /** A part of the foot. */
    public enum Surface {
        HEEL("H", "heel"),
        TOE("T", "toe"),
        BALL("B", "ball"),
        FLAT("F", "flat"),
        WHOLE("WF", "whole foot");

        private final String letters;
        private final String wording;

        Surface(String letters, String wording) {
            this.letters = letters;
            this.wording = wording;
        }

        private Surface classic() {
            return this == BALL ? TOE : this == FLAT ? HEEL : this;
        }
    }

    /** An edge of the foot. */
    public enum Edge {
        INSIDE("IE", "inside edge of"),
        OUTSIDE("OE", "outside edge of");

        private final String letters;
        private final String wording;

        Edge(String letters, String wording) {
            this.letters = letters;
            this.wording = wording;
        }
    }

    /** One contact with the floor. */
    public record Contact(Surface surface, Optional<Edge> edge) {}

    public static final Footwork NONE = new Footwork(List.of(), Set.of());

    private static final String EXPECTED = StepSentences.footworkOfHTBF();

    public Footwork {
        contacts = List.copyOf(contacts);
        EnumSet<SupportNote> ordered = EnumSet.noneOf(SupportNote.class);
        ordered.addAll(notes);
        notes = Collections.unmodifiableSet(ordered);
    }

    /** @throws UnreadableTextException naming the letters that are no footwork */
    public static Footwork parse(String text) {
        List<Contact> contacts = new ArrayList<>();
        Set<SupportNote> notes = EnumSet.noneOf(SupportNote.class);
        Optional<Edge> edge = Optional.empty();
        for (String word : words(text)) {
            Optional<SupportNote> note = SupportNote.LEXICON.find(word);
            if (note.isPresent()) {
                notes.add(note.get());
            } else if (word.equals("IE") || word.equals("OE")) {
                edge = Optional.of(word.equals("IE") ? Edge.INSIDE : Edge.OUTSIDE);
            } else {
                for (Surface surface : surfaces(word)) {
                    contacts.add(new Contact(surface, edge));
                    edge = Optional.empty();
                }
            }
        }
        if (edge.isPresent() || !notes.isEmpty() && contacts.isEmpty()) {
            throw new UnreadableTextException(
                    text.strip(), StepSentences.thePartOfTheFootAs(EXPECTED), List.of("IE T", "OE B"));
        }
        return contacts.isEmpty() ? NONE : new Footwork(contacts, notes);
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i <= text.length(); i++) {
            char letter = i < text.length() ? text.charAt(i) : ' ';
            if (Character.isWhitespace(letter) || letter == ',' || letter == '.' || letter == '-') {
                if (!word.isEmpty()) {
                    words.add(word.toString().toUpperCase(Locale.ROOT));
                    word.setLength(0);
                }
            } else {
                word.append(letter);
            }
        }
        return words;
    }

    private static List<Surface> surfaces(String word) {
        if (word.equals("WF") || word.equals("WHOLE")) {
            return List.of(Surface.WHOLE);
        }
        List<Surface> surfaces = new ArrayList<>();
        for (char letter : word.toCharArray()) {
            surfaces.add(
                    switch (letter) {
                        case 'H' -> Surface.HEEL;
                        case 'T' -> Surface.TOE;
                        case 'B' -> Surface.BALL;
                        case 'F' -> Surface.FLAT;
                        default -> throw new UnreadableTextException(word, EXPECTED, List.of("HT", "TH", "T"));
                    });
        }
        return surfaces;
    }

    public Optional<Surface> first() {
        return contacts.isEmpty()
                ? Optional.empty()
                : Optional.of(contacts.get(0).surface());
    }

    public Optional<Surface> last() {
        return contacts.isEmpty()
                ? Optional.empty()
                : Optional.of(contacts.get(contacts.size() - 1).surface());
    }

    /** Whether this part of the foot meets the floor at all. */
    public boolean uses(Surface surface) {
        for (Contact contact : contacts) {
            if (contact.surface() == surface) {
                return true;
            }
        }
        return false;
    }

    public boolean isNone() {
        return contacts.isEmpty();
    }

    /** The same footwork said in heels and toes only: a ball is a toe, a flat a heel, and edges are left out. */
    public Footwork in(FootworkSchool school) {
        if (school == FootworkSchool.EDGES) {
            return this;
        }
        List<Contact> plain = contacts.stream()
                .map(contact -> new Contact(contact.surface().classic(), Optional.<Edge>empty()))
                .toList();
        return new Footwork(plain, notes);
    }

    public String wording() {
        String said = contacts.stream()
                .map(contact -> contact.edge().map(edge -> edge.wording + " ").orElse("") + contact.surface().wording)
                .collect(Collectors.joining(", "));
        return Stream.concat(Stream.of(said), notes.stream().map(SupportNote::wording))
                .collect(Collectors.joining("; "));
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        Surface previous = null;
        for (Contact contact : contacts) {
            boolean joined = previous != null
                    && contact.edge().isEmpty()
                    && previous != Surface.WHOLE
                    && contact.surface() != Surface.WHOLE;
            text.append(joined || previous == null ? "" : " ");
            contact.edge().ifPresent(edge -> text.append(edge.letters).append(' '));
            text.append(contact.surface().letters);
            previous = contact.surface();
        }
        notes.forEach(note -> text.append(' ').append(note));
        return text.toString();
    }
}
