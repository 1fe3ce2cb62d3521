package fluidframe.app.events;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.floor.FloorDocument;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.day.DayWish;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * An event in the open format. Times are those of its place, written 09:30.
 *
 * @param date written 2026-12-05
 * @param profile the id of the rules it is danced under
 * @param floors where it is danced; the first where a round names none
 * @param day what the day must keep to; absent for the usual
 * @param plan every round with its time and heats, once it is planned
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Event")
public record EventDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @NotNull(message = "a date") String date,
        @Size(max = 200, message = "at most 200 letters") String place,
        @NotNull(message = "the id of a profile") String profile,
        @Size(max = 4000, message = "at most 4000 letters") String note,

        @NotNull(message = "floors") @Size(min = 1, max = 6, message = "1 to 6 floors")
        List<@Valid @NotNull(message = "a floor") EventFloorDocument> floors,

        @Valid EventDayDocument day,

        @JsonInclude @NotNull(message = "couples") @Size(max = 400, message = "at most 400 couples")
        List<@Valid @NotNull(message = "a couple") EventCoupleDocument> couples,

        @JsonInclude
        @NotNull(message = "rounds")
        @Size(max = DayWish.MOST_ROUNDS, message = "at most " + DayWish.MOST_ROUNDS + " rounds")
        List<@Valid @NotNull(message = "a round") RoundDocument> rounds,

        @Size(max = DayWish.MOST_ROUNDS, message = "at most " + DayWish.MOST_ROUNDS + " rounds")
        List<@Valid @NotNull(message = "a round") PlannedRoundDocument> plan,

        @Size(max = 200, message = "at most 200 things")
        List<@Valid @NotNull(message = "something to do") TaskDocument> checklist)
        implements PlainDocument {

    /** The ids of the routines that are danced. */
    public List<String> routines() {
        return rounds.stream()
                .flatMap(round -> round.entries().stream())
                .filter(entry -> entry.routines() != null)
                .flatMap(entry -> entry.routines().stream())
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    @Override
    public EventDocument called(String otherId, String otherTitle) {
        return new EventDocument(
                otherId, otherTitle, date, place, profile, note, floors, day, couples, rounds, plan, checklist);
    }

    /** The same with what is usual where nothing is said of what the day keeps to. */
    public EventDocument complete() {
        return day != null
                ? this
                : new EventDocument(
                        id,
                        title,
                        date,
                        place,
                        profile,
                        note,
                        floors,
                        EventReading.USUAL_DAY,
                        couples,
                        rounds,
                        plan,
                        checklist);
    }

    /** The same under rules and with routines of other ids, where there are some. */
    public EventDocument referring(Map<String, String> otherProfiles, Map<String, String> otherRoutines) {
        List<RoundDocument> others =
                rounds.stream().map(round -> round.dancing(otherRoutines)).toList();
        return new EventDocument(
                id,
                title,
                date,
                place,
                otherProfiles.getOrDefault(profile, profile),
                note,
                floors,
                day,
                couples,
                others,
                plan,
                checklist);
    }

    /** A floor and what it is called. */
    @Schema(name = "EventFloor")
    public record EventFloorDocument(
            @NotNull(message = "a title") String title,
            @Valid FloorDocument floor) {}

    /**
     * When the day begins and must be over; minutes of rest between two rounds of a couple, of warm-up before the
     * first, and between two rounds on one floor.
     */
    @Schema(name = "EventDay")
    public record EventDayDocument(
            @NotNull(message = "a time") String begins,
            @NotNull(message = "a time") String ends,
            @NotNull(message = "minutes") Integer rest,
            @NotNull(message = "minutes") Integer warmUp,
            @NotNull(message = "minutes") Integer between) {}

    /** A couple, its number, and whether it is one of the coach's. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "EventCouple")
    public record EventCoupleDocument(
            @NotNull(message = "an id") String id,
            @NotNull(message = "names") String title,
            Integer number,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean coached) {}

    /**
     * A round of a contest.
     *
     * @param floor absent for the first
     * @param dances absent for all of its division
     * @param minutes what one dance of one heat takes
     * @param after the round that must be over before
     * @param at when the organiser has it begin; absent to be planned
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Round")
    public record RoundDocument(
            @NotNull(message = "an id") String id,
            @NotNull(message = "a title") String title,
            @NotNull(message = "a division") String division,
            String floor,
            @Size(max = 10, message = "at most 10 dances") List<@NotNull(message = "a dance") String> dances,

            @Schema(minimum = "1", maximum = "" + EventReading.LONGEST_ROUND) @NotNull(message = "minutes")
            Integer minutes,

            String after,
            String at,

            @JsonInclude @NotNull(message = "entries") @Size(max = 200, message = "at most 200 couples")
            List<@Valid @NotNull(message = "an entry") EntryDocument> entries) {

        RoundDocument dancing(Map<String, String> otherRoutines) {
            return new RoundDocument(
                    id,
                    title,
                    division,
                    floor,
                    dances,
                    minutes,
                    after,
                    at,
                    entries.stream().map(entry -> entry.dancing(otherRoutines)).toList());
        }
    }

    /** A couple in a round, and the routines it dances. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Entry")
    public record EntryDocument(
            @NotNull(message = "a couple") String couple,
            @Size(max = 10, message = "at most 10 routines") List<@NotNull(message = "a routine") String> routines) {

        EntryDocument dancing(Map<String, String> otherRoutines) {
            return routines == null
                    ? this
                    : new EntryDocument(
                            couple,
                            routines.stream()
                                    .map(id -> otherRoutines.getOrDefault(id, id))
                                    .toList());
        }
    }

    /** When a round begins, and the couples of its heats. */
    @Schema(name = "PlannedRound")
    public record PlannedRoundDocument(
            @NotNull(message = "a round") String round,
            @NotNull(message = "a time") String start,

            @NotNull(message = "heats") @Size(max = 200, message = "at most 200 heats")
            List<
                            @NotNull(message = "a heat") @Size(max = 60, message = "at most 60 couples") List<
                                    @NotNull(message = "a couple") String>>
                    heats) {}

    /** Something to be done or brought, and whether it is. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "EventTask")
    public record TaskDocument(
            @NotNull(message = "something to do") @Size(max = 400, message = "at most 400 letters")
            String text,

            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean done) {}
}
