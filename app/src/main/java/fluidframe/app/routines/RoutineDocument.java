package fluidframe.app.routines;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.floor.FloorDocument;
import fluidframe.app.problems.Faults;
import fluidframe.core.figure.Level;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Element;
import fluidframe.core.routine.Section;
import fluidframe.core.time.Tempo;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** A routine in the open format; without a floor it is danced in the hall the program comes with. */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Routine")
public record RoutineDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @NotNull(message = "a dance") String dance,

        @Schema(minimum = "" + Tempo.SLOWEST, maximum = "" + Tempo.FASTEST)
        @NotNull(message = "a tempo in bars a minute")
        Integer tempo,

        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean syllabus,
        String level,
        String kind,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean archived,
        @Valid FloorDocument floor,
        @Valid DancersDocument dancers,
        @Valid MusicDocument music,

        @JsonInclude @NotNull(message = "placements")
        List<@Valid @NotNull(message = "a placement") PlacementDocument> placements) {

    /** The ids of the figures it needs. */
    public List<String> figures() {
        return Stream.concat(
                        placements.stream(), placements.stream().flatMap(placement -> placement.detours().stream()))
                .map(PlacementDocument::figure)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** The id of the piece it is danced to, if one is chosen. */
    public Optional<String> pieceId() {
        return Optional.ofNullable(music).map(MusicDocument::piece);
    }

    /** The same with other placements. */
    public RoutineDocument with(List<PlacementDocument> others) {
        return new RoutineDocument(
                id, title, dance, tempo, syllabus, level, kind, archived, floor, dancers, music, others);
    }

    /** The same with figures of another level, or bound to the syllabus or not. */
    public RoutineDocument under(Conditions conditions) {
        return new RoutineDocument(
                id,
                title,
                dance,
                tempo,
                conditions.syllabus(),
                conditions.highest() == Level.OPEN
                        ? level
                        : conditions.highest().shorthand(),
                kind,
                archived,
                floor,
                dancers,
                music,
                placements);
    }

    /** The same under another id and title. */
    public RoutineDocument called(String otherId, String otherTitle) {
        return new RoutineDocument(
                otherId, otherTitle, dance, tempo, syllabus, level, kind, archived, floor, dancers, music, placements);
    }

    /** The same with figures of other ids, where there are some, in the place of its own. */
    public RoutineDocument dancing(Map<String, String> otherIds) {
        return with(placements.stream()
                .map(placement -> placement.dancing(otherIds))
                .toList());
    }

    /** The same danced to a piece under another id. */
    public RoutineDocument hearing(Map<String, String> otherIds) {
        MusicDocument other = music == null
                ? null
                : new MusicDocument(otherIds.getOrDefault(music.piece(), music.piece()), music.from());
        return new RoutineDocument(
                id, title, dance, tempo, syllabus, level, kind, archived, floor, dancers, other, placements);
    }

    /**
     * The id of the piece it is danced to, and the bar of it on which bar 1 of the routine falls; absent for the first.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "RoutineMusic")
    public record MusicDocument(
            @NotNull(message = "the id of a piece") String piece, Integer from) {}

    /** How tall the couple are, metres; absent for the height for which the dances' step lengths are given. */
    @Schema(name = "Dancers")
    public record DancersDocument(
            @Schema(minimum = "" + Dancers.SHORTEST, maximum = "" + Dancers.TALLEST)
            double man,

            @Schema(minimum = "" + Dancers.SHORTEST, maximum = "" + Dancers.TALLEST)
            double lady) {

        static DancersDocument of(Dancers dancers) {
            return new DancersDocument(dancers.man(), dancers.lady());
        }
    }

    /**
     * A figure or an element placed in a routine. Of a figure the part, entry, finish, timing, school, foot and number
     * of repeats it is danced in, absent as charted; start is the man's alignment it starts on here, absent for the
     * nearest; section the section that begins with it; rounds the times of its section it is danced in, absent for
     * every time; escapes what may be danced instead of what follows when the way is blocked.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Placement")
    public record PlacementDocument(
            String figure,
            @Valid ElementDocument element,
            String split,
            String finish,
            String timing,
            Integer repeats,
            String school,
            String start,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean cornerAfter,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean highlight,
            @Schema(maxLength = RoutineReader.LONGEST_NOTE) String note,
            @Valid SectionDocument section,
            String rounds,
            String entry,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean otherFoot,

            @Size(max = 3, message = "at most 3 escapes")
            List<@Valid @NotNull(message = "an escape") EscapeDocument> escapes) {

        /** Everything its escapes dance. */
        List<PlacementDocument> detours() {
            return escapes == null
                    ? List.of()
                    : escapes.stream()
                            .flatMap(escape -> escape.placements().stream())
                            .toList();
        }

        public PlacementDocument dancing(Map<String, String> otherIds) {
            List<EscapeDocument> others = escapes == null
                    ? null
                    : escapes.stream()
                            .map(escape -> new EscapeDocument(
                                    escape.kind(),
                                    escape.sentence(),
                                    escape.placements().stream()
                                            .map(placement -> placement.dancing(otherIds))
                                            .toList(),
                                    escape.later()))
                            .toList();
            return new PlacementDocument(
                    otherIds.getOrDefault(figure, figure),
                    element,
                    split,
                    finish,
                    timing,
                    repeats,
                    school,
                    start,
                    cornerAfter,
                    highlight,
                    note,
                    section,
                    rounds,
                    entry,
                    otherFoot,
                    others);
        }

        public PlacementDocument startingOn(String alignment) {
            return new PlacementDocument(
                    figure,
                    element,
                    split,
                    finish,
                    timing,
                    repeats,
                    school,
                    alignment,
                    cornerAfter,
                    highlight,
                    note,
                    section,
                    rounds,
                    entry,
                    otherFoot,
                    escapes);
        }

        public PlacementDocument within(SectionDocument otherSection, String otherRounds) {
            return new PlacementDocument(
                    figure,
                    element,
                    split,
                    finish,
                    timing,
                    repeats,
                    school,
                    start,
                    cornerAfter,
                    highlight,
                    note,
                    otherSection,
                    otherRounds,
                    entry,
                    otherFoot,
                    escapes);
        }
    }

    /**
     * A way round what blocks the way after a placement: what is danced, and how many placements later the routine goes
     * on.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Escape")
    public record EscapeDocument(
            @NotNull(message = "wait, turn out or go round") String kind,

            @NotNull(message = "a sentence") @Size(max = 1000, message = "at most 1000 letters")
            String sentence,

            @NotNull(message = "what is danced") @Size(max = 32, message = "at most 32 placements")
            List<@Valid @NotNull(message = "a placement") PlacementDocument> placements,

            @NotNull(message = "how many placements later it goes on")
            Integer later) {}

    /**
     * What is done between figures: its length in beats or in bars, who does it, what it leads into, how far they turn.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Element")
    public record ElementDocument(
            @NotNull(message = "what is done") String kind,

            @Schema(minimum = "1", maximum = "" + Element.MOST_BEATS)
            Integer beats,

            Integer bars,
            String part,
            String to,
            String turn) {}

    /** A section and how often it is danced. */
    @Schema(name = "Section")
    public record SectionDocument(
            @Schema(maxLength = RoutineReader.LONGEST_NAME) @NotNull(message = "a title")
            String title,

            @Schema(minimum = "1", maximum = "" + Section.MOST_TIMES) @NotNull(message = "how often it is danced")
            Integer times) {}
}
