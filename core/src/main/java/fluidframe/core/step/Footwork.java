package fluidframe.core.step;

import fluidframe.core.text.UnreadableTextException;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Which parts of the foot meet the floor, in order: {@code HT}, {@code THT}, {@code IE T}, {@code BF}, {@code WF}; and
 * whether the toe of the other foot is released.
 */
public record Footwork(List<Contact> contacts, boolean toeReleased) {

    /** A part of the foot. */
    public enum Surface {
        HEEL("H", "heel"), TOE("T", "toe"), BALL("B", "ball"), FLAT("F", "flat"), WHOLE("WF", "whole foot");

        private final String letters;
        private final String wording;

        Surface(String letters, String wording) {
            this.letters = letters;
            this.wording = wording;
        }
    }

    /** An edge of the foot. */
    public enum Edge {
        INSIDE("IE", "inside edge of"), OUTSIDE("OE", "outside edge of");

        private final String letters;
        private final String wording;

        Edge(String letters, String wording) {
            this.letters = letters;
            this.wording = wording;
        }
    }

    /** One contact with the floor. */
    public record Contact(Surface surface, Optional<Edge> edge) {
    }

    public static final Footwork NONE = new Footwork(List.of(), false);

    private static final String TOE_RELEASED = "tr";
    private static final String EXPECTED = "footwork of H, T, B, F and WF with edges IE and OE, such as HT, THT, BF or IE T";

    public Footwork {
        contacts = List.copyOf(contacts);
    }

    /**
     * @throws UnreadableTextException naming the letters that are no footwork
     */
    public static Footwork parse(String text) {
        List<Contact> contacts = new ArrayList<>();
        boolean toeReleased = false;
        Optional<Edge> edge = Optional.empty();
        for (String word : text.strip().toUpperCase(Locale.ROOT).split("[\\s,.]+")) {
            if (word.isEmpty() || word.equals("-")) {
                continue;
            }
            if (word.equalsIgnoreCase(TOE_RELEASED)) {
                toeReleased = true;
            } else if (word.equals("IE") || word.equals("OE")) {
                edge = Optional.of(word.equals("IE") ? Edge.INSIDE : Edge.OUTSIDE);
            } else {
                for (Surface surface : surfaces(word)) {
                    contacts.add(new Contact(surface, edge));
                    edge = Optional.empty();
                }
            }
        }
        if (edge.isPresent() || toeReleased && contacts.isEmpty()) {
            throw new UnreadableTextException(text.strip(), "the part of the foot as well: " + EXPECTED, List.of("IE T", "OE B"));
        }
        return new Footwork(contacts, toeReleased);
    }

    private static List<Surface> surfaces(String word) {
        if (word.equals("WF") || word.equals("WHOLE")) {
            return List.of(Surface.WHOLE);
        }
        List<Surface> surfaces = new ArrayList<>();
        for (char letter : word.toCharArray()) {
            surfaces.add(switch (letter) {
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
        return contacts.stream().findFirst().map(Contact::surface);
    }

    public Optional<Surface> last() {
        return contacts.isEmpty() ? Optional.empty() : Optional.of(contacts.get(contacts.size() - 1).surface());
    }

    public boolean isNone() {
        return contacts.isEmpty();
    }

    public String wording() {
        String said = contacts.stream()
                .map(contact -> contact.edge().map(edge -> edge.wording + " ").orElse("") + contact.surface().wording)
                .collect(Collectors.joining(", "));
        return toeReleased ? said + "; toe of the other foot released" : said;
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        Surface previous = null;
        for (Contact contact : contacts) {
            boolean joined = previous != null && contact.edge().isEmpty() && previous != Surface.WHOLE
                    && contact.surface() != Surface.WHOLE;
            text.append(joined || previous == null ? "" : " ");
            contact.edge().ifPresent(edge -> text.append(edge.letters).append(' '));
            text.append(contact.surface().letters);
            previous = contact.surface();
        }
        return toeReleased ? text + " " + TOE_RELEASED : text.toString();
    }
}
