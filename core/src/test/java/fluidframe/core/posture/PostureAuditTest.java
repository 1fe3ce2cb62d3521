package fluidframe.core.posture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dances;
import fluidframe.core.geometry.Dancers;
import java.util.List;
import org.junit.jupiter.api.Test;

class PostureAuditTest {

    private static final Posture TALL = new Posture(
            FeetStance.TOGETHER,
            Knees.SOFT,
            Hips.LEVEL,
            Ribs.LIFTED,
            Shoulders.DOWN,
            HeadTurn.STRAIGHT,
            WeightPlace.BALLS,
            0,
            "");

    private static PostureSheet sheet(
            Position position, Hold hold, Proximity proximity, int distance, HandHeight hands, String touch) {
        return new PostureSheet(
                "sheet",
                "Sheet",
                List.of(Dances.find("waltz").orElseThrow()),
                new Relation(position, hold, proximity),
                TALL,
                TALL,
                new Frame(distance, 8, hands, 20, 12, touch, Tracks.BETWEEN),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    private static List<String> places(PostureSheet sheet, Dancers dancers) {
        return PostureAudit.of(sheet, dancers).stream()
                .map(PostureFinding::place)
                .toList();
    }

    @Test
    void whatStandsWellHasNoFinding() {
        assertThat(places(
                        sheet(Position.CLOSED, Hold.CLOSED, Proximity.CONTACT, 31, HandHeight.EYE, "right hips"),
                        Dancers.USUAL))
                .isEmpty();
    }

    @Test
    void aHoldThatThePositionMakesImpossibleIsFound() {
        assertThat(places(sheet(Position.FAN, Hold.CLOSED, Proximity.CLOSE, 110, HandHeight.CHEST, ""), Dancers.USUAL))
                .contains("/hold", "/frame/distance");
        assertThat(places(
                        sheet(Position.CLOSED, Hold.LEFT_TO_RIGHT, Proximity.CLOSE, 40, HandHeight.CHEST, ""),
                        Dancers.USUAL))
                .containsExactly("/hold");
    }

    @Test
    void theDistanceKeepsToTheBandOfThePosition() {
        assertThat(places(
                        sheet(Position.OPEN_FACING, Hold.LEFT_TO_RIGHT, Proximity.EXTENDED, 86, HandHeight.CHEST, ""),
                        Dancers.USUAL))
                .isEmpty();
        assertThat(places(
                        sheet(Position.OPEN_FACING, Hold.LEFT_TO_RIGHT, Proximity.EXTENDED, 59, HandHeight.CHEST, ""),
                        Dancers.USUAL))
                .containsExactly("/frame/distance");
        assertThat(PostureAudit.of(
                        sheet(Position.OPEN_FACING, Hold.LEFT_TO_RIGHT, Proximity.EXTENDED, 174, HandHeight.CHEST, ""),
                        Dancers.USUAL))
                .extracting(PostureFinding::sentence)
                .anyMatch(sentence -> sentence.startsWith("They stand 174 cm apart"))
                .anyMatch(sentence -> sentence.startsWith("The arms of his left and her right hand would have to be"));
    }

    @Test
    void contactIsNearEnoughToTouch() {
        assertThat(places(
                        sheet(Position.CLOSED, Hold.CLOSED, Proximity.CONTACT, 36, HandHeight.EYE, "hips"),
                        Dancers.USUAL))
                .isEmpty();
        assertThat(places(
                        sheet(Position.CLOSED, Hold.CLOSED, Proximity.CONTACT, 37, HandHeight.EYE, "hips"),
                        Dancers.USUAL))
                .containsExactly("/frame/distance");
        assertThat(places(
                        sheet(Position.CLOSED, Hold.CLOSED, Proximity.CLOSE, 31, HandHeight.EYE, "hips"),
                        Dancers.USUAL))
                .containsExactly("/frame/touch");
    }

    @Test
    void twoHeightsAlterIt() {
        PostureSheet sheet = sheet(Position.CLOSED, Hold.CLOSED, Proximity.CONTACT, 31, HandHeight.EYE, "hips");
        PostureDrawing alike = PostureDrawing.of(sheet, Dancers.USUAL);
        PostureDrawing unlike = PostureDrawing.of(sheet, new Dancers(1.9, 1.6));
        assertThat(alike.handsHigh()).isCloseTo(1.75 * 0.936, within(1e-9));
        assertThat(unlike.handsHigh()).isCloseTo(1.6 * 0.936, within(1e-9));
        assertThat(unlike.man().head().z()).isGreaterThan(unlike.lady().head().z() + 0.2);
        assertThat(unlike.lady().rightArm().get(2).z()).isCloseTo(unlike.handsHigh(), within(0.01));
    }

    @Test
    void bonesKeepTheirLengthWhereverTheHandsAre() {
        for (Hold hold : List.of(
                Hold.CLOSED,
                Hold.DOUBLE,
                Hold.LEFT_TO_RIGHT,
                Hold.RIGHT_TO_LEFT,
                Hold.RIGHT_TO_RIGHT,
                Hold.LEFT_TO_LEFT,
                Hold.CROSSED,
                Hold.NONE)) {
            for (HandHeight hands : HandHeight.values()) {
                PostureDrawing drawing = PostureDrawing.of(
                        sheet(Position.CLOSED_FACING, hold, Proximity.CLOSE, 42, hands, ""), new Dancers(1.85, 1.65));
                for (Part part : Part.values()) {
                    double height = part == Part.MAN ? 1.85 : 1.65;
                    for (List<Joint> arm :
                            List.of(drawing.of(part).leftArm(), drawing.of(part).rightArm())) {
                        assertThat(arm.get(1).minus(arm.get(0)).length())
                                .as(hold + " " + hands)
                                .isCloseTo(0.186 * height, within(0.005));
                        assertThat(arm.get(2).minus(arm.get(1)).length())
                                .as(hold + " " + hands)
                                .isCloseTo(0.21 * height, within(0.005));
                    }
                }
            }
        }
    }

    @Test
    void joinedHandsMeet() {
        PostureDrawing drawing = PostureDrawing.of(
                sheet(Position.CLOSED_FACING, Hold.LEFT_TO_RIGHT, Proximity.CLOSE, 50, HandHeight.CHIN, ""),
                Dancers.USUAL);
        assertThat(drawing.man()
                        .leftArm()
                        .get(2)
                        .minus(drawing.lady().rightArm().get(2))
                        .length())
                .isLessThan(0.02);
        assertThat(drawing.missing()).isEmpty();
        assertThat(drawing.offset()).isCloseTo(0.08, within(1e-9));
    }

    @Test
    void whoeverLeansBackwardStaysOverTheFeetAndLooksAway() {
        Posture leaning = new Posture(
                FeetStance.TOGETHER,
                Knees.SOFT,
                Hips.FORWARD,
                Ribs.SHAPED,
                Shoulders.WIDE,
                HeadTurn.OVER_LEFT,
                WeightPlace.BALLS,
                -12,
                "");
        PostureSheet plain = sheet(Position.CLOSED, Hold.CLOSED, Proximity.CONTACT, 31, HandHeight.EYE, "hips");
        Body lady = PostureDrawing.of(
                        new PostureSheet(
                                plain.id(),
                                plain.title(),
                                plain.dances(),
                                plain.relation(),
                                TALL,
                                leaning,
                                plain.frame(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of()),
                        Dancers.USUAL)
                .lady();
        Body upright = PostureDrawing.of(plain, Dancers.USUAL).lady();
        assertThat(lady.head().x())
                .as("farther from him")
                .isGreaterThan(upright.head().x() + 0.1);
        assertThat(lady.leftLeg().get(2)).isEqualTo(upright.leftLeg().get(2));
        assertThat(lady.nose().y())
                .as("to her left, which is his right")
                .isLessThan(lady.head().y());
    }

    @Test
    void whatNobodyCanDoIsNoPosture() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Posture(
                        FeetStance.TOGETHER,
                        Knees.SOFT,
                        Hips.LEVEL,
                        Ribs.LIFTED,
                        Shoulders.DOWN,
                        HeadTurn.STRAIGHT,
                        WeightPlace.BALLS,
                        -31,
                        ""));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Posture(
                        FeetStance.TOGETHER,
                        Knees.SOFT,
                        Hips.LEVEL,
                        Ribs.LIFTED,
                        Shoulders.DOWN,
                        HeadTurn.STRAIGHT,
                        WeightPlace.BALLS,
                        21,
                        ""));
        assertThatIllegalArgumentException().isThrownBy(() -> new Frame(301, 0, HandHeight.EYE, 0, 0, "", Tracks.OWN));
        assertThatIllegalArgumentException().isThrownBy(() -> new Frame(30, 81, HandHeight.EYE, 0, 0, "", Tracks.OWN));
        assertThatIllegalArgumentException().isThrownBy(() -> new Frame(30, 0, HandHeight.EYE, 81, 0, "", Tracks.OWN));
        assertThatIllegalArgumentException().isThrownBy(() -> new Frame(30, 0, HandHeight.EYE, 0, 91, "", Tracks.OWN));
    }

    @Test
    void theHeelsAndStraightKneesInContactAreWarnedOf() {
        Posture back = new Posture(
                FeetStance.TOGETHER,
                Knees.STRAIGHT,
                Hips.LEVEL,
                Ribs.LIFTED,
                Shoulders.DOWN,
                HeadTurn.STRAIGHT,
                WeightPlace.HEELS,
                0,
                "");
        PostureSheet plain = sheet(Position.CLOSED, Hold.CLOSED, Proximity.CONTACT, 31, HandHeight.EYE, "hips");
        assertThat(places(
                        new PostureSheet(
                                plain.id(),
                                plain.title(),
                                plain.dances(),
                                plain.relation(),
                                back,
                                TALL,
                                plain.frame(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of()),
                        Dancers.USUAL))
                .contains("/man/weight", "/man/knees")
                .doesNotContain("/lady/weight");
    }
}
