package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Where the foot goes, how much weight it takes and what makes the step exact: {@code fwd CBMP OP}, {@code sd sl fwd},
 * {@code pt sd}. A brush or tap that names no place happens beside the supporting foot.
 *
 * @param direction where the foot goes
 * @param touch how it arrives, if it takes no weight
 * @param weight full unless the foot only touches or the cell says part ({@code pw}) or none ({@code nw})
 * @param modifiers in the order of their declaration
 */
public record FootPosition(
        StepDirection direction, Optional<Touch> touch, Weight weight, Set<PositionModifier> modifiers) {

    /** How weight is written where it is not what the direction implies. */
    private enum WeightMark implements Term {
        PART("pw", "part weight", Weight.PART),
        NONE("nw", "no weight", Weight.NONE),
        FULL("wt", "full weight", Weight.FULL);

        private final Words words;
        private final Weight weight;

        WeightMark(String shorthand, String wording, Weight weight) {
            this.words = Words.of(shorthand, wording);
            this.weight = weight;
        }

        @Override
        public Words words() {
            return words;
        }
    }

    private static final String EXPECTED = StepSentences.aFootPositionSuchAsFwd();
    private static final Lexicon<Term> LEXICON = Lexicon.of(
            EXPECTED,
            Stream.<Term[]>of(StepDirection.values(), Touch.values(), PositionModifier.values(), WeightMark.values())
                    .flatMap(Arrays::stream)
                    .toList());

    public FootPosition {
        EnumSet<PositionModifier> ordered = EnumSet.noneOf(PositionModifier.class);
        ordered.addAll(modifiers);
        modifiers = Collections.unmodifiableSet(ordered);
    }

    public static FootPosition of(StepDirection direction, PositionModifier... modifiers) {
        return new FootPosition(direction, Optional.empty(), Weight.FULL, Set.of(modifiers));
    }

    /** @throws UnreadableTextException naming the word that belongs to no foot position */
    public static FootPosition parse(String text) {
        StepDirection direction = null;
        Touch touch = null;
        Weight weight = null;
        EnumSet<PositionModifier> modifiers = EnumSet.noneOf(PositionModifier.class);
        for (Term term : LEXICON.readAll(text)) {
            if (term instanceof StepDirection found) {
                if (direction != null) {
                    throw new UnreadableTextException(text, StepSentences.onePlaceForTheFootNot(direction, found));
                }
                direction = found;
            } else if (term instanceof Touch found) {
                touch = found;
            } else if (term instanceof WeightMark found) {
                weight = found.weight;
            } else {
                modifiers.add((PositionModifier) term);
            }
        }
        if (direction == null && touch == null) {
            throw new UnreadableTextException(text, EXPECTED, List.of("fwd", "bk", "sd"));
        }
        return new FootPosition(
                direction == null ? StepDirection.CLOSE : direction,
                Optional.ofNullable(touch),
                weight != null ? weight : usualWeight(touch),
                modifiers);
    }

    private static Weight usualWeight(Touch touch) {
        return touch == null ? Weight.FULL : Weight.NONE;
    }

    public boolean has(PositionModifier modifier) {
        return modifiers.contains(modifier);
    }

    public FootPosition with(PositionModifier modifier) {
        EnumSet<PositionModifier> more = EnumSet.of(modifier);
        more.addAll(modifiers);
        return new FootPosition(direction, touch, weight, more);
    }

    /** The same position seen in a mirror. */
    public FootPosition mirrored() {
        return new FootPosition(
                direction,
                touch,
                weight,
                modifiers.stream().map(PositionModifier::mirrored).collect(Collectors.toSet()));
    }

    public FootPosition withWeight(Weight other) {
        return new FootPosition(direction, touch, other, modifiers);
    }

    private List<Term> terms() {
        List<Term> terms = new ArrayList<>();
        touch.ifPresent(terms::add);
        if (touch.isEmpty() || direction != StepDirection.CLOSE) {
            terms.add(direction);
        }
        terms.addAll(modifiers);
        if (weight != usualWeight(touch.orElse(null))) {
            terms.add(Arrays.stream(WeightMark.values())
                    .filter(mark -> mark.weight == weight)
                    .findFirst()
                    .orElseThrow());
        }
        return terms;
    }

    public String wording() {
        return terms().stream().map(Term::wording).collect(Collectors.joining(", "));
    }

    @Override
    public String toString() {
        return terms().stream().map(Term::shorthand).collect(Collectors.joining(" "));
    }
}
