package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Moment;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.FittedStride;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.geometry.Meeting;
import fluidframe.core.geometry.Stance;
import fluidframe.core.space.Point;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every limit of the body and the foot from both of its sides. Metres and degrees. */
class GeometryThresholdsTest {

    private static final Relation CLOSED = Relation.of(Position.CLOSED, Hold.CLOSED);

    /** In closed position, 0.25 to 0.5 m; a centimetre more or less is nothing, half as far again an error. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "nothing",
            value = {
                "0.239, WARNING",
                "0.241, nothing",
                "0.509, nothing",
                "0.511, WARNING",
                "0.749, WARNING",
                "0.751, ERROR"
            })
    void bodiesKeepTheBandOfTheirPosition(double apart, Severity severity) {
        assertThat(new BodiesKeepDistance().check(standing(apart, CLOSED, 0)))
                .extracting(Finding::severity)
                .isEqualTo(severity == null ? List.of() : List.of(severity));
    }

    /** Extended, arms reach a third beyond 0.5 m. */
    @ParameterizedTest
    @CsvSource({"0.67, true", "0.68, false"})
    void extendedCouplesReachAThirdFarther(double apart, boolean right) {
        assertThat(new BodiesKeepDistance()
                        .check(standing(apart, new Relation(Position.CLOSED, Hold.CLOSED, Proximity.EXTENDED), 0))
                        .isEmpty())
                .isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource({"0.079, false", "0.081, true"})
    void feetOfTwoDancersKeepAFootsWidth(double apart, boolean right) {
        Stance man = Stance.standing(Point.ORIGIN, 0);
        Stance lady = new Stance(
                new Point(2, 0),
                Math.PI,
                new Footprint(man.left().at().plus(new Point(apart, 0)), Math.PI),
                new Footprint(new Point(3, 3), Math.PI));
        Moment moment = new Moment(Beats.ZERO, OptionalInt.of(0), OptionalInt.of(0), 0, 0, CLOSED, Optional.empty());
        assertThat(new FeetKeepApart()
                        .check(
                                new CoupleStances(
                                        new CoupleStance(man, lady), List.of(man), List.of(lady), List.of(), List.of()),
                                moment)
                        .isEmpty())
                .isEqualTo(right);
    }

    /** With both hands 0.2 m, with one twice as much. */
    @ParameterizedTest
    @CsvSource({
        "CLOSED, 0.199, true",
        "CLOSED, 0.201, false",
        "LEFT_TO_RIGHT, 0.399, true",
        "LEFT_TO_RIGHT, 0.401, false",
        "DOUBLE, 0.201, false"
    })
    void aPlaceIsMissedByNoMore(Hold hold, double missed, boolean right) {
        assertThat(new PathsStayTogether()
                        .worst(standing(0.4, Relation.of(Position.CLOSED, hold), missed))
                        .isEmpty())
                .isEqualTo(right);
    }

    /**
     * A step of half a metre: too short under 0.4 of itself, too long over 1.8; but 0.3 m more or less is noticed first
     * where it is the smaller.
     */
    @ParameterizedTest
    @CsvSource({
        "0.61, 2, true",
        "0.39, 2, false",
        "1.79, 2, true",
        "1.81, 2, false",
        "1.81, 0.3, true",
        "2.1, 0.3, false",
        "0.1, 0.3, true"
    })
    void aStepIsStretchedByNoMore(double factor, double reach, boolean right) {
        assertThat(strained(new FittedStride(Part.MAN, 0, reach, factor, 0, 0))).isEqualTo(!right);
    }

    @ParameterizedTest
    @CsvSource({"39, true", "41, false", "-39, true", "-41, false"})
    void aStepGoesAsideByNoMore(double degrees, boolean right) {
        assertThat(strained(new FittedStride(Part.MAN, 0, 0.5, 1, Math.toRadians(degrees), 0)))
                .isEqualTo(!right);
    }

    @ParameterizedTest
    @CsvSource({"0.24, true", "0.26, false"})
    void aClosingFootLandsNoFartherBesideItsPlace(double shift, boolean right) {
        assertThat(strained(new FittedStride(Part.LADY, 0, 0, 1, 0, shift))).isEqualTo(!right);
    }

    @Test
    void underOneHandStepsGiveTwiceAsMuch() {
        FittedStride stride = new FittedStride(Part.MAN, 0, 0.5, 1, Math.toRadians(79), 0);
        CoupleStances loose = with(standing(0.4, Relation.of(Position.CLOSED, Hold.LEFT_TO_RIGHT), 0), stride);
        assertThat(new PathsStayTogether().worst(loose)).isEmpty();
        assertThat(new PathsStayTogether()
                        .worst(with(loose, new FittedStride(Part.MAN, 0, 0.5, 1, Math.toRadians(81), 0))))
                .isPresent();
    }

    private static boolean strained(FittedStride stride) {
        return new PathsStayTogether()
                .worst(with(standing(0.4, CLOSED, 0), stride))
                .isPresent();
    }

    private static CoupleStances with(CoupleStances couple, FittedStride stride) {
        return new CoupleStances(couple.start(), couple.man(), couple.lady(), List.of(stride), couple.meetings());
    }

    /** Both after one row, she so far before him. */
    private static CoupleStances standing(double apart, Relation wanted, double missed) {
        Stance man = Stance.standing(Point.ORIGIN, 0);
        Stance lady = Stance.standing(new Point(apart, 0), Math.PI);
        return new CoupleStances(
                new CoupleStance(man, lady),
                List.of(man),
                List.of(lady),
                List.of(),
                List.of(new Meeting(0, 0, wanted, true, missed)));
    }
}
