package fluidframe.core.practice;

import fluidframe.core.memory.Grade;
import fluidframe.core.memory.Memory;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What should be practised now, the most urgent first. The measure is what would be lost: how likely a thing is to fail
 * now, or on the day on which it is danced, whichever weighs more, the day the less the farther it is; more for what
 * belongs to a routine in work, for a fault each time it has been seen, and for what was lost when it was last danced.
 * Seams wait until both figures have been shown. Only what they dance counts: what their routines have, and what they
 * were taught lately in their dances. Of what is new the easiest comes first.
 */
public final class WhatToday {

    /** An event so many days ahead weighs half as much as one today. */
    private static final double HALF_WEIGHT_DAYS = 14;
    /** Farther ahead an event is no reason yet. */
    static final long FAR_DAYS = 120;
    /** Within a month it is the first reason that is told. */
    private static final long NEAR_DAYS = 31;

    static final double IN_WORK = 0.25;
    static final double EACH_TIME_SEEN = 0.15;
    static final int MOST_TIMES_SEEN = 5;
    private static final double LOST_LAST = 0.25;
    /** What has never been shown waits behind what is about to be lost, unless an event is near. */
    private static final double NOT_SHOWN = 0.3;
    /** What is had more surely than this is no reason to dance it. */
    static final double SURE = 0.93;

    /** What was neither danced nor looked at for so long, and is in no routine, is not being taught any more. */
    static final long TAUGHT_DAYS = 120;
    /** How much less one new figure counts than the one before it in the teaching order. */
    private static final double EACH_PLACE = 0.001;

    private static final int MOST_PLACES = 500;

    private final Ledger ledger;
    private final Curriculum curriculum;
    private final Map<Subject, List<Commitment>> wanted = new HashMap<>();
    private final Instant now;
    private final LocalDate today;
    private final ZoneId zone;

    private WhatToday(Ledger ledger, List<Commitment> commitments, Curriculum curriculum, Instant now, ZoneId zone) {
        this.ledger = ledger;
        this.curriculum = curriculum;
        this.now = now;
        this.zone = zone;
        this.today = LocalDate.ofInstant(now, zone);
        commitments.forEach(commitment -> commitment
                .subjects()
                .forEach(subject -> wanted.computeIfAbsent(subject, key -> new ArrayList<>())
                        .add(commitment)));
    }

    /** @param zone in which days are counted */
    public static List<Due> rank(
            Ledger ledger, List<Commitment> commitments, Curriculum curriculum, Instant now, ZoneId zone) {
        return new WhatToday(ledger, commitments, curriculum, now, zone).rank();
    }

    private List<Due> rank() {
        Set<Subject> subjects = new LinkedHashSet<>(wanted.keySet());
        ledger.all().stream().filter(this::isTaught).map(Practised::subject).forEach(subjects::add);
        curriculum.next().forEach(id -> subjects.add(new Subject.Whole(id)));
        return subjects.stream()
                .filter(this::isReady)
                .flatMap(subject -> due(subject).stream())
                .sorted(Comparator.comparingDouble(Due::urgency)
                        .reversed()
                        .thenComparing(due -> due.subject().toString()))
                .toList();
    }

    private boolean isTaught(Practised practised) {
        return wanted.containsKey(whereItIsDanced(practised.subject()))
                || curriculum.includes(practised.subject())
                        && daysSince(practised.memory().last()) <= TAUGHT_DAYS;
    }

    private boolean isReady(Subject subject) {
        return !(subject instanceof Subject.Seam seam)
                || ledger.of(seam).isPresent()
                || ledger.of(new Subject.Whole(seam.from())).isPresent()
                        && ledger.of(new Subject.Whole(seam.to())).isPresent();
    }

    private Optional<Due> due(Subject subject) {
        Optional<Practised> practised = ledger.of(subject);
        List<Commitment> commitments = wanted.getOrDefault(whereItIsDanced(subject), List.of());
        Optional<Commitment> next = commitments.stream()
                .filter(commitment -> daysTo(commitment).isPresent())
                .min(Comparator.comparing(commitment -> daysTo(commitment).orElseThrow()));
        double recall = practised.map(each -> each.memory().recallAt(now)).orElse(0.0);
        double loss = practised.isPresent() ? 1 - recall : NOT_SHOWN;
        double nearness = next.flatMap(this::daysTo)
                .map(days -> HALF_WEIGHT_DAYS / (HALF_WEIGHT_DAYS + days))
                .orElse(0.0);
        double lossThen = next.map(commitment -> practised
                        .map(each -> 1 - each.memory().recallAt(day(commitment)))
                        .orElse(1.0))
                .orElse(0.0);
        double urgency =
                Math.max(loss, nearness * lossThen) * (1 + nearness) * (commitments.isEmpty() ? 1 : 1 + IN_WORK);
        if (practised.isEmpty() && subject instanceof Subject.Whole whole) {
            urgency *= 1 - EACH_PLACE * Math.min(curriculum.place().applyAsInt(whole.id()), MOST_PLACES);
        }
        if (practised.isPresent()) {
            urgency *= practised.get().last() == Grade.LOST ? 1 + LOST_LAST : 1;
            urgency *= subject instanceof Subject.Fault
                    ? 1 + EACH_TIME_SEEN * Math.min(practised.get().lost(), MOST_TIMES_SEEN)
                    : 1;
        }
        boolean sure = practised.isPresent() && recall > SURE && nearness * lossThen < 1 - Memory.WANTED;
        return sure
                ? Optional.empty()
                : Optional.of(new Due(
                        subject,
                        ledger.stage(subject),
                        urgency,
                        recall,
                        reasons(subject, practised, recall, commitments, next)));
    }

    /** A fault is danced where its figure is. */
    private static Subject whereItIsDanced(Subject subject) {
        return subject instanceof Subject.Fault fault ? new Subject.Whole(fault.id()) : subject;
    }

    private Optional<Long> daysTo(Commitment commitment) {
        return commitment
                .event()
                .map(event -> ChronoUnit.DAYS.between(today, event.date()))
                .filter(days -> days >= 0 && days <= FAR_DAYS);
    }

    private Instant day(Commitment commitment) {
        return commitment
                .event()
                .orElseThrow()
                .date()
                .atStartOfDay(zone)
                .toInstant()
                .plus(Duration.ofHours(12));
    }

    private List<DueReason> reasons(
            Subject subject,
            Optional<Practised> practised,
            double recall,
            List<Commitment> commitments,
            Optional<Commitment> next) {
        List<DueReason> reasons = new ArrayList<>();
        Optional<DueReason.OfEvent> event = next.map(commitment -> new DueReason.OfEvent(
                commitment.event().orElseThrow().title(), daysTo(commitment).orElseThrow()));
        event.filter(WhatToday::isNear).ifPresent(reasons::add);
        practised.ifPresent(each -> {
            if (subject instanceof Subject.Fault) {
                reasons.add(new DueReason.Seen(each.lost()));
            } else if (each.last() == Grade.LOST || each.last() == Grade.SHAKY) {
                reasons.add(new DueReason.WentLast(each.last()));
            }
            reasons.add(new DueReason.DancedLast(daysSince(each.memory().last())));
            if (!(subject instanceof Subject.Fault)) {
                reasons.add(new DueReason.LikelyToHold(recall));
            }
        });
        if (practised.isEmpty()) {
            reasons.add(commitments.isEmpty() ? new DueReason.NextInOrder() : new DueReason.NotShown());
        }
        event.filter(far -> !isNear(far)).ifPresent(reasons::add);
        if (next.isEmpty() && !commitments.isEmpty()) {
            reasons.add(new DueReason.OfRoutine(commitments.get(0).routine()));
        }
        return reasons;
    }

    private static boolean isNear(DueReason.OfEvent event) {
        return event.days() <= NEAR_DAYS;
    }

    private long daysSince(Instant when) {
        return Math.max(0, ChronoUnit.DAYS.between(LocalDate.ofInstant(when, zone), today));
    }
}
