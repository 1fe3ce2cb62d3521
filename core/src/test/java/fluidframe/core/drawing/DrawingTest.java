package fluidframe.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import java.io.StringReader;
import java.util.List;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

class DrawingTest {

    @Test
    void aFloorPlanMeasuresTheFloor() throws Exception {
        Floor floor = new Floor(20, 12, new Point(2.5, 2.2), List.of(new Obstacle("table <1>", 10, 5, 2, 1)));
        Routine routine = new Routine(
                        "tried",
                        "Tried & true",
                        Dances.find("waltz").orElseThrow(),
                        new Tempo(29),
                        Conditions.OPEN,
                        List.of(Placement.of(Dancing.of(SmallBook.turning("turning"), Way.AS_CHARTED))))
                .on(floor);
        Document drawing = read(FloorPlan.of(Score.of(routine)));
        assertThat(drawing.getDocumentElement().getAttribute("width")).isEqualTo("420.00mm");
        assertThat(elements(drawing, "rect"))
                .anySatisfy(rect -> {
                    assertThat(rect.getAttribute("width")).isEqualTo("400.00");
                    assertThat(rect.getAttribute("height")).isEqualTo("240.00");
                })
                .anySatisfy(rect -> assertThat(rect.getAttribute("width")).isEqualTo("40.00"));
        assertThat(elements(drawing, "text"))
                .extracting(Element::getTextContent)
                .contains("table <1>", "1", "1 m")
                .anyMatch(text -> text.equals("Tried & true · floor of 20 × 12 m · 1 : 50"));
    }

    @Test
    void charactersThatNoDrawingCanHoldAreShownAsSuch() throws Exception {
        Routine routine = new Routine(
                "tried",
                "Tried\u0001\uD800 \uD83D\uDE00",
                Dances.find("waltz").orElseThrow(),
                new Tempo(29),
                Conditions.OPEN,
                List.of());
        assertThat(elements(read(FloorPlan.of(Score.of(routine))), "title"))
                .extracting(Element::getTextContent)
                .containsExactly("Tried\uFFFD\uFFFD \uD83D\uDE00");
    }

    @Test
    void aStepDrawingHasEveryPrintAtItsSize() throws Exception {
        Document drawing = read(StepDrawing.of(SmallBook.turning("turning")));
        List<Element> his = elements(drawing, "path").stream()
                .filter(path -> path.getAttribute("fill").equals("#1f6b5c"))
                .toList();
        assertThat(his).hasSize(2 + 6);
        Element print = (Element) his.get(0).getParentNode();
        double millimetres =
                Double.parseDouble(print.getAttribute("transform").replaceAll(".*scale\\(([\\d.]+) .*", "$1"));
        assertThat(millimetres).isCloseTo(100, within(0.001));
        assertThat(elements(drawing, "text"))
                .extracting(Element::getTextContent)
                .contains("1", "6");
    }

    private static Document read(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    private static List<Element> elements(Document drawing, String name) {
        NodeList found = drawing.getElementsByTagName(name);
        return IntStream.range(0, found.getLength())
                .mapToObj(i -> (Element) found.item(i))
                .toList();
    }
}
