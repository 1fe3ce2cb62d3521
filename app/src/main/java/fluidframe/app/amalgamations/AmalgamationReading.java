package fluidframe.app.amalgamations;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import fluidframe.core.routine.Routine;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;

/** Reads amalgamations. */
public final class AmalgamationReading {

    /** As many as a long phrase of single steps takes. */
    static final int MOST_PLACEMENTS = 24;

    private AmalgamationReading() {}

    /** The figures of an amalgamation as a routine of their own, in a tempo in which the dance is danced. */
    public static RoutineDocument routine(AmalgamationDocument document) {
        return new RoutineDocument(
                document.id(),
                document.title(),
                document.dance(),
                Dances.find(document.dance())
                        .map(dance -> dance.slowest().barsPerMinute())
                        .orElse(Tempo.SLOWEST),
                false,
                null,
                null,
                false,
                null,
                null,
                null,
                document.placements());
    }

    /**
     * @param routine reads its figures as a routine
     * @param root where it stands in what was sent
     * @throws RefusedException naming everything that is wrong
     */
    public static Amalgamation read(
            AmalgamationDocument document, Function<RoutineDocument, Routine> routine, String root) {
        List<Fault> faults = new ArrayList<>();
        Optional<Level> named = Optional.ofNullable(document.level())
                .flatMap(text -> read(root + "/level", text, () -> Level.LEXICON.read(text), faults));
        Set<AmalgamationUse> uses = EnumSet.noneOf(AmalgamationUse.class);
        for (int i = 0; i < document.uses().size(); i++) {
            String use = document.uses().get(i);
            String place = root + "/uses/" + i;
            boolean isTwice = read(place, use, () -> AmalgamationUse.LEXICON.read(use), faults)
                    .filter(each -> !uses.add(each))
                    .isPresent();
            if (isTwice) {
                faults.add(Fault.of(place, use, AmalgamationsSentences.eachUseOnce()));
            }
        }
        if (document.energy() < Amalgamation.LEAST_ENERGY || document.energy() > Amalgamation.MOST_ENERGY) {
            faults.add(Fault.of(
                    root + "/energy",
                    String.valueOf(document.energy()),
                    AmalgamationsSentences.anEnergyFrom1To5(Amalgamation.LEAST_ENERGY, Amalgamation.MOST_ENERGY)));
        }
        for (int i = 0; i < document.placements().size(); i++) {
            if (belongsToARoutine(document.placements().get(i))) {
                faults.add(Fault.of(root + "/placements/" + i, "", AmalgamationsSentences.notWithinAnAmalgamation()));
            }
        }
        Optional<Routine> danced = danced(document, routine, faults);
        Level needed = danced.flatMap(Routine::highestLevel).orElse(Level.PRE_BRONZE);
        named.filter(given -> needed.compareTo(given) > 0)
                .ifPresent(given -> faults.add(Fault.of(
                        root + "/level",
                        document.level(),
                        AmalgamationsSentences.aLevelNotBelowItsFigures(needed.shorthand()))));
        if (!faults.isEmpty()) {
            throw new RefusedException(faults.get(0).sentence(), faults);
        }
        return new Amalgamation(
                danced.orElseThrow(),
                named.orElse(needed),
                uses,
                document.energy(),
                Optional.ofNullable(document.why()).orElse(""));
    }

    private static Optional<Routine> danced(
            AmalgamationDocument document, Function<RoutineDocument, Routine> routine, List<Fault> faults) {
        try {
            return Optional.of(routine.apply(routine(document)));
        } catch (RefusedException e) {
            faults.addAll(e.faults());
            return Optional.empty();
        }
    }

    private static boolean belongsToARoutine(PlacementDocument placement) {
        return placement.section() != null || placement.rounds() != null || placement.escapes() != null;
    }

    private static <T> Optional<T> read(String place, String text, Supplier<T> reading, List<Fault> faults) {
        try {
            return Optional.of(reading.get());
        } catch (UnreadableTextException e) {
            faults.add(Fault.of(place, text, e.expected()));
            return Optional.empty();
        }
    }
}
