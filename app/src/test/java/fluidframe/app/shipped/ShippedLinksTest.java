package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.book.BookReport;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.dance.Style;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.link.Aspect;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.Verdict;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.routine.Section;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What may follow what in the shipped book, and the routines made of it. */
class ShippedLinksTest {

    private static final Map<String, LinkMap> MAPS = new HashMap<>();

    static List<Dance> dances() {
        return Dances.all();
    }

    static List<Routine> routines() {
        return ShippedLibrary.routines();
    }

    @ParameterizedTest
    @MethodSource("dances")
    void fromAnyFigureToAnyOtherAtEveryLevel(Dance dance) {
        for (Level level : Level.values()) {
            LinkMap map = LinkMap.of(ShippedLibrary.repertoire(dance, new Conditions(false, level)));
            assertThat(map.components()).as("%s up to %s", dance.title(), level).hasSize(1);
            LinkMap listed = LinkMap.of(ShippedLibrary.repertoire(dance, new Conditions(true, level)));
            assertThat(listed.components())
                    .as("%s up to %s by listed neighbours", dance.title(), level)
                    .hasSize(1);
        }
    }

    @Test
    void theAverageFigureLeadsOnInFourWays() {
        assertThat(BookReport.of(ShippedLibrary.figures()).holdingPerFigure()).isGreaterThanOrEqualTo(4);
    }

    /**
     * Sequences coaches commonly dance: two figures, in any part or with any finish, on the straight or round a corner.
     */
    @ParameterizedTest
    @CsvSource({
        "waltz, natural-turn, closed-change-rf",
        "waltz, closed-change-rf, reverse-turn",
        "waltz, reverse-turn, closed-change-lf",
        "waltz, closed-change-lf, natural-turn",
        "waltz, reverse-turn, whisk",
        "waltz, whisk, chasse-from-promenade",
        "waltz, chasse-from-promenade, natural-turn",
        "waltz, chasse-from-promenade, hesitation-change",
        "waltz, natural-spin-turn, reverse-turn",
        "waltz, hesitation-change, reverse-turn",
        "waltz, hesitation-change, progressive-chasse-to-right",
        "waltz, progressive-chasse-to-right, backward-lock",
        "waltz, backward-lock, outside-change",
        "waltz, outside-change, natural-turn",
        "waltz, natural-turn, impetus",
        "waltz, natural-turn, open-impetus",
        "waltz, open-impetus, weave-from-promenade",
        "waltz, open-impetus, cross-hesitation",
        "waltz, weave-from-promenade, natural-turn",
        "waltz, open-telemark, chasse-from-promenade",
        "waltz, whisk, wing",
        "waltz, double-reverse-spin, whisk",
        "waltz, reverse-corte, back-whisk",
        "waltz, telemark, natural-spin-turn",
        "waltz, fallaway-reverse, double-reverse-spin",
        "foxtrot, feather-step, reverse-turn",
        "foxtrot, reverse-turn, three-step",
        "foxtrot, three-step, natural-turn",
        "foxtrot, natural-turn, feather-step",
        "foxtrot, three-step, natural-weave",
        "foxtrot, natural-weave, three-step",
        "foxtrot, natural-turn, impetus",
        "foxtrot, impetus, reverse-turn",
        "foxtrot, feather-step, open-telemark",
        "foxtrot, open-telemark, feather-from-promenade",
        "foxtrot, open-impetus, weave-from-promenade",
        "foxtrot, feather-step, reverse-wave",
        "foxtrot, reverse-turn, change-of-direction",
        "foxtrot, change-of-direction, feather-step",
        "quickstep, quarter-turn, progressive-chasse",
        "quickstep, progressive-chasse, forward-lock",
        "quickstep, forward-lock, natural-turn",
        "quickstep, natural-turn, backward-lock",
        "quickstep, backward-lock, running-finish",
        "quickstep, backward-lock, tipple-chasse",
        "quickstep, natural-spin-turn, progressive-chasse",
        "quickstep, chasse-reverse-turn, progressive-chasse",
        "quickstep, natural-turn-hesitation, chasse-reverse-turn",
        "quickstep, double-reverse-spin, cross-chasse",
        "quickstep, natural-turn, impetus",
        "tango, walk, progressive-link",
        "tango, progressive-link, closed-promenade",
        "tango, progressive-link, open-promenade",
        "tango, walk, progressive-side-step",
        "tango, progressive-side-step, rock-turn",
        "tango, closed-promenade, walk",
        "tango, four-step, closed-promenade",
        "tango, open-reverse-turn-outside, walk",
        "tango, progressive-link, natural-promenade-turn",
        "tango, natural-promenade-turn, open-reverse-turn-in-line",
        "viennese-waltz, natural-turn, natural-turn",
        "viennese-waltz, natural-turn, forward-change-rf",
        "viennese-waltz, forward-change-rf, reverse-turn",
        "viennese-waltz, reverse-turn, forward-change-lf",
        "viennese-waltz, natural-turn, backward-change-lf",
        "cha-cha, basic-movement, fan",
        "cha-cha, fan, alemana",
        "cha-cha, fan, hockey-stick",
        "cha-cha, hockey-stick, new-york",
        "cha-cha, new-york, spot-turn",
        "cha-cha, basic-movement, hand-to-hand",
        "cha-cha, open-hip-twist, hockey-stick",
        "cha-cha, closed-hip-twist, alemana",
        "rumba, forward-half-basic, fan",
        "rumba, fan, hockey-stick",
        "rumba, fan, alemana",
        "rumba, hockey-stick, new-york",
        "rumba, new-york, spot-turn",
        "rumba, alemana, basic-movement",
        "rumba, forward-half-basic, natural-top",
        "samba, whisks, promenade-walks",
        "samba, promenade-walks, side-walk",
        "samba, promenade-walks, botafogos",
        "samba, reverse-basic, reverse-turn",
        "paso-doble, sur-place, attack",
        "paso-doble, ecart, promenade-close",
        "paso-doble, sur-place, separation",
        "jive, fallaway-rock, fallaway-throwaway",
        "jive, fallaway-throwaway, link-rock",
        "jive, change-right-to-left, change-left-to-right",
        "jive, link-rock, fallaway-rock",
        "jive, fallaway-throwaway, american-spin",
        "swing, basic, throwout",
        "american-rumba, box, underarm-turn",
        "american-waltz, left-turning-box, twinkle",
        "american-foxtrot, basic, promenade",
        "american-tango, basic, promenade",
        "american-cha-cha, cross-over-break, walk-around-turn",
        "bolero, open-break, underarm-turn",
        "mambo, basic, cross-body-lead",
        "american-viennese-waltz, right-turn, change-rf"
    })
    void commonSequencesHold(String dance, String from, String to) {
        assertThat(MAPS.computeIfAbsent(
                                dance,
                                id -> LinkMap.of(ShippedLibrary.repertoire(
                                        Dances.find(id).orElseThrow(), Conditions.OPEN)))
                        .successors()
                        .get(dance + "-" + from))
                .containsEntry(dance + "-" + to, Outcome.HOLDS);
    }

    /** Sequences that cannot be danced as charted, along a side or round a corner, and why. */
    @ParameterizedTest
    @CsvSource({
        "waltz, natural-turn, reverse-turn, MAN_FREE_FOOT",
        "waltz, whisk, natural-turn, POSITION",
        "waltz, closed-change-lf, whisk, MAN_FREE_FOOT",
        "waltz, natural-turn, chasse-from-promenade, POSITION",
        "waltz, impetus, whisk, MAN_FREE_FOOT",
        "waltz, open-telemark, weave-from-promenade, ALIGNMENT",
        "foxtrot, feather-step, natural-turn, MAN_FREE_FOOT",
        "foxtrot, open-telemark, three-step, POSITION",
        "foxtrot, reverse-turn, feather-step, MAN_FREE_FOOT",
        "quickstep, quarter-turn, chasse-reverse-turn, MAN_FREE_FOOT",
        "quickstep, progressive-chasse, impetus, MAN_FREE_FOOT",
        "tango, progressive-link, walk, POSITION",
        "tango, closed-promenade, open-promenade, POSITION",
        "tango, progressive-side-step, walk, MAN_FREE_FOOT",
        "cha-cha, fan, new-york, POSITION",
        "cha-cha, basic-movement, alemana, POSITION",
        "rumba, basic-movement, hockey-stick, POSITION",
        "rumba, forward-half-basic, basic-movement, MAN_FREE_FOOT",
        "samba, natural-basic, whisks, MAN_FREE_FOOT",
        "samba, promenade-walks, natural-basic, POSITION",
        "paso-doble, ecart, attack, POSITION",
        "paso-doble, sur-place, promenade-close, POSITION",
        "bolero, basic, underarm-turn, MAN_FREE_FOOT",
        "viennese-waltz, natural-turn, reverse-turn, MAN_FREE_FOOT",
        "viennese-waltz, forward-change-rf, natural-turn, MAN_FREE_FOOT"
    })
    void impossibleSequencesBreakForTheirReason(String dance, String from, String to, Aspect reason) {
        Repertoire repertoire = ShippedLibrary.repertoire(ShippedLibrary.figure(dance, from));
        Dancing next = ShippedLibrary.repertoire(ShippedLibrary.figure(dance, to)).dancings().stream()
                .filter(each -> each.way().isAsCharted())
                .findFirst()
                .orElseThrow();
        List<Move> begun = repertoire.beginnings().stream()
                .filter(move -> move.dancing().way().isAsCharted())
                .toList();
        assertThat(begun).isNotEmpty().allSatisfy(move -> {
            for (ExitState exit : List.of(move.exit(), move.exit().afterCorner())) {
                Verdict verdict = Link.between(exit, next.entry());
                assertThat(verdict.outcome()).isEqualTo(Outcome.BREAKS);
                assertThat(verdict.comparisons())
                        .anyMatch(compared -> compared.aspect() == reason && compared.outcome() == Outcome.BREAKS);
            }
            assertThat(repertoire.meets(Optional.empty(), move.exit(), next)).isEqualTo(Outcome.BREAKS);
        });
    }

    /** In some way, along the side or at a corner; and what lists any neighbours has at least one along the side. */
    @ParameterizedTest
    @MethodSource("dances")
    void everyListedNeighbourFollows(Dance dance) {
        List<Figure> figures = ShippedLibrary.ofDance(dance.id());
        for (Figure figure : figures) {
            List<Figure> listed = figures.stream()
                    .filter(next -> Neighbours.areListed(figure, next))
                    .toList();
            assertThat(listed)
                    .filteredOn(next -> best(figure, next, true) == Outcome.BREAKS)
                    .as("after %s", figure.id())
                    .isEmpty();
            if (!listed.isEmpty()) {
                assertThat(listed)
                        .as("after %s along the side", figure.id())
                        .anyMatch(next -> best(figure, next, false) != Outcome.BREAKS);
            }
        }
    }

    private static Outcome best(Figure figure, Figure next, boolean corners) {
        Repertoire before = ShippedLibrary.repertoire(figure);
        List<Dancing> after = ShippedLibrary.repertoire(next).dancings();
        return before.beginnings().stream()
                .flatMap(move -> corners ? Stream.of(move.exit(), move.exit().afterCorner()) : Stream.of(move.exit()))
                .flatMap(exit -> after.stream().map(dancing -> before.meets(Optional.empty(), exit, dancing)))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("routines")
    void everySeamOfTheDemoRoutinesHoldsOrBendsAsItsNoteExplains(Routine routine) {
        Course course = Course.of(routine);
        assertThat(course.seams()).allSatisfy(seam -> {
            boolean explained =
                    !course.placements().get(seam.after()).placement().note().isEmpty();
            assertThat(seam.verdict().outcome())
                    .as(seam.verdict().toString())
                    .isIn(explained ? List.of(Outcome.HOLDS, Outcome.BENDS) : List.of(Outcome.HOLDS));
        });
    }

    /** First routines and those for competition begin and end with the phrase. */
    @ParameterizedTest
    @MethodSource("dances")
    void everyDanceHasAFirstRoutineOnItsPhrases(Dance dance) {
        assertThat(routines())
                .filteredOn(routine ->
                        routine.dance().equals(dance) && routine.title().startsWith("Saltmarsh First"))
                .singleElement()
                .satisfies(routine -> {
                    assertThat(Course.of(routine).length().ticks()
                                    % dance.rhythm()
                                            .bar()
                                            .times(dance.music().phraseBars())
                                            .ticks())
                            .isZero();
                    assertThat(routine.placements())
                            .allMatch(placement -> placement.item() instanceof Dancing dancing
                                    && dancing.figure().level().compareTo(Level.BRONZE) <= 0);
                    assertThat(routine.placements().get(0).note()).isNotEmpty();
                });
    }

    /** A study is short, says whom it is for, and is danced round and round. */
    @Test
    void twentyStudiesLoop() {
        assertThat(routines())
                .filteredOn(routine -> routine.title().startsWith("Study:"))
                .hasSizeGreaterThanOrEqualTo(20)
                .allSatisfy(study -> {
                    assertThat(study.placements()).as(study.title()).hasSizeBetween(2, 6);
                    assertThat(study.placements().get(0).note()).isNotEmpty();
                    Routine thrice = new Routine(
                            study.id(),
                            study.title(),
                            study.dance(),
                            study.tempo(),
                            study.conditions(),
                            Stream.of(study, study, study)
                                    .flatMap(round -> round.placements().stream())
                                    .toList(),
                            study.floor(),
                            study.dancers(),
                            study.laying());
                    assertThat(Course.of(thrice).seams())
                            .allSatisfy(seam -> assertThat(seam.verdict().outcome())
                                    .as(study.title() + ", " + seam.verdict())
                                    .isEqualTo(Outcome.HOLDS));
                });
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyDanceHasAModelRoutine(Dance dance) {
        assertThat(routines())
                .filteredOn(routine ->
                        routine.dance().equals(dance) && routine.title().startsWith("Lamplight"))
                .anySatisfy(routine -> {
                    Course course = Course.of(routine);
                    long bars = course.length().ticks() / dance.rhythm().bar().ticks();
                    boolean standard = dance.style() == Style.STANDARD;
                    int sides = course.placements().stream()
                                    .mapToInt(ScoredPlacement::side)
                                    .max()
                                    .orElseThrow()
                            + 1;
                    assertThat(bars).isGreaterThanOrEqualTo(16);
                    assertThat(sides).isGreaterThanOrEqualTo(standard ? 4 : 1);
                });
    }

    @Test
    void threeShowcasesHaveElementsAndVerses() {
        assertThat(routines())
                .filteredOn(routine -> routine.title().startsWith("Ferry Night")
                        && routine.placements().stream().anyMatch(placement -> !(placement.item() instanceof Dancing))
                        && routine.placements().stream()
                                .anyMatch(placement -> placement.section().isPresent()))
                .hasSizeGreaterThanOrEqualTo(3);
    }

    /**
     * A first routine, one for competition and one to show, each to its music and for an evening at which it is danced.
     */
    @ParameterizedTest
    @MethodSource("dances")
    void everyDanceIsBroughtToThree(Dance dance) {
        List<String> danced = ShippedLibrary.events().stream()
                .flatMap(event -> event.routines().stream())
                .toList();
        for (String kind : List.of("Saltmarsh First", "Lamplight", "Ferry Night")) {
            assertThat(routines())
                    .filteredOn(routine ->
                            routine.dance().equals(dance) && routine.title().startsWith(kind))
                    .as("%s %s", kind, dance.title())
                    .anyMatch(routine -> danced.contains(routine.id()))
                    .allSatisfy(routine -> {
                        assertThat(routine.placements().get(0).note())
                                .as("for whom, what it trains, where it breathes: " + routine.title())
                                .contains("It trains", "breath");
                        assertThat(routine.laying()).as(routine.title()).isPresent();
                        assertThat(routine.laying().orElseThrow().piece().dances())
                                .as(routine.title())
                                .contains(dance.id());
                    });
        }
    }

    /** Where a piece was chosen for a showing, each part of the one begins with a section of the other. */
    @Test
    void showcasesBeginTheirPartsWithTheMusic() {
        assertThat(routines())
                .filteredOn(ShippedLinksTest::hasChorus)
                .hasSize(17)
                .allSatisfy(showcase -> {
                    Course course = Course.of(showcase);
                    List<Integer> begun = course.placements().stream()
                            .filter(placed -> placed.placement().section().isPresent())
                            .map(placed -> barOf(placed, showcase))
                            .distinct()
                            .toList();
                    assertThat(showcase.laying().orElseThrow().piece().phraseStarts())
                            .as(showcase.title())
                            .containsAll(begun);
                });
    }

    private static boolean hasChorus(Routine routine) {
        return routine.placements().stream()
                .flatMap(placement -> placement.section().stream())
                .anyMatch(section -> section.title().equals("Chorus"));
    }

    private static int barOf(ScoredPlacement placed, Routine routine) {
        return (int) (placed.onset().ticks() / routine.dance().rhythm().bar().ticks()) + 1;
    }

    /** An entrance, a verse that comes again, one thing that everybody shall see, and an end that is one. */
    @Test
    void showcasesAreBuiltLikeSongs() {
        assertThat(routines())
                .filteredOn(ShippedLinksTest::hasChorus)
                .hasSize(17)
                .allSatisfy(showcase -> {
                    assertThat(showcase.placements().stream()
                                    .flatMap(placement -> placement.section().stream())
                                    .map(Section::title))
                            .as(showcase.title())
                            .containsSubsequence("Entrance", "Verse", "Chorus", "Ending");
                    Course course = Course.of(showcase);
                    assertThat(course.count(Outcome.BREAKS))
                            .as(showcase.title())
                            .isZero();
                    assertThat(showcase.placements()).as(showcase.title()).anyMatch(Placement::highlight);
                    assertThat(course.placements().stream()
                                    .mapToInt(passage -> passage.passage().round())
                                    .max())
                            .as(showcase.title())
                            .hasValue(2);
                    assertThat(showcase.placements().stream()
                                    .skip(showcase.placements().size() - 2L))
                            .as(showcase.title())
                            .noneMatch(placement -> placement.item() instanceof Dancing);
                    assertThat(RoomReport.of(Score.of(showcase)).collisions())
                            .as(showcase.title())
                            .isEmpty();
                });
    }
}
