package fluidframe.app.floor;

import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.geometry.Stance;
import io.swagger.v3.oas.annotations.media.Schema;

/** One dancer on the floor: metres, and degrees from the line of dance of the first side, to the left positive. */
@Schema(name = "Stance")
public record StanceDocument(PlaceOnFloor body, PlaceOnFloor left, PlaceOnFloor right) {

    private static final double PRECISION = 1000;

    /** A point and where it looks. */
    @Schema(name = "PlaceOnFloor")
    public record PlaceOnFloor(double x, double y, double degrees) {

        private static PlaceOnFloor of(double x, double y, double radians) {
            return new PlaceOnFloor(rounded(x), rounded(y), rounded(Math.toDegrees(radians)));
        }

        private static PlaceOnFloor of(Footprint print) {
            return of(print.at().x(), print.at().y(), print.angle());
        }

        private static double rounded(double value) {
            return Math.round(value * PRECISION) / PRECISION;
        }
    }

    /** Both dancers. */
    @Schema(name = "CoupleStance")
    public record CoupleStanceDocument(StanceDocument man, StanceDocument lady) {

        public static CoupleStanceDocument of(CoupleStance stance) {
            return new CoupleStanceDocument(StanceDocument.of(stance.man()), StanceDocument.of(stance.lady()));
        }
    }

    public static StanceDocument of(Stance stance) {
        return new StanceDocument(
                PlaceOnFloor.of(stance.body().x(), stance.body().y(), stance.angle()),
                PlaceOnFloor.of(stance.left()),
                PlaceOnFloor.of(stance.right()));
    }
}
