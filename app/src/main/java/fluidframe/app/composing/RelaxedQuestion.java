package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.core.compose.Relaxation;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.music.MusicSection;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/** Says a relaxed wish as the question that asks for it, so that it can be asked with one click. */
final class RelaxedQuestion {

    private final CompositionQuestion question;
    private final int barsBefore;
    private final Beats bar;
    private final Map<String, UnaryOperator<Taste>> lifts;

    /**
     * @param barsBefore whole bars danced before the composition
     * @param lifts what a composition need not keep to, by the names a question has for it
     */
    RelaxedQuestion(CompositionQuestion question, int barsBefore, Beats bar, Map<String, UnaryOperator<Taste>> lifts) {
        this.question = question;
        this.barsBefore = barsBefore;
        this.bar = bar;
        this.lifts = lifts;
    }

    /** Nothing where the question has no word for what is given up. */
    Optional<CompositionQuestion> of(Relaxation relaxation) {
        Wish asked = relaxation.asked();
        Wish wish = relaxation.wish();
        boolean otherLength =
                !wish.least().equals(asked.least()) || !wish.most().equals(asked.most());
        List<Integer> crossed = crossed(asked, wish);
        List<Integer> boundaries = question.boundaries() == null ? List.of() : question.boundaries();
        if (otherLength && relaxation.length().ticks() % bar.ticks() != 0 || !boundaries.containsAll(crossed)) {
            return Optional.empty();
        }
        int bars = relaxation.length().ticks() / bar.ticks();
        boolean toBar = question.toBar() != null;
        return Optional.of(new CompositionQuestion(
                question.routine().under(relaxation.conditions()),
                question.after(),
                question.meetsNext() && wish.to().isPresent(),
                otherLength && toBar ? Integer.valueOf(barsBefore + bars) : question.toBar(),
                otherLength && !toBar ? Integer.valueOf(bars) : question.least(),
                otherLength && !toBar ? Integer.valueOf(bars) : question.most(),
                wish.required().equals(asked.required()) ? question.required() : List.copyOf(wish.required()),
                wish.forbidden().equals(asked.forbidden()) ? question.forbidden() : List.copyOf(wish.forbidden()),
                question.favourites(),
                wish.mostTimes() == asked.mostTimes() ? question.mostTimes() : Integer.valueOf(wish.mostTimes()),
                wish.bends(),
                wish.corners() == asked.corners() ? question.corners() : Integer.valueOf(wish.corners()),
                question.highlights(),
                question.hits(),
                boundaries.stream().filter(each -> !crossed.contains(each)).toList(),
                wish.sides().isEmpty() && !asked.sides().isEmpty() ? Boolean.FALSE : question.fitsRoom(),
                lifted(asked.taste(), wish.taste()),
                question.weights(),
                question.run(),
                question.fullness(),
                question.within(),
                question.requiredAmalgamations(),
                question.forbiddenAmalgamations(),
                question.energies()));
    }

    /** The bars with which a figure had to begin and need no longer. */
    private static List<Integer> crossed(Wish asked, Wish wish) {
        List<MusicSection> gone = new ArrayList<>(asked.music().sections());
        gone.removeAll(wish.music().sections());
        return gone.stream().map(MusicSection::bar).toList();
    }

    private List<String> lifted(Taste asked, Taste relaxed) {
        TreeSet<String> lifted = new TreeSet<>(question.lifted() == null ? List.of() : question.lifted());
        lifts.forEach((name, lift) -> {
            boolean isGivenUp = !lift.apply(asked).equals(asked)
                    && (lift.apply(relaxed).equals(relaxed)
                            || lift.apply(asked).mostInAll() != asked.mostInAll()
                                    && relaxed.mostInAll() != asked.mostInAll());
            if (isGivenUp) {
                lifted.add(name);
            }
        });
        return List.copyOf(lifted);
    }
}
