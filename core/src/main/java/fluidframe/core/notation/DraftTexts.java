package fluidframe.core.notation;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.text.Id;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Reads the texts of a draft, and takes down every one it cannot read instead of stopping at the first. */
final class DraftTexts {

    static final int LONGEST_NAME = Id.LONGEST;
    static final int LONGEST_TEXT = 1000;

    private final List<Unreadable> unreadable = new ArrayList<>();

    List<Unreadable> unreadable() {
        return unreadable;
    }

    void take(Unreadable text) {
        unreadable.add(text);
    }

    <T> Optional<T> read(Place place, String text, Function<String, T> reader) {
        if (text.length() > LONGEST_TEXT) {
            complain(place, text.length() + " letters", NotationSentences.atMostLetters2(LONGEST_TEXT));
            return Optional.empty();
        }
        try {
            return Optional.of(reader.apply(text));
        } catch (UnreadableTextException e) {
            take(Unreadable.of(place, e));
            return Optional.empty();
        }
    }

    <T> List<T> each(String field, List<String> texts, Function<String, T> reader) {
        List<T> read = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            read(Place.field(field + "/" + i), texts.get(i), reader).ifPresent(read::add);
        }
        return read;
    }

    List<String> texts(String field, List<String> texts) {
        for (int i = 0; i < texts.size(); i++) {
            if (texts.get(i).isBlank() || texts.get(i).length() > LONGEST_TEXT) {
                complain(
                        Place.field(field + "/" + i),
                        texts.get(i).length() + " letters",
                        "1 to " + LONGEST_TEXT + " letters");
            }
        }
        return texts;
    }

    void checkName(String field, String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            complain(Place.field(field), name, NotationSentences.aNameOf1ToLetters(LONGEST_NAME));
        }
    }

    Relation relation(String field, FigureDraft.RelationDraft relation) {
        Position position = read(Place.field(field + "/position"), relation.position(), Position.LEXICON::read)
                .orElse(Position.CLOSED);
        Hold hold = read(Place.field(field + "/hold"), relation.hold(), Hold.LEXICON::read)
                .orElse(Hold.CLOSED);
        Proximity proximity = relation.proximity()
                .flatMap(text -> read(Place.field(field + "/proximity"), text, Proximity.LEXICON::read))
                .orElse(Proximity.CLOSE);
        return new Relation(position, hold, proximity);
    }

    void complain(Place place, String text, String expected) {
        take(new Unreadable(
                place,
                text.length() > LONGEST_NAME ? text.substring(0, LONGEST_NAME) + "…" : text,
                expected,
                List.of()));
    }
}
