package fluidframe.core.talk;

import fluidframe.core.notation.Place;
import fluidframe.core.phrase.Leftover;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What was made of the words so far: what was taken from which, and what was not understood. */
final class Heard {

    private final String text;
    private final List<Taken> taken = new ArrayList<>();
    private final List<Leftover> leftovers = new ArrayList<>();

    Heard(String text) {
        this.text = text;
    }

    void take(int from, int to, Place place, String said) {
        taken.add(new Taken(from, to, place, said, false));
    }

    /** What was taken last was not quite said. */
    void doubtLast(String said) {
        Taken last = taken.remove(taken.size() - 1);
        taken.add(new Taken(last.from(), last.to(), last.place(), said, true));
    }

    void derive(int from, int to, Place place, String said) {
        taken.add(new Taken(from, to, place, said, true));
    }

    void forgetLast() {
        taken.remove(taken.size() - 1);
    }

    /** Notes that words were not understood; neighbouring ones are one. */
    void leave(int from, int to) {
        Leftover before = leftovers.isEmpty() ? null : leftovers.get(leftovers.size() - 1);
        if (before != null
                && before.to() <= from
                && text.substring(before.to(), from).isBlank()) {
            leftovers.set(
                    leftovers.size() - 1,
                    new Leftover(before.from(), to, text.substring(before.from(), to), List.of()));
        } else {
            leftovers.add(new Leftover(from, to, text.substring(from, to), List.of()));
        }
    }

    List<Taken> taken() {
        return taken;
    }

    /** In the order of the text. */
    List<Leftover> leftovers() {
        return leftovers.stream()
                .sorted(Comparator.comparingInt(Leftover::from))
                .toList();
    }
}
