package fluidframe.core.couple;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Which hands hold what. A hold is a set of contacts, so that the way from one to another can be counted in hands. */
public enum Hold implements Term {
    CLOSED(
            "closed",
            "closed hold",
            List.of("ballroom hold", "normal hold"),
            Contact.LEFT_TO_RIGHT,
            Contact.RIGHT_ON_BACK),
    DOUBLE(
            "double",
            "double hold",
            List.of("both hands", "two-hand", "two hand hold"),
            Contact.LEFT_TO_RIGHT,
            Contact.RIGHT_TO_LEFT),
    LEFT_TO_RIGHT("L-to-R", "his left hand to her right", List.of("L to R", "left to right"), Contact.LEFT_TO_RIGHT),
    RIGHT_TO_LEFT("R-to-L", "his right hand to her left", List.of("R to L", "right to left"), Contact.RIGHT_TO_LEFT),
    RIGHT_TO_RIGHT("R-to-R", "right hand to right hand", List.of("R to R", "handshake"), Contact.RIGHT_TO_RIGHT),
    LEFT_TO_LEFT("L-to-L", "left hand to left hand", List.of("L to L"), Contact.LEFT_TO_LEFT),
    CROSSED("crossed", "crossed hands", List.of("crossed hold"), Contact.RIGHT_TO_RIGHT, Contact.LEFT_TO_LEFT),
    NONE("no hold", "no hold", List.of("none", "without hold"));

    /** One hand's hold of the partner, the man's hand first. */
    public enum Contact {
        LEFT_TO_RIGHT,
        RIGHT_TO_LEFT,
        RIGHT_TO_RIGHT,
        LEFT_TO_LEFT,
        RIGHT_ON_BACK
    }

    public static final Lexicon<Hold> LEXICON =
            Lexicon.of(CoupleSentences.aHoldSuchAsClosedDouble(), List.of(values()));

    private final Words words;
    private final Set<Contact> contacts;

    Hold(String shorthand, String wording, List<String> synonyms, Contact... contacts) {
        this.words = new Words(shorthand, wording, synonyms);
        this.contacts = EnumSet.noneOf(Contact.class);
        this.contacts.addAll(List.of(contacts));
    }

    @Override
    public Words words() {
        return words;
    }

    /**
     * The hold seen in a mirror: left and right hands change; closed and crossed holds have no mirror image of their
     * own.
     */
    public Hold mirrored() {
        return switch (this) {
            case LEFT_TO_RIGHT -> RIGHT_TO_LEFT;
            case RIGHT_TO_LEFT -> LEFT_TO_RIGHT;
            case RIGHT_TO_RIGHT -> LEFT_TO_LEFT;
            case LEFT_TO_LEFT -> RIGHT_TO_RIGHT;
            case CLOSED, DOUBLE, CROSSED, NONE -> this;
        };
    }

    public boolean has(Contact contact) {
        return contacts.contains(contact);
    }

    /** How many hands are held. */
    public int hands() {
        return contacts.size();
    }

    /** How many hands must let go or take hold to come from this hold to another. */
    public int handsTo(Hold other) {
        Set<Contact> released = EnumSet.noneOf(Contact.class);
        released.addAll(contacts);
        released.removeAll(other.contacts);
        Set<Contact> taken = EnumSet.noneOf(Contact.class);
        taken.addAll(other.contacts);
        taken.removeAll(contacts);
        return Math.max(released.size(), taken.size());
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
