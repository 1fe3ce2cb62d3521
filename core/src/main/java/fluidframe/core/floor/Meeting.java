package fluidframe.core.floor;

import fluidframe.core.couple.Relation;

/**
 * A moment when both have just placed a foot.
 *
 * @param manRow  the man's row
 * @param ladyRow the lady's row
 * @param wanted  how they should stand to each other
 * @param missed  metres by which the lady is not where that puts her
 */
public record Meeting(int manRow, int ladyRow, Relation wanted, double missed) {

    Meeting missing(double metres) {
        return new Meeting(manRow, ladyRow, wanted, metres);
    }
}
