package fluidframe.app.rules;

import fluidframe.app.problems.Faults;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.rules.ProfileDocument.DanceRuleDocument;
import fluidframe.app.rules.ProfileDocument.DivisionDocument;
import fluidframe.app.rules.ProfileDocument.HoldRuleDocument;
import fluidframe.app.rules.ProfileDocument.LimitsDocument;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import fluidframe.core.link.ElementKind;
import fluidframe.core.rules.DanceRule;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.FigureRule;
import fluidframe.core.rules.HoldRule;
import fluidframe.core.rules.LengthRule;
import fluidframe.core.rules.Limits;
import fluidframe.core.rules.PartsRule;
import fluidframe.core.rules.Profile;
import fluidframe.core.step.Action;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Reads the rules of an organiser in the open format, and says of everything that cannot be where it stands and what
 * was expected.
 */
public final class ProfileReading {

    private final ProfileDocument document;
    private final Faults faults;

    private ProfileReading(ProfileDocument document, String root) {
        this.document = document;
        this.faults = new Faults(root);
    }

    /**
     * @param root JSON pointer to the document in what was sent
     * @throws RefusedException naming everything that is wrong
     */
    public static Profile read(ProfileDocument document, String root) {
        ProfileReading reading = new ProfileReading(document, root);
        Optional<Profile> profile = reading.profile();
        reading.faults.refuse();
        return profile.orElseThrow();
    }

    private Optional<Profile> profile() {
        faults.checkId("/id", document.id());
        faults.checkTitle("/title", document.title());
        List<Division> divisions = new ArrayList<>();
        for (int i = 0; i < document.divisions().size(); i++) {
            division("/divisions/" + i, document.divisions().get(i)).ifPresent(divisions::add);
        }
        return faults.isEmpty()
                ? faults.tried(
                        "/divisions",
                        divisions.size() + " divisions",
                        RulesSentences.atLeastOneEachWithA(),
                        () -> new Profile(document.id(), document.title().strip(), text(document.note()), divisions))
                : Optional.empty();
    }

    private Optional<Division> division(String place, DivisionDocument division) {
        faults.checkTitle(place + "/title", division.title());
        List<DanceRule> dances = new ArrayList<>();
        for (int i = 0; i < division.dances().size(); i++) {
            dance(place + "/dances/" + i, division.dances().get(i)).ifPresent(dances::add);
        }
        LengthRule length = new LengthRule(
                limits(place + "/seconds", division.seconds()),
                limits(place + "/bars", division.bars()),
                seconds(place + "/entry", division.entry()),
                seconds(place + "/exit", division.exit()));
        Level level = division.level() == null
                ? Level.OPEN
                : faults.term(place + "/level", division.level(), Level.LEXICON).orElse(Level.OPEN);
        PartsRule parts = division.parts() == null
                ? PartsRule.ANY
                : faults.term(place + "/parts", division.parts(), PartsRule.LEXICON)
                        .orElse(PartsRule.ANY);
        FigureRule figures = new FigureRule(
                level,
                ids(division.allowed()),
                ids(division.barred()),
                terms(place + "/elements", division.elements(), ElementKind.LEXICON),
                terms(place + "/actions", division.actions(), Action.LEXICON),
                parts,
                division.syllabus(),
                division.lifts());
        HoldRule hold = hold(place + "/hold", division.hold());
        return faults.isEmpty()
                ? faults.tried(
                        place,
                        division.title(),
                        RulesSentences.dancesEachOnceAnd1To(Division.MOST_COUPLES),
                        () -> new Division(
                                division.title().strip(),
                                dances,
                                length,
                                figures,
                                hold,
                                division.couples(),
                                text(division.dress()),
                                text(division.music())))
                : Optional.empty();
    }

    private Optional<DanceRule> dance(String place, DanceRuleDocument rule) {
        Optional<Dance> dance = Dances.find(rule.dance());
        if (dance.isEmpty()) {
            faults.add(place + "/dance", rule.dance(), RulesSentences.theIdOfADance());
        }
        Limits tempo = limits(place + "/tempo", rule.tempo());
        return dance.map(each -> new DanceRule(each, tempo));
    }

    private Limits limits(String place, LimitsDocument limits) {
        return limits == null
                ? Limits.NONE
                : faults.tried(
                                place,
                                limits.least() + " to " + limits.most(),
                                RulesSentences.theLeastBeforeTheMost(),
                                () -> new Limits(
                                        Optional.ofNullable(limits.least()), Optional.ofNullable(limits.most())))
                        .orElse(Limits.NONE);
    }

    private Optional<Double> seconds(String place, Double seconds) {
        if (seconds != null && !(seconds >= 0)) {
            faults.add(place, String.valueOf(seconds), "seconds");
        }
        return Optional.ofNullable(seconds);
    }

    private HoldRule hold(String place, HoldRuleDocument rule) {
        if (rule == null || rule.kind().equals("free")) {
            return new HoldRule.Free();
        }
        if (rule.kind().equals("kept")) {
            return new HoldRule.Kept();
        }
        if (!rule.kind().equals("apart")) {
            faults.add(place + "/kind", rule.kind(), RulesSentences.freeKeptOrApart());
        }
        if (rule.atOnce() == null && rule.inAll() == null) {
            faults.add(place, "", RulesSentences.theMostSecondsAtOnceOr());
        }
        return new HoldRule.Apart(seconds(place + "/atOnce", rule.atOnce()), seconds(place + "/inAll", rule.inAll()));
    }

    private <T extends Term> Set<T> terms(String place, List<String> words, Lexicon<T> lexicon) {
        Set<T> terms = new HashSet<>();
        for (int i = 0; words != null && i < words.size(); i++) {
            faults.term(place + "/" + i, words.get(i), lexicon).ifPresent(terms::add);
        }
        return terms;
    }

    private static Set<String> ids(List<String> ids) {
        return ids == null ? Set.of() : Set.copyOf(ids);
    }

    private static String text(String text) {
        return text == null ? "" : text.strip();
    }
}
