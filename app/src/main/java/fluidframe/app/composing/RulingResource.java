package fluidframe.app.composing;

import fluidframe.app.composing.RulingDocuments.EntryStandingDocument;
import fluidframe.app.composing.RulingDocuments.RulingRepairDocument;
import fluidframe.app.composing.RulingDocuments.RulingRepairQuestion;
import fluidframe.app.composing.RulingDocuments.StandingDocument;
import fluidframe.app.composing.RulingDocuments.StandingQuestion;
import fluidframe.app.events.Event;
import fluidframe.app.events.EventDocument.EntryDocument;
import fluidframe.app.events.EventDocument.RoundDocument;
import fluidframe.app.events.EventStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.routines.Scores;
import fluidframe.app.rules.ProfileStore;
import fluidframe.app.work.SearchTime;
import fluidframe.app.work.Work;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.Profile;
import fluidframe.core.standing.Rule;
import fluidframe.core.standing.Ruling;
import fluidframe.core.standing.RulingRepair;
import fluidframe.core.standing.RulingRepairs;
import fluidframe.core.standing.Standing;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Routines held against the rules of events, and what mends them. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "standings")
class RulingResource {

    private static final Duration LONGEST = Duration.ofSeconds(6);

    private final RoutineReader reader;
    private final RoutineStore routines;
    private final ProfileStore profiles;
    private final EventStore events;
    private final Repertoires repertoires;
    private final Scores scores;
    private final Work work;
    private final SearchTime searchTime;

    RulingResource(
            RoutineReader reader,
            RoutineStore routines,
            ProfileStore profiles,
            EventStore events,
            Repertoires repertoires,
            Scores scores,
            Work work,
            SearchTime searchTime) {
        this.reader = reader;
        this.routines = routines;
        this.profiles = profiles;
        this.events = events;
        this.repertoires = repertoires;
        this.scores = scores;
        this.work = work;
        this.searchTime = searchTime;
    }

    /** How a routine stands, against one division or side by side against all that dance its dance. */
    @PostMapping("/standings")
    List<StandingDocument> standings(@Valid @RequestBody StandingQuestion question) {
        return work.quickly(() -> {
            Score score = scores.of(reader.read(question.routine()));
            List<StandingDocument> standings = new ArrayList<>();
            for (Profile profile :
                    question.profile() == null ? profiles.profiles() : List.of(profile(question.profile()))) {
                List<Division> divisions = question.division() == null
                        ? profile.divisions().stream()
                                .filter(division ->
                                        division.of(score.routine().dance()).isPresent())
                                .toList()
                        : List.of(division(profile, question.division()));
                divisions.forEach(division -> standings.add(
                        StandingDocument.of(profile.id(), profile.title(), Standing.of(score, division))));
            }
            return standings;
        });
    }

    private Profile profile(String id) {
        return profiles.find(id)
                .orElseThrow(() -> RefusedException.of("/profile", id, ComposingSentences.theIdOfRules()));
    }

    private static Division division(Profile profile, String title) {
        return profile.division(title)
                .orElseThrow(
                        () -> RefusedException.of("/division", title, ComposingSentences.aDivisionOf(profile.title())));
    }

    /** How every routine entered for an event stands. */
    @GetMapping("/events/{id}/standings")
    List<EntryStandingDocument> standings(@PathVariable String id) {
        return work.patiently(() -> {
            Event event = events.read(events.get(id).document());
            List<EntryStandingDocument> standings = new ArrayList<>();
            for (RoundDocument round : event.document().rounds()) {
                for (EntryDocument entry : round.entries()) {
                    for (String routine : entry.routines() == null ? List.<String>of() : entry.routines()) {
                        standings.add(standing(
                                event,
                                round,
                                entry.couple(),
                                routines.get(routine).document()));
                    }
                }
            }
            return standings;
        });
    }

    private EntryStandingDocument standing(Event event, RoundDocument round, String couple, RoutineDocument routine) {
        try {
            Division division = event.profile().division(round.division()).orElseThrow();
            Standing standing = Standing.of(scores.of(reader.read(routine)), division);
            return new EntryStandingDocument(
                    round.id(),
                    couple,
                    routine.id(),
                    routine.title(),
                    StandingDocument.of(event.profile().id(), event.profile().title(), standing),
                    null);
        } catch (RefusedException e) {
            return new EntryStandingDocument(round.id(), couple, routine.id(), routine.title(), null, e.getMessage());
        }
    }

    @PostMapping("/ruling-repairs")
    List<RulingRepairDocument> repairs(@Valid @RequestBody RulingRepairQuestion question) {
        return work.patiently(() -> {
            Routine routine = reader.read(question.routine());
            Standing standing =
                    Standing.of(scores.of(routine), division(profile(question.profile()), question.division()));
            Ruling ruling = Arrays.stream(Rule.values())
                    .filter(rule -> rule.name().toLowerCase(Locale.ROOT).equals(question.rule()))
                    .findFirst()
                    .flatMap(standing::ruling)
                    .orElseThrow(() ->
                            RefusedException.of("/rule", question.rule(), ComposingSentences.aRuleOfTheDivision()));
            if (question.place() < 0
                    || question.place() >= Math.max(1, ruling.places().size())) {
                throw RefusedException.of(
                        "/place",
                        String.valueOf(question.place()),
                        ComposingSentences.aPlaceFrom0To((ruling.places().size() - 1)));
            }
            Repertoire repertoire = repertoires.of(routine.dance(), routine.conditions());
            return RulingRepairs.of(
                            standing,
                            ruling,
                            question.place(),
                            repertoire,
                            searchTime.startingNow(LONGEST)::getAsBoolean)
                    .stream()
                    .map(repair -> document(repair, question.routine(), routine))
                    .toList();
        });
    }

    private static RulingRepairDocument document(RulingRepair repair, RoutineDocument sent, Routine routine) {
        if (repair instanceof RulingRepair.OtherTempo tempo) {
            return new RulingRepairDocument(repair.sentence(), null, tempo.barsPerMinute());
        }
        return new RulingRepairDocument(
                repair.sentence(),
                new RoutineWriter(sent, routine).placements(((RulingRepair.Danced) repair).rewritten()),
                null);
    }
}
