package fluidframe.core.geometry;

import fluidframe.core.couple.Relation;

/**
 * A moment at which they should stand to each other as the position says.
 *
 * @param manRow the man's row
 * @param ladyRow the lady's row
 * @param wanted how they should stand to each other
 * @param together whether both have just placed a foot, or it is the end
 * @param missed metres by which the lady is not where that puts her
 */
public record Meeting(int manRow, int ladyRow, Relation wanted, boolean together, double missed) {

    Meeting missing(double metres) {
        return new Meeting(manRow, ladyRow, wanted, together, metres);
    }

    Meeting later(int manRows, int ladyRows) {
        return new Meeting(manRow + manRows, ladyRow + ladyRows, wanted, together, missed);
    }
}
