package fluidframe.app.events;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.events.EventDocument.EventDayDocument;
import fluidframe.app.events.EventDocument.PlannedRoundDocument;
import fluidframe.core.day.Conflict;
import fluidframe.core.day.DayAnswer;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.DayWish;
import fluidframe.core.day.PlannedRound;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is asked about the day of an event, and what is answered. */
final class DayDocuments {

    private static final int MINUTES = 60;

    private DayDocuments() {}

    /** "09:05". */
    static String time(int minutesSinceMidnight) {
        return String.format(Locale.ROOT, "%02d:%02d", minutesSinceMidnight / MINUTES, minutesSinceMidnight % MINUTES);
    }

    /**
     * @param solve whether it is planned anew; otherwise its plan is only looked at
     * @param now what has begun by then stays as it is; absent to plan all of it
     */
    @Schema(name = "DayQuestion")
    record DayQuestion(@NotNull(message = "an event") @Valid EventDocument event, boolean solve, String now) {}

    /** Something that cannot be, and the rounds it concerns. */
    @Schema(name = "DayConflict")
    record ConflictDocument(List<String> rounds, String sentence) {

        static ConflictDocument of(Conflict conflict) {
            return new ConflictDocument(conflict.rounds(), conflict.sentence());
        }
    }

    /** What would by itself allow a day: other times, fewer couples looked after, rounds whose time is not set. */
    @Schema(name = "DayRelaxation")
    record RelaxationDocument(String sentence, EventDayDocument day, List<String> coached, List<String> set) {

        static RelaxationDocument of(DayAnswer.Relaxation relaxation) {
            DayWish wish = relaxation.wish();
            return new RelaxationDocument(
                    relaxation.sentence(),
                    new EventDayDocument(
                            time(wish.begins()), time(wish.ends()), wish.rest(), wish.warmUp(), wish.between()),
                    wish.coached().stream().sorted().toList(),
                    wish.rounds().stream()
                            .filter(round -> round.at().isPresent())
                            .map(round -> round.id())
                            .toList());
        }
    }

    /** Couples of the coach who warm up directly before a round. */
    @Schema(name = "WarmUp")
    record WarmUpDocument(String round, String start, String end, List<String> couples) {

        static WarmUpDocument of(DayPlan.WarmUp warmUp) {
            return new WarmUpDocument(
                    warmUp.before().round().id(),
                    time(warmUp.start()),
                    time(warmUp.before().start()),
                    List.copyOf(warmUp.couples()));
        }
    }

    /**
     * A couple that is called: the wall along which it begins, and the piece it dances to where it has one of its own.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "CalledCouple")
    record CalledDocument(String couple, String side, String routine, String piece) {}

    /** One dance of one heat. */
    @Schema(name = "Call")
    record CallDocument(
            String round,
            String title,
            String start,
            String end,
            String floor,
            String dance,
            int heat,
            int heats,
            String music,
            List<CalledDocument> couples) {}

    /**
     * A day.
     *
     * @param plan every round with its time and heats; absent if there is no such day
     * @param exact whether it is proved that none ends earlier, or that there is none
     * @param conflicts what cannot be in it
     * @param relaxations what would allow a day where there is none
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Day")
    record DayDocument(
            List<PlannedRoundDocument> plan,
            boolean exact,
            String ends,
            List<ConflictDocument> conflicts,
            List<RelaxationDocument> relaxations,
            List<WarmUpDocument> warmUps,
            List<CallDocument> calls) {}

    static List<PlannedRoundDocument> plan(DayPlan plan) {
        return plan.rounds().stream().map(DayDocuments::planned).toList();
    }

    private static PlannedRoundDocument planned(PlannedRound planned) {
        return new PlannedRoundDocument(planned.round().id(), time(planned.start()), planned.heats());
    }

    static DayDocument of(
            Optional<DayPlan> plan,
            boolean exact,
            List<Conflict> conflicts,
            List<DayAnswer.Relaxation> relaxations,
            List<CallDocument> calls) {
        return new DayDocument(
                plan.map(DayDocuments::plan).orElse(null),
                exact,
                plan.map(DayPlan::ends).map(DayDocuments::time).orElse(null),
                conflicts.stream().map(ConflictDocument::of).toList(),
                relaxations.stream().map(RelaxationDocument::of).toList(),
                plan.map(DayPlan::warmUps).orElse(List.of()).stream()
                        .map(WarmUpDocument::of)
                        .toList(),
                calls);
    }
}
