package fluidframe.core.drawing;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.Stance;
import fluidframe.core.space.Point;
import java.util.List;
import java.util.stream.Stream;

/**
 * The way both bodies take through a figure, in metres, the line of dance to the right and the centre of the room
 * above: where they stand before it and after each of their rows.
 */
public record FigurePath(List<Point> man, List<Point> lady) {

    public FigurePath {
        man = List.copyOf(man);
        lady = List.copyOf(lady);
    }

    /** @throws fluidframe.core.time.CountException if a count cannot be laid on the figure's length */
    public static FigurePath of(Figure figure) {
        CoupleStances stances = CoupleFit.solve(figure, figure.timing(Part.MAN), figure.timing(Part.LADY));
        return new FigurePath(bodies(stances, Part.MAN), bodies(stances, Part.LADY));
    }

    private static List<Point> bodies(CoupleStances stances, Part part) {
        return Stream.concat(Stream.of(stances.start().of(part)), stances.of(part).stream())
                .map(Stance::body)
                .toList();
    }
}
