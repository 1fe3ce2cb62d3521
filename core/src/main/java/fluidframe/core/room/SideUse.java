package fluidframe.core.room;

/**
 * What a routine uses of one side of the room.
 *
 * @param side from 0, one more after every corner
 * @param used metres along it from where the couple are nearest its beginning to where they are nearest its end
 * @param there metres there are from corner to corner
 * @param ahead metres left before its corner when the couple leave it
 */
public record SideUse(int side, double used, double there, double ahead) {}
