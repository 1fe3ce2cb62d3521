package fluidframe.app.events;

import fluidframe.app.events.EventDocument.EntryDocument;
import fluidframe.app.events.EventDocument.EventCoupleDocument;
import fluidframe.app.events.EventDocument.EventDayDocument;
import fluidframe.app.events.EventDocument.EventFloorDocument;
import fluidframe.app.events.EventDocument.PlannedRoundDocument;
import fluidframe.app.events.EventDocument.RoundDocument;
import fluidframe.app.floor.Floors;
import fluidframe.app.problems.Faults;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.DayWish;
import fluidframe.core.day.PlannedRound;
import fluidframe.core.day.Round;
import fluidframe.core.rules.DanceRule;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.Profile;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads an event in the open format, and says of everything that cannot be where it stands and what was expected. */
public final class EventReading {

    /** What most events keep to. */
    static final EventDayDocument USUAL_DAY = new EventDayDocument("09:00", "18:00", 15, 15, 5);

    static final int LONGEST_ROUND = 60;
    private static final int LATEST = 24 * 60;

    private final EventDocument document;
    private final Profile profile;
    private final Set<String> routines;
    private final Faults faults;
    private final Set<String> couples = new HashSet<>();
    private final Set<String> floors = new HashSet<>();

    private EventReading(EventDocument document, Profile profile, Set<String> routines, String root) {
        this.routines = routines;
        this.document = document;
        this.profile = profile;
        this.faults = new Faults(root);
    }

    /**
     * @param profile the rules it is danced under; empty if there are none of that id
     * @param routines the ids of the routines that may be entered
     * @param root JSON pointer to the document in what was sent
     * @throws RefusedException naming everything that is wrong
     */
    public static Event read(EventDocument document, Optional<Profile> profile, Set<String> routines, String root) {
        Profile rules = profile.orElseThrow(
                () -> RefusedException.of(root + "/profile", document.profile(), EventsSentences.theIdOfRules()));
        EventReading reading = new EventReading(document, rules, routines, root);
        Optional<Event> event = reading.event();
        reading.faults.refuse();
        return event.orElseThrow();
    }

    private Optional<Event> event() {
        faults.checkId("/id", document.id());
        faults.checkTitle("/title", document.title());
        Optional<LocalDate> date = faults.date("/date", document.date());
        for (int i = 0; i < document.floors().size(); i++) {
            EventFloorDocument floor = document.floors().get(i);
            faults.checkTitle("/floors/" + i + "/title", floor.title());
            Floors.read(floor.floor(), true, faults.root() + "/floors/" + i + "/floor", faults.list());
            if (!floors.add(floor.title())) {
                faults.add("/floors/" + i + "/title", floor.title(), EventsSentences.aTitleThatNoOtherFloor());
            }
        }
        for (int i = 0; i < document.couples().size(); i++) {
            EventCoupleDocument couple = document.couples().get(i);
            faults.checkId("/couples/" + i + "/id", couple.id());
            faults.checkTitle("/couples/" + i + "/title", couple.title());
            if (!couples.add(couple.id())) {
                faults.add("/couples/" + i + "/id", couple.id(), EventsSentences.anIdThatNoOtherCouple());
            }
        }
        List<Round> rounds = new ArrayList<>();
        Map<String, Division> divisions = new HashMap<>();
        for (int i = 0; i < document.rounds().size(); i++) {
            RoundDocument round = document.rounds().get(i);
            round("/rounds/" + i, round, divisions).ifPresent(rounds::add);
        }
        EventDayDocument day = document.day() == null ? USUAL_DAY : document.day();
        int begins = time("/day/begins", day.begins());
        int ends = time("/day/ends", day.ends());
        Set<String> coached = document.couples().stream()
                .filter(EventCoupleDocument::coached)
                .map(EventCoupleDocument::id)
                .collect(Collectors.toSet());
        Optional<DayWish> wish = faults.isEmpty()
                ? faults.tried(
                        "/day",
                        day.begins() + " to " + day.ends(),
                        EventsSentences.aDayThatCanBePlanned(),
                        () -> new DayWish(begins, ends, day.rest(), day.warmUp(), day.between(), rounds, coached))
                : Optional.empty();
        return wish.flatMap(each ->
                plan(each).map(plan -> new Event(document, profile, date.orElseThrow(), each, plan, divisions)));
    }

    private int time(String place, String time) {
        try {
            return time.equals("24:00") ? LATEST : LocalTime.parse(time).toSecondOfDay() / 60;
        } catch (DateTimeException e) {
            faults.add(place, time, EventsSentences.aTimeSuchAs0930());
            return 0;
        }
    }

    private Optional<Round> round(String place, RoundDocument round, Map<String, Division> divisions) {
        faults.checkId(place + "/id", round.id());
        faults.checkTitle(place + "/title", round.title());
        Optional<Division> division = profile.division(round.division());
        if (division.isEmpty()) {
            faults.add(
                    place + "/division",
                    round.division(),
                    EventsSentences.aDivisionOf(
                            profile.title(),
                            profile.divisions().stream().map(Division::title).collect(Collectors.joining(", "))));
            return Optional.empty();
        }
        divisions.put(round.id(), division.get());
        String floor = round.floor() == null ? document.floors().get(0).title() : round.floor();
        if (!floors.contains(floor)) {
            faults.add(
                    place + "/floor",
                    floor,
                    EventsSentences.aFloorOfTheEvent(document.floors().stream()
                            .map(EventFloorDocument::title)
                            .collect(Collectors.joining(", "))));
        }
        if (round.minutes() < 1 || round.minutes() > LONGEST_ROUND) {
            faults.add(place + "/minutes", String.valueOf(round.minutes()), EventsSentences.toMinutes(LONGEST_ROUND));
        }
        for (int i = 0; i < round.entries().size(); i++) {
            EntryDocument entry = round.entries().get(i);
            if (!couples.contains(entry.couple())) {
                faults.add(place + "/entries/" + i + "/couple", entry.couple(), EventsSentences.theIdOfACoupleOf());
            }
            for (int j = 0; entry.routines() != null && j < entry.routines().size(); j++) {
                if (!routines.contains(entry.routines().get(j))) {
                    faults.add(
                            place + "/entries/" + i + "/routines/" + j,
                            entry.routines().get(j),
                            EventsSentences.theIdOfARoutine());
                }
            }
        }
        List<String> dances = dances(place, round, division.get());
        Optional<Integer> at = Optional.ofNullable(round.at()).map(text -> time(place + "/at", text));
        if (round.entries().isEmpty() || !faults.isEmpty()) {
            return Optional.empty();
        }
        return faults.tried(
                place,
                round.title(),
                EventsSentences.aRoundThatCanBeDanced(),
                () -> new Round(
                        round.id(),
                        round.title().strip(),
                        floor,
                        dances,
                        round.minutes(),
                        division.get().couples(),
                        round.entries().stream().map(EntryDocument::couple).toList(),
                        Optional.ofNullable(round.after()).filter(this::isDanced),
                        at));
    }

    /** A round that nobody has entered for holds nobody up. */
    private boolean isDanced(String id) {
        return document.rounds().stream()
                .noneMatch(round -> round.id().equals(id) && round.entries().isEmpty());
    }

    private List<String> dances(String place, RoundDocument round, Division division) {
        if (round.dances() == null || round.dances().isEmpty()) {
            return division.dances().stream().map(rule -> rule.dance().title()).toList();
        }
        List<String> titles = new ArrayList<>();
        for (int i = 0; i < round.dances().size(); i++) {
            Optional<Dance> dance = Dances.find(round.dances().get(i))
                    .filter(each -> division.of(each).isPresent());
            if (dance.isEmpty()) {
                faults.add(
                        place + "/dances/" + i,
                        round.dances().get(i),
                        EventsSentences.aDanceOf(
                                division.title(),
                                division.dances().stream()
                                        .map(DanceRule::dance)
                                        .map(Dance::id)
                                        .collect(Collectors.joining(", "))));
            }
            dance.map(Dance::title).ifPresent(titles::add);
        }
        return titles;
    }

    /**
     * The plan as far as its rounds are still danced. Couples that no longer dance have left their heats; those who
     * came later are in none.
     */
    private Optional<Optional<DayPlan>> plan(DayWish wish) {
        if (document.plan() == null || document.plan().isEmpty()) {
            return Optional.of(Optional.empty());
        }
        Map<String, Round> byId = wish.rounds().stream().collect(Collectors.toMap(Round::id, round -> round));
        Set<String> planned = new HashSet<>();
        List<PlannedRound> rounds = new ArrayList<>();
        for (int i = 0; i < document.plan().size(); i++) {
            PlannedRoundDocument round = document.plan().get(i);
            int start = time("/plan/" + i + "/start", round.start());
            if (round.heats().isEmpty()) {
                faults.add("/plan/" + i + "/heats", "", EventsSentences.atLeastOneHeat());
                continue;
            }
            if (round.heats().stream().flatMap(List::stream).distinct().count()
                    < round.heats().stream().mapToLong(List::size).sum()) {
                faults.add(
                        "/plan/" + i + "/heats", String.valueOf(round.heats()), EventsSentences.eachCoupleInOneHeat());
            }
            if (!planned.add(round.round())) {
                faults.add("/plan/" + i + "/round", round.round(), EventsSentences.eachRoundOnce());
            }
            Optional.ofNullable(byId.get(round.round()))
                    .map(each -> new PlannedRound(
                            each,
                            start,
                            round.heats().stream()
                                    .map(heat -> heat.stream()
                                            .filter(each.couples()::contains)
                                            .toList())
                                    .toList()))
                    .ifPresent(rounds::add);
        }
        return faults.isEmpty() ? Optional.of(Optional.of(new DayPlan(wish, rounds))) : Optional.empty();
    }
}
