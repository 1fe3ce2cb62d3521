package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where both dancers are after each row of a figure.
 *
 * @param start before the first row
 * @param man after each of the man's rows
 * @param lady after each of the lady's rows
 * @param strides what the fit made of each travelling row
 * @param meetings the moments at which they were fitted together
 */
public record CoupleStances(
        CoupleStance start, List<Stance> man, List<Stance> lady, List<FittedStride> strides, List<Meeting> meetings) {

    public CoupleStances {
        man = List.copyOf(man);
        lady = List.copyOf(lady);
        strides = List.copyOf(strides);
        meetings = List.copyOf(meetings);
    }

    /** The same stances turned about the origin, radians to the left. */
    public CoupleStances rotated(double radians) {
        return new CoupleStances(
                new CoupleStance(start.man().rotated(radians), start.lady().rotated(radians)),
                man.stream().map(stance -> stance.rotated(radians)).toList(),
                lady.stream().map(stance -> stance.rotated(radians)).toList(),
                strides,
                meetings);
    }

    /** These stances, and where they end others begun there, whose rows are counted on from these. */
    CoupleStances then(CoupleStances next) {
        return new CoupleStances(
                start,
                joined(man, next.man),
                joined(lady, next.lady),
                joined(
                        strides,
                        next.strides.stream()
                                .map(stride -> stride.later(of(stride.part()).size()))
                                .toList()),
                joined(
                        meetings,
                        next.meetings.stream()
                                .map(meeting -> meeting.later(man.size(), lady.size()))
                                .toList()));
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }

    public List<Stance> of(Part part) {
        return part == Part.MAN ? man : lady;
    }

    public CoupleStance end() {
        return new CoupleStance(last(man, start.man()), last(lady, start.lady()));
    }

    private static Stance last(List<Stance> stances, Stance otherwise) {
        return stances.isEmpty() ? otherwise : stances.get(stances.size() - 1);
    }
}
