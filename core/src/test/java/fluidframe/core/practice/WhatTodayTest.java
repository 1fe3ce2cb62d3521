package fluidframe.core.practice;

import static fluidframe.core.memory.Grade.GOOD;
import static fluidframe.core.memory.Grade.LOST;
import static fluidframe.core.memory.Grade.SECURE;
import static fluidframe.core.memory.Grade.SHAKY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import fluidframe.core.couple.Part;
import fluidframe.core.memory.Grade;
import fluidframe.core.practice.Commitment.Occasion;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WhatTodayTest {

    private static final ZoneId ZONE = ZoneOffset.UTC;
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final LocalDate TODAY = LocalDate.ofInstant(NOW, ZONE);

    private static Noted noted(int daysAgo, String figure, Grade grade, Subject.Fault... faults) {
        return new Noted(
                NOW.minus(Duration.ofDays(daysAgo)), new Subject.Whole(figure), Optional.of(grade), List.of(faults));
    }

    private static Commitment inWork(String... figures) {
        return new Commitment("Tideline Waltz", List.of(figures), Optional.empty());
    }

    private static Commitment danced(int inDays, String... figures) {
        return new Commitment(
                "Tideline Waltz",
                List.of(figures),
                Optional.of(new Occasion("Lamplight Open", TODAY.plusDays(inDays))));
    }

    private static List<Due> rank(List<Noted> notes, Commitment... commitments) {
        return WhatToday.rank(Ledger.of(notes), List.of(commitments), Curriculum.ANYTHING, NOW, ZONE);
    }

    private static List<String> names(List<Due> due) {
        return due.stream().map(each -> each.subject().wording(id -> id)).toList();
    }

    @Test
    void whatIsSureIsLeftAloneAndWhatFadesComesFirst() {
        List<Due> due = rank(List.of(noted(2, "sure", SECURE), noted(20, "fading", GOOD), noted(60, "gone", GOOD)));
        assertThat(names(due)).containsExactly("gone", "fading");
        assertThat(due.get(0).recall()).isLessThan(due.get(1).recall());
        assertThat(due.get(1).reasons())
                .containsExactly(
                        new DueReason.DancedLast(20),
                        new DueReason.LikelyToHold(due.get(1).recall()));
        assertThat(DueSentence.of(due.get(1)))
                .containsExactly("last 20 days ago", Math.round(due.get(1).recall() * 100) + " % likely to hold");
    }

    @Test
    void aNearEventCountsMoreThanAFarOneAndAPastOneNothing() {
        List<Noted> notes = List.of(noted(6, "whisk", GOOD));
        double none = rank(notes).get(0).urgency();
        double past = rank(notes, danced(-1, "whisk")).get(0).urgency();
        double far = rank(notes, danced(60, "whisk")).get(0).urgency();
        double near = rank(notes, danced(3, "whisk")).get(0).urgency();
        assertThat(near).isGreaterThan(far);
        assertThat(far).isGreaterThan(past);
        assertThat(past).isGreaterThan(none);
        assertThat(rank(notes, danced(1, "whisk")).get(0).reasons())
                .startsWith(new DueReason.OfEvent("Lamplight Open", 1));
    }

    @Test
    void aFaultWeighsMoreEachTimeItIsSeen() {
        Subject.Fault heel = new Subject.Fault("whisk", Part.MAN, 1, Optional.empty(), "toe first");
        double once = urgencyOf(heel, List.of(noted(9, "whisk", GOOD, heel)));
        List<Due> often = rank(List.of(
                noted(30, "whisk", GOOD, heel), noted(20, "whisk", SHAKY, heel), noted(9, "whisk", GOOD, heel)));
        assertThat(urgencyOf(
                        heel,
                        List.of(
                                noted(30, "whisk", GOOD, heel),
                                noted(20, "whisk", SHAKY, heel),
                                noted(9, "whisk", GOOD, heel))))
                .isGreaterThan(once);
        assertThat(often.get(0).subject()).isEqualTo(heel);
        assertThat(often.get(0).reasons()).startsWith(new DueReason.Seen(3));
    }

    private static double urgencyOf(Subject subject, List<Noted> notes) {
        return rank(notes).stream()
                .filter(due -> due.subject().equals(subject))
                .findFirst()
                .orElseThrow()
                .urgency();
    }

    @Test
    void aSeamWaitsUntilBothItsFiguresHaveBeenShown() {
        assertThat(names(rank(List.of(noted(1, "whisk", SECURE)), inWork("whisk", "chasse"))))
                .containsExactly("chasse");
        assertThat(names(rank(
                        List.of(noted(1, "whisk", SECURE), noted(1, "chasse", SECURE)), inWork("whisk", "chasse"))))
                .containsExactly("whisk into chasse");
    }

    @Test
    void onlyWhatTheyDanceIsDueAndOfWhatIsNewTheEasiestComesFirst() {
        Curriculum waltz =
                new Curriculum(id -> !id.equals("samba"), List.of("spin", "whisk"), id -> id.equals("whisk") ? 0 : 1);
        List<Noted> notes = List.of(noted(20, "samba", GOOD), noted(20, "change", GOOD), noted(200, "old", GOOD));
        List<Due> due = WhatToday.rank(Ledger.of(notes), List.of(), waltz, NOW, ZONE);
        assertThat(names(due)).containsExactly("whisk", "spin", "change");
        assertThat(due.get(0).reasons()).containsExactly(new DueReason.NextInOrder());
        List<Due> danced = WhatToday.rank(Ledger.of(notes), List.of(inWork("samba", "old")), waltz, NOW, ZONE);
        assertThat(names(danced)).contains("samba", "old");
    }

    @Test
    void aFaultIsSaidToHaveBeenSeenAndNeverToHold() {
        Subject.Fault heel = new Subject.Fault("whisk", Part.MAN, 1, Optional.empty(), "toe first");
        List<Due> due = rank(List.of(noted(9, "whisk", SHAKY, heel)), inWork("whisk"));
        assertThat(due)
                .filteredOn(each -> each.subject().equals(heel))
                .singleElement()
                .satisfies(fault -> assertThat(fault.reasons()).noneMatch(DueReason.LikelyToHold.class::isInstance));
    }

    @Test
    void aFigureIsWorkedOnOnceWithItsFaultsAndSeams() {
        Subject.Fault heel = new Subject.Fault("whisk", Part.MAN, 1, Optional.empty(), "toe first");
        List<Due> due =
                rank(List.of(noted(20, "whisk", SHAKY, heel), noted(20, "chasse", LOST)), inWork("whisk", "chasse"));
        List<PracticeItem> items = PracticeItem.of(due);
        assertThat(items).extracting(item -> item.first().subject().figure()).doesNotHaveDuplicates();
        assertThat(items.stream().mapToInt(item -> 1 + item.also().size()).sum())
                .isEqualTo(due.size());
        assertThat(items.get(0).first()).isEqualTo(due.get(0));
    }

    @Test
    void whatWasLostLastIsSaidAndComesBeforeWhatWasNot() {
        List<Due> due = rank(List.of(noted(3, "good", GOOD), noted(3, "lost", LOST)), inWork("good", "lost"));
        assertThat(names(due)).startsWith("lost");
        assertThat(due.get(0).reasons())
                .contains(new DueReason.WentLast(LOST), new DueReason.OfRoutine("Tideline Waltz"));
    }

    @Test
    void theMinutesOfALessonAddUpAndNoFigureComesTwice() {
        Subject.Fault heel = new Subject.Fault("whisk", Part.MAN, 1, Optional.empty(), "toe first");
        List<Due> due = rank(
                List.of(noted(20, "whisk", SHAKY, heel), noted(20, "chasse", LOST)), inWork("whisk", "chasse", "spin"));
        for (int minutes : new int[] {LessonPlanner.SHORTEST, 45, 90, LessonPlanner.LONGEST}) {
            List<LessonPart> parts = LessonPlanner.plan(minutes, due, Optional.of("Tideline Waltz"), id -> id);
            assertThat(parts.stream().mapToInt(LessonPart::minutes).sum()).isEqualTo(minutes);
            assertThat(parts).allMatch(part -> part.minutes() > 0);
            assertThat(parts.stream()
                            .flatMap(part -> part.subject().stream())
                            .filter(subject -> !(subject instanceof Subject.Seam))
                            .map(subject -> subject.figure().orElseThrow()))
                    .doesNotHaveDuplicates();
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> LessonPlanner.plan(LessonPlanner.SHORTEST - 1, due, Optional.empty(), id -> id));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> LessonPlanner.plan(LessonPlanner.LONGEST + 1, due, Optional.empty(), id -> id));
    }

    @Test
    void aTermShowsFiguresBeforeTheirSeamsAndSaysWhatDoesNotFit() {
        List<Subject> wanted = List.copyOf(inWork("a", "b", "c").subjects());
        TermPlan roomy = TermPlan.towards(wanted, Ledger.of(List.of()), NOW, 7, 5, NOW.plus(Duration.ofDays(70)));
        assertThat(roomy.lessons()).hasSize(10);
        assertThat(roomy.lessons().get(0).subjects())
                .extracting(subject -> subject.wording(id -> id))
                .containsExactlyInAnyOrder("a", "b", "c", "a into b", "b into c");
        assertThat(roomy.left()).isEmpty();
        TermPlan tight = TermPlan.towards(wanted, Ledger.of(List.of()), NOW, 7, 1, NOW.plus(Duration.ofDays(15)));
        assertThat(tight.lessons())
                .hasSize(3)
                .allMatch(lesson -> lesson.subjects().size() == 1);
        assertThat(tight.left()).extracting(TermPlan.Left::why).contains("no lesson has time to show it");
        assertThat(tight.left()).isSortedAccordingTo((one, other) -> Double.compare(one.recall(), other.recall()));
    }

    @Test
    void aTermHasNoLessonsForWhatWillHoldAnyway() {
        List<Noted> secure =
                List.of(noted(90, "a", GOOD), noted(80, "a", SECURE), noted(40, "a", SECURE), noted(1, "a", SECURE));
        TermPlan plan = TermPlan.towards(
                List.of(new Subject.Whole("a")), Ledger.of(secure), NOW, 7, 3, NOW.plus(Duration.ofDays(21)));
        assertThat(plan.lessons())
                .hasSize(3)
                .allMatch(lesson -> lesson.subjects().isEmpty());
        assertThat(plan.left()).isEmpty();
    }
}
