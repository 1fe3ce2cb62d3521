package fluidframe.core.audit;

import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** All rules, run over a figure. */
public final class Audit {

    private static final List<Rule> RULES = List.of(
            new ChartsAreDescribed(),
            new CountIsReadable(),
            new CountFillsBars(),
            new StartsOnAllowedBeat(),
            new PartsLastEquallyLong(),
            new SpokenCountAgrees(),
            new NamedTimingsFit(),
            new StepsTakeTime(),
            new FeetAlternate(),
            new TapIsNoStep(),
            new PartsStartOpposite(),
            new TurnNeedsFullWeight(),
            new SpinGoesTheOpenWay(),
            new RepeatEndsOnTheRightFoot(),
            new PartsAreWhole(),
            new CrossingStepsCross(),
            new TurnAccountAgrees(),
            new PartsTurnTogether(),
            new FacingSuitsPosition(),
            new StartAndFinishesAreLegal(),
            new TurnIsNotTooMuch(),
            new TurnIsShared(),
            new HeelLeadsForward(),
            new ToeLeadsBack(),
            new FootworkSuitsRise(),
            new LatinHasNoHeelLead(),
            new LockKeepsHeelOff(),
            new ShortStepKeepsHeelOff(),
            new TouchIsLight(),
            new HeelTurnUsesTheHeel(),
            new HeelLeadsLowered(),
            new RiseGoesInOrder(),
            new NoRiseHere(),
            new InsideBackStepStaysFlat(),
            new RiseIsWrittenInItsRow(),
            new SwaySuitsTravel(),
            new NoSwayHere(),
            new ContraryMovement(),
            new CrossedBodyWalks(),
            new SideLeadSuitsFoot(),
            new RelationsLeadOn(),
            new OutsideIsPrepared(),
            new RowsOfBothAgree(),
            new HoldSuitsPosition(),
            new BodiesKeepDistance(),
            new FeetKeepApart(),
            new PathsStayTogether(),
            new BodiesTakeTime(),
            new ArmsReach(),
            new HipsStayInTheirRow(),
            new SchoolsMatch(),
            new CautionsAreShown());

    /** Without these a figure has no length, and nothing can be computed from it. */
    private static final List<Rule> FOUNDATIONS =
            List.of(new CountIsReadable(), new CountFillsBars(), new PartsLastEquallyLong());

    private Audit() {}

    public static List<Rule> rules() {
        return RULES;
    }

    /**
     * @return every finding, worst first, muted last, then in the order of the chart; their fixes have been tried and
     *     do mend
     */
    public static List<Finding> of(Figure figure) {
        List<Finding> found = findings(figure);
        if (found.stream().allMatch(finding -> finding.fixes().isEmpty() || finding.isMuted())) {
            return found;
        }
        FigureDraft draft = DraftWriter.write(figure);
        return found.stream()
                .map(finding -> finding.withFixes(finding.fixes().stream()
                        .filter(fix -> mends(figure.dance(), draft, found, finding, fix))
                        .toList()))
                .toList();
    }

    /** The findings that leave a figure without a length; a figure with any of them cannot be kept in a book. */
    public static List<Finding> foundations(Figure figure) {
        return findings(figure, FOUNDATIONS);
    }

    private static List<Finding> findings(Figure figure) {
        return findings(figure, RULES);
    }

    private static List<Finding> findings(Figure figure, List<Rule> rules) {
        Subject subject = new Subject(figure);
        List<Finding> found = new ArrayList<>();
        for (Rule rule : rules) {
            Stopping.check();
            rule.check(subject).stream()
                    .filter(finding -> !subject.saysNothingAt(finding.place()))
                    .forEach(finding -> found.add(finding.mutedBy(figure.mutes())));
        }
        if (rules == RULES
                && FOUNDATIONS.stream().allMatch(rule -> rule.check(subject).isEmpty())) {
            found.addAll(WaysAudit.of(figure, RULES, found));
        }
        found.sort(Comparator.comparing(Finding::isMuted)
                .thenComparing(Finding::severity)
                .thenComparing(
                        finding -> finding.place().part().map(Enum::ordinal).orElse(-1))
                .thenComparing(finding -> finding.place().step().orElse(-1)));
        return found;
    }

    private static boolean mends(Dance dance, FigureDraft draft, List<Finding> before, Finding finding, Fix fix) {
        DraftReading reading = DraftReader.read(apply(draft, fix), List.of(dance));
        if (!reading.isComplete()) {
            return false;
        }
        List<Finding> after = findings(reading.figure().orElseThrow());
        boolean gone = after.stream()
                .noneMatch(left -> left.rule().equals(finding.rule())
                        && left.place().equals(finding.place())
                        && left.reckoned().equals(finding.reckoned()));
        return gone
                && (finding.severity() == Severity.ERROR
                        ? errors(after) < errors(before)
                        : errors(after) == errors(before));
    }

    private static long errors(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding.severity() == Severity.ERROR && !finding.isMuted())
                .count();
    }

    /** The draft with a fix applied. */
    public static FigureDraft apply(FigureDraft draft, Fix fix) {
        Place place = fix.place();
        if (place.column().isPresent()) {
            Column column = place.column().get();
            return draft.withCell(place.part().orElseThrow(), place.step().orElseThrow(), column, fix.text());
        }
        return switch (place.field()) {
            case "bars" -> draft.withBars(fix.text());
            case "repeat/times" -> draft.withTimes(fix.text());
            case "cautions" ->
                draft.withCautions(Stream.concat(draft.cautions().stream(), Stream.of(fix.text()))
                        .toList());
            default -> throw new IllegalArgumentException(AuditSentences.noFixChanges(place.wording()));
        };
    }
}
