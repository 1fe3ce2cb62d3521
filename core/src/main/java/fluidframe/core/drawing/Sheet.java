package fluidframe.core.drawing;

import fluidframe.core.couple.Part;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.space.Point;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * A drawing of part of the floor at a scale. One metre is so many millimetres of paper; x goes to the right and y up,
 * as on the floor. What is printed at its own size can be measured with a ruler.
 */
final class Sheet {

    static final String INK = "#23201c";
    static final String SOFT = "#5e564b";
    static final String LINE = "#d9c7a9";
    static final String GROUND = "#fbf7ef";
    private static final Pattern NOT_IN_XML =
            Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");
    private static final String SPRUCE = "#1f6b5c";
    private static final String MADDER = "#b4452f";
    private static final double MILLIMETRES = 1000;
    private static final double TEXT = 3.2;
    private static final double FOOTER = 14;
    /** His print, heel to toe along x with the inside of a left foot at the right, metres. */
    private static final String HIS =
            "M-0.135 -0.025 Q-0.135 -0.045 -0.11 -0.045 L0.02 -0.05 L0.1 -0.058 Q0.135 -0.055 0.135 -0.01 Q0.135 0.04 0.09 0.045 L-0.1 0.036 Q-0.135 0.034 -0.135 0.005 Z";

    private static final String HERS =
            "M-0.03 -0.03 Q0.04 -0.055 0.1 -0.04 Q0.135 -0.025 0.12 0 Q0.09 0.04 0.03 0.04 Q-0.01 0.038 -0.03 0.02 Z";

    private final StringWriter text = new StringWriter();
    private final XMLStreamWriter xml;
    private final Point corner;
    private final double width;
    private final double height;
    private final int scale;

    /**
     * @param corner lowest x and y shown, metres
     * @param across metres shown along x
     * @param up metres shown along y
     * @param scale how many times smaller than the floor
     */
    Sheet(String title, Point corner, double across, double up, int scale) {
        this.corner = corner;
        this.scale = scale;
        this.width = across * MILLIMETRES / scale;
        this.height = up * MILLIMETRES / scale;
        try {
            this.xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("svg");
            xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
            attributes(
                    "width",
                    number(width) + "mm",
                    "height",
                    number(height + FOOTER) + "mm",
                    "viewBox",
                    "0 0 " + number(width) + " " + number(height + FOOTER),
                    "font-family",
                    "sans-serif");
            xml.writeStartElement("title");
            xml.writeCharacters(legible(title));
            xml.writeEndElement();
            element("rect", "width", number(width), "height", number(height + FOOTER), "fill", GROUND);
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
    }

    /** Characters that XML does not have, which older titles may still hold, are shown as such. */
    private static String legible(String words) {
        return NOT_IN_XML.matcher(words).replaceAll("\uFFFD");
    }

    private double x(Point at) {
        return (at.x() - corner.x()) * MILLIMETRES / scale;
    }

    private double y(Point at) {
        return height - (at.y() - corner.y()) * MILLIMETRES / scale;
    }

    void rectangle(Point from, double across, double up, String fill, String stroke, double line) {
        element(
                "rect",
                "x",
                number(x(from)),
                "y",
                number(y(from.plus(new Point(0, up)))),
                "width",
                number(across * MILLIMETRES / scale),
                "height",
                number(up * MILLIMETRES / scale),
                "fill",
                fill,
                "stroke",
                stroke,
                "stroke-width",
                number(line));
    }

    void line(List<Point> points, String stroke, double line, boolean dashed) {
        StringBuilder path = new StringBuilder();
        for (Point point : points) {
            path.append(path.isEmpty() ? "M" : "L")
                    .append(number(x(point)))
                    .append(' ')
                    .append(number(y(point)));
        }
        element(
                "path",
                "d",
                path.toString(),
                "fill",
                "none",
                "stroke",
                stroke,
                "stroke-width",
                number(line),
                "stroke-linecap",
                "round",
                "stroke-linejoin",
                "round",
                "stroke-dasharray",
                dashed ? "1.6 1.2" : "none");
    }

    void circle(Point centre, double metres, String fill, String stroke, double line) {
        element(
                "circle",
                "cx",
                number(x(centre)),
                "cy",
                number(y(centre)),
                "r",
                number(metres * MILLIMETRES / scale),
                "fill",
                fill,
                "stroke",
                stroke,
                "stroke-width",
                number(line));
    }

    void label(Point at, double aside, double below, String words, String colour) {
        write(x(at) + aside, y(at) + below, words, colour, TEXT, "start");
    }

    /** A foot as large as it is, his solid, hers an outline with the heel apart. */
    void print(Part part, boolean left, Footprint foot, String number) {
        try {
            xml.writeStartElement("g");
            double factor = MILLIMETRES / scale;
            attributes(
                    "transform",
                    String.format(
                            Locale.ROOT,
                            "translate(%.2f %.2f) rotate(%.2f) scale(%.4f %.4f)",
                            x(foot.at()),
                            y(foot.at()),
                            -Math.toDegrees(foot.angle()),
                            factor,
                            left ? -factor : factor));
            if (part == Part.MAN) {
                element("path", "d", HIS, "fill", SPRUCE);
            } else {
                element("path", "d", HERS, "fill", GROUND, "stroke", MADDER, "stroke-width", "0.012");
                element(
                        "circle",
                        "cx",
                        "-0.105",
                        "cy",
                        "0",
                        "r",
                        "0.022",
                        "fill",
                        GROUND,
                        "stroke",
                        MADDER,
                        "stroke-width",
                        "0.012");
            }
            xml.writeEndElement();
            write(x(foot.at()), y(foot.at()) + TEXT / 3, number, part == Part.MAN ? GROUND : MADDER, TEXT, "middle");
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
    }

    /** The title, the scale, and a bar of one metre. */
    String finished(String title) {
        double base = height + FOOTER - 4;
        double metre = MILLIMETRES / scale;
        write(4, base, title + " · 1 : " + scale, INK, TEXT, "start");
        element(
                "path",
                "d",
                "M" + number(width - 4 - metre) + " " + number(base) + "h" + number(metre) + "m" + number(-metre)
                        + " -2v4m" + number(metre) + " -4v4",
                "fill",
                "none",
                "stroke",
                INK,
                "stroke-width",
                "0.4");
        write(width - 4 - metre / 2, base - 2, "1 m", INK, TEXT, "middle");
        try {
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
        return text.toString();
    }

    private void write(double x, double y, String words, String colour, double size, String anchor) {
        try {
            xml.writeStartElement("text");
            attributes(
                    "x", number(x), "y", number(y), "font-size", number(size), "fill", colour, "text-anchor", anchor);
            xml.writeCharacters(legible(words));
            xml.writeEndElement();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
    }

    private void element(String name, String... attributes) {
        try {
            xml.writeEmptyElement(name);
            attributes(attributes);
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
    }

    private void attributes(String... attributes) throws XMLStreamException {
        for (int i = 0; i < attributes.length; i += 2) {
            xml.writeAttribute(attributes[i], attributes[i + 1]);
        }
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
