package fluidframe.core.approved;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.geometry.FittedStride;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.geometry.Meeting;
import fluidframe.core.geometry.Stance;
import fluidframe.core.geometry.StepLengths;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import fluidframe.core.time.Timing;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Where bodies and feet come to in right figures, to the millimetre and the tenth of a degree. */
class GeometryAnswersTest {

    static Stream<String> figures() {
        return Danced.all().keySet().stream().sorted();
    }

    @ParameterizedTest
    @MethodSource("figures")
    void walked(String name) throws IOException {
        Figure figure = Charts.read(Danced.figure(name));
        Timing man = figure.man().timing(figure.dance().rhythm(), figure.length());
        Timing lady = figure.lady().timing(figure.dance().rhythm(), figure.length());
        List<String> lines = new ArrayList<>();
        add(lines, "fitted", CoupleFit.solve(figure, man, lady));
        add(lines, "each alone", CoupleFit.nominal(figure, man, lady));
        StepLengths tall = StepLengths.of(
                figure.dance(), new Tempo(figure.dance().slowest().barsPerMinute() + 2), new Dancers(1.9, 1.6));
        add(
                lines,
                "tall and short, turned",
                CoupleFit.solve(figure, man, lady, CoupleStance.standing(figure.start(), new Point(3, 2), 1), 1, tall));
        Approved.assertApproved("geometry/" + name.replace(' ', '-'), lines);
    }

    private static void add(List<String> lines, String title, CoupleStances stances) {
        lines.add(title);
        lines.add("  start: " + shown(stances.start().man()) + "; "
                + shown(stances.start().lady()));
        for (Part part : Part.values()) {
            for (Stance stance : stances.of(part)) {
                lines.add("  " + part + ": " + shown(stance));
            }
        }
        for (FittedStride stride : stances.strides()) {
            lines.add(String.format(
                    Locale.ROOT,
                    "  stride of the %s %d: %.3f m × %.3f, %.1f° off, %.3f m beside",
                    stride.part(),
                    stride.row() + 1,
                    rounded(stride.reach()),
                    rounded(stride.factor()),
                    degrees(stride.deviation()),
                    rounded(stride.shift())));
        }
        for (Meeting meeting : stances.meetings()) {
            lines.add(String.format(
                    Locale.ROOT,
                    "  meet after %d and %d, %s%s, missed by %.3f m",
                    meeting.manRow() + 1,
                    meeting.ladyRow() + 1,
                    meeting.wanted(),
                    meeting.together() ? ", together" : "",
                    rounded(meeting.missed())));
        }
    }

    private static String shown(Stance stance) {
        return shown(stance.body()) + String.format(Locale.ROOT, " %.1f°", degrees(stance.angle())) + ", left "
                + shown(stance.left()) + ", right " + shown(stance.right());
    }

    private static String shown(Footprint print) {
        return shown(print.at()) + String.format(Locale.ROOT, " %.1f°", degrees(print.angle()));
    }

    private static String shown(Point point) {
        return String.format(Locale.ROOT, "(%.3f %.3f)", rounded(point.x()), rounded(point.y()));
    }

    /** Nothing is less than nothing. */
    private static double rounded(double metres) {
        return Math.round(metres * 1000) / 1000.0 + 0.0;
    }

    private static double degrees(double radians) {
        return Math.round(Math.toDegrees(radians) * 10) / 10.0 + 0.0;
    }
}
