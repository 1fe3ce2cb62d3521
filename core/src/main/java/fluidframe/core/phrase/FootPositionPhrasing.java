package fluidframe.core.phrase;

import fluidframe.core.step.Foot;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.Touch;
import fluidframe.core.text.Token;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * "Right foot back and slightly to the right, partner outside", "LF closes to RF", "forward in CBMP outside partner". A
 * foot that is named is no part of the cell; where it is not the row's foot it is left over.
 */
public final class FootPositionPhrasing implements Phrasing {

    private sealed interface Piece
            permits Direction, Modifier, Arrival, Mark, OwnFoot, BareSide, OtherFoot, Towards, Ignored {}

    private record Direction(StepDirection direction) implements Piece {}

    private record Modifier(PositionModifier modifier) implements Piece {}

    private record Arrival(Touch touch) implements Piece {}

    private record Mark(String mark) implements Piece {}

    private record OwnFoot(Foot foot) implements Piece {}

    /** "Side R", "back on L": after a direction the foot itself, after "side" also where it goes. */
    private record BareSide(Foot side) implements Piece {}

    /** "To RF": the foot that is closed to or crossed. */
    private record OtherFoot() implements Piece {}

    /** "To the right": aside for the right foot, across for the left. */
    private record Towards(Foot side) implements Piece {}

    private record Ignored() implements Piece {}

    private static final String FEET = "rf|lf";
    private static final String SIDES = "right|left|r|l|rt|lt|other|supporting|standing";

    private static final String CROSSES = "cross|crosses|crossed|crossing|x|lock|locks|locked|locking (loosely) ";

    private static final Phrasebook<Piece> BOOK = new Phrasebook<Piece>()
            .terms(List.of(StepDirection.values()), Direction::new)
            .terms(List.of(PositionModifier.values()), Modifier::new)
            .terms(List.of(Touch.values()), Arrival::new)
            .say(new Mark("pw"), "pw", "part|partial|half weight", "with part|partial weight")
            .say(new Mark("nw"), "nw", "no|without|w/o weight", "no weight taken")
            .say(new Mark("wt"), "wt", "full|with|taking weight", "weight")
            .say(new Direction(StepDirection.FORWARD), "fwd|forward|forwards|fd|ahead")
            .say(new Direction(StepDirection.BACK), "bk|back|backward|backwards|bwd|bwds|bkwd")
            .say(new Direction(StepDirection.SIDE), "(to) (the) side|sd", "sideways|sidewards|sideward")
            .say(
                    new Direction(StepDirection.DIAGONAL_FORWARD),
                    "diag|diagonal|diagonally fwd|forward|forwards",
                    "fwd|forward diag|diagonally")
            .say(
                    new Direction(StepDirection.DIAGONAL_BACK),
                    "diag|diagonal|diagonally bk|back|backward|backwards",
                    "back|bk diag|diagonally")
            .say(
                    new Direction(StepDirection.CLOSE),
                    "cl|close|closes|closed|closing|together|tog|beside",
                    "half|almost|nearly close|closes|closed|closing",
                    "next to",
                    "feet together|close|closed",
                    "close|closes (the) feet")
            .say(
                    new Direction(StepDirection.CROSS_IN_FRONT),
                    CROSSES + "in front",
                    "cross|crosses right|left|r|l (foot) in front of (the) " + FEET + "|" + SIDES + " (foot)",
                    CROSSES + "in front of (the) " + FEET + "|" + SIDES + " (foot)",
                    "in front",
                    "xf|xif",
                    "cross|crosses|crossed|crossing over",
                    "cross|crosses|crossed|crossing rf|lf over")
            .say(
                    new Direction(StepDirection.CROSS_BEHIND),
                    CROSSES + "behind",
                    "cross|crosses|lock|locks right|left|r|l (foot) behind (the) " + FEET + "|" + SIDES + " (foot)",
                    CROSSES + "behind (the) " + FEET + "|" + SIDES + " (foot)",
                    "behind",
                    "xb|xib",
                    "hooks|hook (behind)")
            .say(
                    new Direction(StepDirection.IN_PLACE),
                    "ip",
                    "in (its) place",
                    "on (the) spot|place",
                    "replace|replaces|replacing|recover|recovers|rec (weight)",
                    "weight back|forward (on) (to)",
                    "transfer|transfers weight",
                    "sur place",
                    "mark|marks|marking time")
            .say(new Modifier(PositionModifier.SLIGHTLY_FORWARD), "sl|slightly|slight|little fwd|forward|forwards")
            .say(new Modifier(PositionModifier.SLIGHTLY_BACK), "sl|slightly|slight|little bk|back|backward|backwards")
            .say(
                    new Modifier(PositionModifier.SLIGHTLY_LEFT),
                    "sl|slightly|slight|little (to) (the) left|l|leftward|leftwards")
            .say(
                    new Modifier(PositionModifier.SLIGHTLY_RIGHT),
                    "sl|slightly|slight|little (to) (the) right|r|rightward|rightwards")
            .say(new Modifier(PositionModifier.SMALL), "small|smaller|sm|short|tiny (step)")
            .say(new Modifier(PositionModifier.LONG), "long|longer|large|big (step)")
            .say(
                    new Modifier(PositionModifier.LEFT_SIDE_LEADING),
                    "lsl",
                    "left|l side|shoulder lead|leading|leads|ldg",
                    "leading with (the) left|l side|shoulder")
            .say(
                    new Modifier(PositionModifier.RIGHT_SIDE_LEADING),
                    "rsl",
                    "right|r side|shoulder lead|leading|leads|ldg",
                    "leading with (the) right|r side|shoulder")
            .say(
                    new Modifier(PositionModifier.ACROSS),
                    "(sl|slightly) across",
                    "thru|through",
                    "across (the) (of) rf|lf",
                    "across (the) right|left|other|supporting|standing foot")
            .say(
                    new Modifier(PositionModifier.CBMP),
                    "(in) cbmp",
                    "(in) contrary body movement position",
                    "(in) cbm position")
            .say(
                    new Modifier(PositionModifier.OUTSIDE_PARTNER),
                    "outside (partner|lady|her|man|him|the) (on) (the) (right|r) (side)",
                    "op (r)")
            .say(
                    new Modifier(PositionModifier.OUTSIDE_PARTNER_LEFT),
                    "outside (partner|lady|her|man|him) (on) (the) left|l (side)",
                    "op l")
            .say(
                    new Modifier(PositionModifier.PARTNER_OUTSIDE),
                    "po",
                    "partner|lady|man|him|her (stepping) outside (on) (the) (right) (side)",
                    "with partner outside")
            .say(
                    new Modifier(PositionModifier.PARTNER_OUTSIDE_LEFT),
                    "po l",
                    "partner|lady|man (stepping) outside (on) (the) left (side)")
            .say(new Modifier(PositionModifier.IN_PROMENADE), "(in) pp", "(in) promenade (position)")
            .say(new Modifier(PositionModifier.IN_COUNTER_PROMENADE), "(in) cpp", "(in) counter promenade (position)")
            .say(new Modifier(PositionModifier.IN_FALLAWAY), "(in) fa|fallaway (position)", "(in) fall away (position)")
            .say(new Arrival(Touch.BRUSH), "br|brush|brushes|brushing", "draw|draws|drawn|drawing")
            .say(new Arrival(Touch.TAP), "tap|taps|tch|touch|touches|touching")
            .say(new Arrival(Touch.POINT), "pt|point|points|pointed")
            .say(new OwnFoot(Foot.RIGHT), "rf", "right|r|rt foot")
            .say(new OwnFoot(Foot.LEFT), "lf", "left|l|lt foot")
            .say(new OwnFoot(Foot.BOTH), "both feet")
            .say(
                    new OtherFoot(),
                    "to|towards|of|past|onto|over (the) " + FEET,
                    "to|of|past|onto|over (the) " + SIDES + " foot",
                    "to (the) other")
            .say(new BareSide(Foot.RIGHT), "(on) (the) right|r|rt")
            .say(new BareSide(Foot.LEFT), "(on) (the) left|l|lt")
            .say(new Towards(Foot.RIGHT), "to (the) right|r|rt (side)", "rightwards")
            .say(new Towards(Foot.LEFT), "to (the) left|l|lt (side)", "leftwards")
            .say(
                    new Ignored(),
                    "near",
                    "partner in line",
                    "under (the) body",
                    "step|steps|stepping|stepped|move|moves|moving|moved|place|places|placed|go|goes|going|foot|leg|takes|take|loosely|walk|walks",
                    "in line (with) (partner|rf|lf)");

    @Override
    public List<String> nearest(String word) {
        return BOOK.nearest(word, FootPositionPhrasing::shown);
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<Piece> sentence = Sentence.read(text, BOOK, FootPositionPhrasing::none);
        Optional<Foot> own = situation.foot();
        Set<StepDirection> directions = new LinkedHashSet<>();
        Set<PositionModifier> modifiers = EnumSet.noneOf(PositionModifier.class);
        List<String> rest = new ArrayList<>();
        List<Sentence.Said<Piece>> said = sentence.said();
        boolean closesOrCrosses = false;
        for (int at = 0; at < said.size(); at++) {
            Piece piece = said.get(at).meaning();
            if (piece instanceof Direction found) {
                directions.add(found.direction());
            } else if (piece instanceof Modifier found) {
                modifiers.add(found.modifier());
            } else if (piece instanceof Arrival found) {
                rest.add(0, found.touch().shorthand());
            } else if (piece instanceof Mark found) {
                rest.add(found.mark());
            } else if (piece instanceof OwnFoot found) {
                boolean other = at > 0 && goesToTheOther(directions, rest);
                if (!other && own.isPresent() && own.get() != found.foot()) {
                    sentence.leave(said.get(at));
                } else if (!other) {
                    own = Optional.of(found.foot());
                }
            } else if (piece instanceof BareSide found) {
                boolean same = situation.foot().stream().noneMatch(foot -> foot != found.side());
                boolean goes = goesToTheOther(directions, rest);
                if (directions.isEmpty() || !same && !goes) {
                    sentence.leave(said.get(at));
                }
                closesOrCrosses |= goes;
            } else if (piece instanceof Towards found) {
                if (goesToTheOther(directions, rest)) {
                    closesOrCrosses = true;
                } else if (own.isPresent() && directions.isEmpty()) {
                    towards(found, own.get(), directions, modifiers);
                } else {
                    sentence.leave(said.get(at));
                }
            }
            closesOrCrosses |= piece instanceof OtherFoot;
        }
        return reading(directions, modifiers, rest, sentence, closesOrCrosses);
    }

    /** What closes, crosses or brushes does so to the other foot, whose side needs no "foot". */
    private static boolean goesToTheOther(Set<StepDirection> directions, List<String> rest) {
        return directions.contains(StepDirection.CLOSE)
                || directions.contains(StepDirection.CROSS_BEHIND)
                || directions.contains(StepDirection.CROSS_IN_FRONT)
                || rest.contains(Touch.BRUSH.shorthand());
    }

    private static void towards(
            Towards side, Foot own, Set<StepDirection> directions, Set<PositionModifier> modifiers) {
        if (own == side.side()) {
            directions.add(StepDirection.SIDE);
        } else {
            directions.add(StepDirection.FORWARD);
            modifiers.add(PositionModifier.ACROSS);
        }
    }

    private static Reading reading(
            Set<StepDirection> directions,
            Set<PositionModifier> modifiers,
            List<String> rest,
            Sentence<Piece> sentence,
            boolean closesOrCrosses) {
        boolean touches =
                rest.stream().anyMatch(mark -> Touch.LEXICON.find(mark).isPresent());
        if (directions.isEmpty() && closesOrCrosses && !touches) {
            directions.add(StepDirection.CLOSE);
        }
        if (directions.isEmpty() && !touches) {
            if (modifiers.contains(PositionModifier.ACROSS)) {
                directions.add(StepDirection.FORWARD);
            } else {
                return new Reading(slightly(modifiers), false, sentence.leftovers());
            }
        }
        String others = Stream.concat(
                        modifiers.stream().map(PositionModifier::shorthand),
                        rest.stream().filter(mark -> Touch.LEXICON.find(mark).isEmpty()))
                .collect(Collectors.joining(" "));
        String touch = touches ? rest.get(0) : "";
        List<String> places = places(directions);
        List<String> shorthands = (places.isEmpty() ? List.of("") : places)
                .stream()
                        .map(place -> Stream.of(touch, place, others)
                                .filter(piece -> !piece.isEmpty())
                                .collect(Collectors.joining(" ")))
                        .toList();
        return Reading.either(shorthands, sentence.leftovers());
    }

    /** "Slightly forward" is likely a small step. */
    private static List<String> slightly(Set<PositionModifier> modifiers) {
        boolean only = modifiers.size() == 1;
        if (only && modifiers.contains(PositionModifier.SLIGHTLY_FORWARD)) {
            return List.of("fwd small", "ip sl fwd");
        }
        return only && modifiers.contains(PositionModifier.SLIGHTLY_BACK) ? List.of("bk small", "ip sl bk") : List.of();
    }

    /** Forward and to the side is a diagonal, or either with a little of the other; anything else is one place only. */
    private static List<String> places(Set<StepDirection> directions) {
        if (directions.size() == 1) {
            return List.of(directions.iterator().next().shorthand());
        }
        if (directions.equals(EnumSet.of(StepDirection.FORWARD, StepDirection.SIDE))) {
            return List.of("diag fwd", "sd sl fwd");
        }
        if (directions.equals(EnumSet.of(StepDirection.BACK, StepDirection.SIDE))) {
            return List.of("diag bk", "sd sl bk");
        }
        return directions.stream().map(StepDirection::shorthand).toList();
    }

    private static Optional<Piece> none(Token number) {
        return Optional.empty();
    }

    private static String shown(Piece piece) {
        return piece instanceof Direction found
                ? found.direction().shorthand()
                : piece instanceof Modifier found
                        ? found.modifier().shorthand()
                        : piece instanceof Arrival found
                                ? found.touch().shorthand()
                                : piece instanceof Mark found ? found.mark() : "";
    }
}
