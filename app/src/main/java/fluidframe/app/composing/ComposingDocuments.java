package fluidframe.app.composing;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.links.VerdictDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.choreography.BecauseSentence;
import fluidframe.core.choreography.Brief;
import fluidframe.core.choreography.Choreography;
import fluidframe.core.choreography.Reasons;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Wish;
import fluidframe.core.detour.Detour;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Comparison;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repair;
import fluidframe.core.link.Suggestions;
import fluidframe.core.link.Suggestions.Suggestion;
import fluidframe.core.link.VerdictSentence;
import fluidframe.core.mending.MendedRoutine;
import fluidframe.core.room.DancedOn;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Point;
import fluidframe.core.time.Beats;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What goes in and out when a routine is put together. */
final class ComposingDocuments {

    private ComposingDocuments() {}

    /** A place in a routine that need not be stored: after a placement, counted from 0. */
    @Schema(name = "PlaceQuestion")
    record PlaceQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine,
            @NotNull(message = "a placement from 0") Integer after) {}

    /** What may come next: a figure in its best way here, and why it stands where it stands. */
    @Schema(name = "Following")
    record FollowingDocument(
            PlacementDocument placement,
            String title,
            String way,
            String level,
            double beats,
            String outcome,
            String reason) {

        /** The reason is why it bends, if it does. */
        static FollowingDocument of(Suggestion suggestion) {
            Dancing dancing = suggestion.dancing();
            return new FollowingDocument(
                    RoutineWriter.placement(dancing, suggestion.corner()),
                    dancing.figure().title(),
                    dancing.way().wording(),
                    dancing.figure().level().shorthand(),
                    dancing.length().toDouble(),
                    suggestion.outcome().name().toLowerCase(Locale.ROOT),
                    VerdictSentence.why(suggestion.verdict(), Outcome.BENDS).orElse(""));
        }
    }

    /** Figures that cannot come next for one and the same reason. */
    @Schema(name = "Refusal")
    record RefusalDocument(String reason, List<String> figures) {}

    /** What may come next, the best first, and what may not, by reason. */
    @Schema(name = "NextFigures")
    record NextDocument(List<FollowingDocument> may, List<RefusalDocument> mayNot) {

        /** @param said the reason why figures are refused */
        static NextDocument of(Suggestions suggestions, Function<Comparison, String> said) {
            return new NextDocument(
                    suggestions.possible().stream().map(FollowingDocument::of).toList(),
                    suggestions.refused().stream()
                            .map(refusal -> new RefusalDocument(
                                    refusal.reason().map(said).orElseGet(ComposingSentences::isDancedOtherwise),
                                    refusal.titles()))
                            .toList());
        }
    }

    /**
     * Something that mends a seam, and what it does to the bars, the phrase and the way: the placements of the whole
     * routine afterwards, and the verdict there then.
     */
    @Schema(name = "Repair")
    record RepairDocument(
            String kind, String label, String effect, List<PlacementDocument> placements, VerdictDocument verdict) {

        static RepairDocument of(MendedRoutine mended, RoutineWriter writer) {
            Repair repair = mended.repair();
            return new RepairDocument(
                    repair.kind().name().toLowerCase(Locale.ROOT),
                    repair.label(),
                    mended.effect().sentence(),
                    writer.placements(mended),
                    VerdictDocument.of(repair.verdict()));
        }
    }

    /** A place in a routine and how many bars a bridge from it may last. */
    @Schema(name = "BridgeQuestion")
    record BridgeQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine,
            @NotNull(message = "a place from 0") Integer after,
            @NotNull(message = "bars at most") Integer most) {}

    /**
     * How far a composition is: whether it is being worked out just now, sequences looked at, answers found, seconds.
     */
    @Schema(name = "Progress")
    record ProgressDocument(boolean running, int sequences, int found, double seconds) {

        static ProgressDocument of(Optional<Run> running) {
            return running.map(run -> new ProgressDocument(true, run.sequences(), run.found(), run.seconds()))
                    .orElse(new ProgressDocument(false, 0, 0, 0));
        }
    }

    /** Whether the end of a routine meets its beginning, and the shortest chains that close it where it does not. */
    @Schema(name = "Loop")
    record LoopDocument(VerdictDocument verdict, VerdictDocument roundCorner, List<ChainDocument> completions) {}

    /** Figures in order, for a person and for a routine. */
    @Schema(name = "Chain")
    record ChainDocument(String wording, double beats, List<PlacementDocument> placements) {

        static ChainDocument of(List<Move> moves) {
            return new ChainDocument(
                    String.join(
                            ", ",
                            moves.stream().map(move -> move.dancing().wording()).toList()),
                    moves.stream()
                            .mapToDouble(move -> move.dancing().length().toDouble())
                            .sum(),
                    moves.stream()
                            .map(move -> RoutineWriter.placement(move.dancing(), false))
                            .toList());
        }
    }

    /**
     * What to compose.
     *
     * @param routine the routine it goes into; its dance, level and syllabus count
     * @param after the placement it follows, from 0; absent to begin the routine with it
     * @param meetsNext whether it must lead into the placement that follows now
     * @param toBar the bar of the routine it goes to, at the latest where it leads into what follows; instead of how
     *     many bars at least and at most
     * @param least bars at least
     * @param most bars at most
     * @param highlights figures that should begin on hits
     * @param hits bars that begin with a hit of the music, counted from 1 where the composition begins
     * @param boundaries bars with which a figure must begin, counted in the same way
     * @param corners how many corners are turned; as many as the way needs if absent
     * @param fitsRoom whether each side must have room on the floor of the hall; if absent, in the dances that go round
     *     it
     * @param lifted what a composition need not keep to: opening, ending, parts, corners, required, often, thrice
     * @param weights how many points the soft wishes count, by the names the reasons have; the usual where absent
     * @param run a name by which its progress can be asked for and it can be stopped; absent if nobody will
     * @param mostTimes how often a figure may begin within four bars, 1 if absent
     * @param fullness where it should be sparse or full, in bars counted from 1 where the composition begins
     * @param within "last time" to add what is composed to the last time the section of the placement is danced, "once
     *     more" to dance the section once more and add it to that time, leading into what follows it; absent to put it
     *     behind the placement
     * @param requiredAmalgamations amalgamations that must come, by id
     * @param forbiddenAmalgamations amalgamations that must not
     * @param energies how much energy is wanted over equal parts of its length, from 1 to 5; the usual curve if absent
     */
    @Schema(name = "CompositionQuestion")
    record CompositionQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine,
            Integer after,
            boolean meetsNext,

            @Schema(minimum = "1", maximum = "" + WishReader.MOST_BARS)
            Integer toBar,

            Integer least,
            Integer most,
            List<@NotNull(message = "a figure's id") String> required,
            List<@NotNull(message = "a figure's id") String> forbidden,
            List<@NotNull(message = "a figure's id") String> favourites,
            Integer mostTimes,
            boolean bends,

            @Schema(minimum = "0", maximum = "" + Wish.MOST_CORNERS)
            Integer corners,

            List<@NotNull(message = "a figure's id") String> highlights,
            List<@NotNull(message = "a bar from 1") Integer> hits,
            List<@NotNull(message = "a bar from 1") Integer> boundaries,
            Boolean fitsRoom,
            List<@NotNull(message = "what is lifted") String> lifted,
            Map<String, @NotNull(message = "points") Integer> weights,
            String run,

            @Size(max = 64, message = "at most 64 stretches")
            List<@Valid @NotNull(message = "a stretch") FullnessDocument> fullness,

            String within,

            @Size(max = Brief.MOST_REQUIRED_GROUPS, message = "at most 16 amalgamations")
            List<@NotNull(message = "an amalgamation's id") String> requiredAmalgamations,

            @Size(max = 500, message = "at most 500 amalgamations")
            List<@NotNull(message = "an amalgamation's id") String> forbiddenAmalgamations,

            @Size(max = 16, message = "at most 16 parts")
            List<
                            @NotNull(message = "an energy from 1 to 5")
                            @DecimalMin(value = "1", message = "an energy from 1 to 5")
                            @DecimalMax(value = "5", message = "an energy from 1 to 5") Double>
                    energies) {

        /** The same for another routine, behind another placement, leading into what follows it or not. */
        CompositionQuestion of(RoutineDocument other, int passage, boolean leadsOn) {
            return new CompositionQuestion(
                    other,
                    passage,
                    leadsOn,
                    toBar,
                    least,
                    most,
                    required,
                    forbidden,
                    favourites,
                    mostTimes,
                    bends,
                    corners,
                    highlights,
                    hits,
                    boundaries,
                    fitsRoom,
                    lifted,
                    weights,
                    run,
                    fullness,
                    within,
                    requiredAmalgamations,
                    forbiddenAmalgamations,
                    energies);
        }
    }

    /** Bars, the first and the last of them, that should be sparse or full. */
    @Schema(name = "FullnessWish")
    record FullnessDocument(
            @NotNull(message = "a bar from 1") Integer from,
            @NotNull(message = "a bar from 1") Integer to,
            @NotNull(message = "sparse or full") String fullness) {}

    /**
     * What is set in one go: an amalgamation, most of one, or a single figure that joins two.
     *
     * @param amalgamation its id; absent for a joining figure
     * @param whole whether it is all of it
     * @param energy from 1 to 5
     * @param bar the bar of the routine it begins in
     * @param lastBar the bar it ends in
     * @param placements how many placements it has
     * @param why what the amalgamation is good for, in its author's words
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "CompositionStage")
    record StageDocument(
            String title,
            String amalgamation,
            boolean whole,
            List<String> uses,
            String level,
            double energy,
            int bar,
            int lastBar,
            int placements,
            String why) {

        static StageDocument of(Choreography.Stage stage, Beats bar, int before) {
            Optional<Amalgamation> group = stage.group();
            Level hardest = stage.danced().stream()
                    .map(each -> each.dancing().figure().level())
                    .max(Level::compareTo)
                    .orElseThrow();
            return new StageDocument(
                    group.filter(each -> stage.whole())
                            .map(each -> each.routine().title())
                            .orElseGet(() -> stage.danced().stream()
                                    .map(each -> each.placement().item().wording())
                                    .collect(Collectors.joining(", "))),
                    group.map(each -> each.routine().id()).orElse(null),
                    stage.whole(),
                    group.map(each -> each.uses().stream()
                                    .sorted()
                                    .map(AmalgamationUse::shorthand)
                                    .toList())
                            .orElse(List.of()),
                    group.map(Amalgamation::level).orElse(hardest).shorthand(),
                    stage.energy(),
                    before + stage.onset().ticks() / bar.ticks() + 1,
                    before + (stage.end().ticks() + bar.ticks() - 1) / bar.ticks(),
                    stage.danced().size(),
                    group.map(Amalgamation::why)
                            .filter(words -> !words.isEmpty())
                            .orElse(null));
        }
    }

    /**
     * One answer: what is danced, how it differs from the first, its points, what they are given for, its way over the
     * floor, metres, and what it would hit there ("bar 12: the wall of side 2"); where it was composed within a
     * section, all placements of the routine with it; what it leans to, such as "turning", of what it is put together,
     * and why in sentences; and where the couple must begin, if not where the floor says.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Composition")
    record CompositionDocument(
            List<PlacementDocument> placements,
            List<String> titles,
            double beats,
            String difference,
            int points,
            Map<String, Integer> reasons,
            List<PointDocument> path,
            List<String> hits,
            List<PlacementDocument> whole,
            String leaning,
            List<StageDocument> stages,
            List<String> because,
            PointDocument start) {

        /** What begins a routine says where the couple stand, if not as its charts are written. */
        private static PlacementDocument placement(Composition.Piece piece, boolean begins) {
            PlacementDocument placement = RoutineWriter.placement(piece.dancing(), piece.cornerAfter());
            boolean turned = begins
                    && piece.onset().equals(Beats.ZERO)
                    && !piece.facing().equals(piece.dancing().danced().startHeading());
            return turned ? placement.startingOn(new Alignment.Facing(piece.facing()).toString()) : placement;
        }

        static CompositionDocument of(
                Composition composition,
                boolean begins,
                String difference,
                DancedOn danced,
                Optional<SectionEnd> within) {
            Map<String, Integer> reasons = new LinkedHashMap<>();
            composition.reasons().forEach((reason, points) -> {
                if (points != 0) {
                    reasons.put(ComposingDocuments.name(reason), points);
                }
            });
            List<PlacementDocument> placements = composition.steps().stream()
                    .map(piece -> placement(piece, begins))
                    .toList();
            return new CompositionDocument(
                    placements,
                    composition.steps().stream()
                            .map(piece -> piece.dancing().wording())
                            .toList(),
                    composition.length().toDouble(),
                    difference,
                    composition.points(),
                    reasons,
                    PointDocument.of(danced.path()),
                    hits(danced),
                    within.map(end -> end.with(placements)).orElse(null),
                    null,
                    List.of(),
                    List.of(),
                    null);
        }

        /** @param before whole bars danced before it */
        static CompositionDocument of(
                Choreography answer, Brief brief, DancedOn danced, int before, Optional<SectionEnd> within) {
            Map<String, Integer> reasons = new LinkedHashMap<>();
            answer.byTerm().forEach((term, points) -> {
                if (points != 0) {
                    reasons.put(ComposingDocuments.name(term), points);
                }
            });
            Beats bar = brief.wish().music().bar();
            List<PlacementDocument> placements =
                    answer.placements().stream().map(RoutineWriter::placement).toList();
            List<String> because = Reasons.of(brief, answer).stream()
                    .map(each -> BecauseSentence.of(each, before))
                    .toList();
            Point start = answer.start();
            boolean moved = brief.after().isEmpty()
                    && !start.equals(brief.course().routine().floor().start());
            return new CompositionDocument(
                    placements,
                    answer.placements().stream()
                            .map(placement -> placement.item().wording())
                            .toList(),
                    answer.length().toDouble(),
                    because.get(0),
                    answer.points(),
                    reasons,
                    PointDocument.of(danced.path()),
                    hits(danced),
                    within.map(end -> end.with(placements)).orElse(null),
                    answer.leaning().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                    answer.stages().stream()
                            .map(stage -> StageDocument.of(stage, bar, before))
                            .toList(),
                    because,
                    moved ? PointDocument.of(List.of(start)).get(0) : null);
        }

        private static List<String> hits(DancedOn danced) {
            return danced.collisions().stream()
                    .map(collision -> "bar " + collision.bar() + ": " + collision.what())
                    .toList();
        }
    }

    /** A place on the floor, metres along and across the first side. */
    @Schema(name = "PathPoint")
    record PointDocument(double x, double y) {

        /** A picture needs no more than centimetres. */
        static List<PointDocument> of(List<Point> path) {
            return path.stream()
                    .map(point ->
                            new PointDocument(Math.round(point.x() * 100) / 100.0, Math.round(point.y() * 100) / 100.0))
                    .toList();
        }
    }

    /**
     * A way round what blocks the way after a place: what is danced, with which passage, from 0, and in which bar the
     * routine goes on.
     */
    @Schema(name = "Detour")
    record DetourDocument(
            String kind,
            String sentence,
            int rejoins,
            int bar,
            double beats,
            List<PlacementDocument> placements,
            List<PointDocument> path) {

        static DetourDocument of(Detour detour, List<Point> path) {
            return new DetourDocument(
                    detour.kind().wording(),
                    detour.sentence(),
                    detour.rejoins(),
                    detour.bar(),
                    detour.length().toDouble(),
                    detour.items().stream()
                            .map(item -> RoutineWriter.placement(item, false))
                            .toList(),
                    PointDocument.of(path));
        }
    }

    /**
     * What could be given up so that there is an answer, which has been tried: each thing in words, and the question to
     * ask then; absent where a question has no word for it.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Relaxation")
    record RelaxationDocument(List<String> labels, CompositionQuestion question) {}

    /**
     * The answers; whether they are proved to be the best, or none to exist, and the points that none can have more of,
     * where that is known; what could be given up where there is none; what was left out of the wish, and why.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Compositions")
    record CompositionsDocument(
            List<CompositionDocument> compositions,
            boolean exact,
            Integer bound,
            List<RelaxationDocument> relaxations,
            List<String> notes) {}

    /** "phrase starts". */
    static String name(Enum<?> reason) {
        return reason.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
