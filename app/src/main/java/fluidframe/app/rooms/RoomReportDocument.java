package fluidframe.app.rooms;

import fluidframe.core.couple.Part;
import fluidframe.core.room.Circle;
import fluidframe.core.room.Collision;
import fluidframe.core.room.CornerProposal;
import fluidframe.core.room.RoomReport;
import fluidframe.core.room.SideUse;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/** A routine held against a room, in metres; what it needs is how long and wide a floor must be at least. */
@Schema(name = "RoomReport")
record RoomReportDocument(
        List<CollisionDocument> collisions,
        List<SideUseDocument> sides,
        double distance,
        double neededLength,
        double neededWidth,
        List<CircleDocument> circles,
        List<CornerProposalDocument> corners) {

    private static final double PRECISION = 100;

    /** Where the couple would hit something, and by how much. */
    @Schema(name = "Collision")
    record CollisionDocument(int placement, double beat, int bar, String what, boolean wall, double metres) {

        static CollisionDocument of(Collision collision) {
            return new CollisionDocument(
                    collision.placement(),
                    collision.beat(),
                    collision.bar(),
                    collision.what(),
                    collision.wall(),
                    rounded(collision.metres()));
        }
    }

    /** What is used of a side, what there is of it, and what is left before its corner. */
    @Schema(name = "SideUse")
    record SideUseDocument(int side, double used, double there, double ahead) {

        static SideUseDocument of(SideUse side) {
            return new SideUseDocument(side.side(), rounded(side.used()), rounded(side.there()), rounded(side.ahead()));
        }
    }

    /** A figure that goes round a centre: both radii, and who is inside, if one is. */
    @Schema(name = "Circle")
    record CircleDocument(int placement, double x, double y, double man, double lady, String inside) {

        static CircleDocument of(Circle circle) {
            return new CircleDocument(
                    circle.placement(),
                    rounded(circle.centre().x()),
                    rounded(circle.centre().y()),
                    rounded(circle.man()),
                    rounded(circle.lady()),
                    circle.inside().map(Part::key).orElse(null));
        }
    }

    /**
     * Where a corner could be turned: after which passage, with how many metres left, and how the next would be met.
     */
    @Schema(name = "CornerProposal")
    record CornerProposalDocument(int after, int side, double ahead, String outcome) {

        static CornerProposalDocument of(CornerProposal proposal) {
            return new CornerProposalDocument(
                    proposal.after(),
                    proposal.side(),
                    rounded(proposal.ahead()),
                    proposal.verdict().outcome().name().toLowerCase(Locale.ROOT));
        }
    }

    static RoomReportDocument of(RoomReport report) {
        return new RoomReportDocument(
                report.collisions().stream().map(CollisionDocument::of).toList(),
                report.sides().stream().map(SideUseDocument::of).toList(),
                rounded(report.distance()),
                rounded(report.length()),
                rounded(report.width()),
                report.circles().stream().map(CircleDocument::of).toList(),
                report.corners().stream().map(CornerProposalDocument::of).toList());
    }

    private static double rounded(double metres) {
        return Math.round(metres * PRECISION) / PRECISION;
    }
}
