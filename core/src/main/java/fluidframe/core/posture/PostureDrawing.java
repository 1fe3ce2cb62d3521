package fluidframe.core.posture;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Hold.Contact;
import fluidframe.core.couple.Part;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.space.Point;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The two as they stand in a sheet, reckoned from its values and their heights; metres, the man at the origin looking
 * along x.
 *
 * @param distance between the middles of the bodies
 * @param offset by which she stands to his right
 * @param handsHigh how high joined hands are; 0 where none are
 * @param missing by how much each joined hand fails to reach; only those that do
 */
public record PostureDrawing(
        Body man, Body lady, double distance, double offset, double handsHigh, Map<Contact, Double> missing) {

    public PostureDrawing {
        missing = Map.copyOf(missing);
    }

    public static PostureDrawing of(PostureSheet sheet, Dancers dancers) {
        return new Drawing(sheet, dancers).drawing();
    }

    public Body of(Part part) {
        return part == Part.MAN ? man : lady;
    }

    private static final class Drawing {

        private static final double CENTIMETRES = 100;
        private static final double TOUCHING = 0.01;

        private final PostureSheet sheet;
        private final Stature man;
        private final Stature lady;
        private final double shorter;
        private final Point stands;
        private final Map<Contact, Double> missing = new EnumMap<>(Contact.class);

        Drawing(PostureSheet sheet, Dancers dancers) {
            this.sheet = sheet;
            this.shorter = Math.min(dancers.man(), dancers.lady());
            Point from = sheet.relation().position().ladyFromMan();
            double distance = sheet.frame().distance() / CENTIMETRES;
            this.stands = sheet.relation().position().isFacing()
                    ? new Point(distance, -sheet.frame().offset() / CENTIMETRES)
                    : from.times(distance / from.length());
            this.man = new Stature(sheet.man(), dancers.man(), new Joint(0, 0, 0), 0);
            this.lady = new Stature(
                    sheet.lady(),
                    dancers.lady(),
                    new Joint(stands.x(), stands.y(), 0),
                    sheet.relation().position().facing().radians());
        }

        PostureDrawing drawing() {
            Hold hold = sheet.relation().hold();
            List<Joint> hisLeft = hold.has(Contact.LEFT_TO_RIGHT)
                    ? joined(Contact.LEFT_TO_RIGHT, man, true, lady, false)
                    : hold.has(Contact.LEFT_TO_LEFT)
                            ? joined(Contact.LEFT_TO_LEFT, man, true, lady, true)
                            : man.freeArm(true);
            List<Joint> herRight = hold.has(Contact.LEFT_TO_RIGHT)
                    ? joined(Contact.LEFT_TO_RIGHT, lady, false, man, true)
                    : hold.has(Contact.RIGHT_TO_RIGHT)
                            ? joined(Contact.RIGHT_TO_RIGHT, lady, false, man, false)
                            : lady.freeArm(false);
            List<Joint> hisRight = hold.has(Contact.RIGHT_ON_BACK)
                    ? round()
                    : hold.has(Contact.RIGHT_TO_LEFT)
                            ? joined(Contact.RIGHT_TO_LEFT, man, false, lady, true)
                            : hold.has(Contact.RIGHT_TO_RIGHT)
                                    ? joined(Contact.RIGHT_TO_RIGHT, man, false, lady, false)
                                    : man.freeArm(false);
            List<Joint> herLeft = hold.has(Contact.RIGHT_ON_BACK)
                    ? lady.arm(true, man.upperArm(hisRight), sheet.frame().elbows())
                    : hold.has(Contact.RIGHT_TO_LEFT)
                            ? joined(Contact.RIGHT_TO_LEFT, lady, true, man, false)
                            : hold.has(Contact.LEFT_TO_LEFT)
                                    ? joined(Contact.LEFT_TO_LEFT, lady, true, man, true)
                                    : lady.freeArm(true);
            double high =
                    hold.hands() == 0 ? 0 : shorter * sheet.frame().hands().share();
            return new PostureDrawing(
                    man.with(hisLeft, hisRight),
                    lady.with(herLeft, herRight),
                    stands.length(),
                    -stands.y(),
                    high,
                    missing);
        }

        /** Half-way between the shoulders, held out to the side on which they are, at its height. */
        private Joint meeting(Stature one, boolean left, Stature other, boolean othersLeft) {
            Joint between = one.shoulder(left).middle(other.shoulder(othersLeft));
            Joint middle = one.shoulder(true)
                    .middle(one.shoulder(false))
                    .middle(other.shoulder(true).middle(other.shoulder(false)));
            Joint out = new Joint(between.x() - middle.x(), between.y() - middle.y(), 0);
            Joint held = out.length() < TOUCHING
                    ? between
                    : between.plus(out.unit().times(sheet.frame().out() / CENTIMETRES));
            return new Joint(held.x(), held.y(), shorter * sheet.frame().hands().share());
        }

        private List<Joint> joined(Contact contact, Stature one, boolean left, Stature other, boolean othersLeft) {
            Joint hand = meeting(one, left, other, othersLeft);
            return reaching(contact, one, left, hand);
        }

        private List<Joint> round() {
            return reaching(Contact.RIGHT_ON_BACK, man, false, lady.leftBlade());
        }

        private List<Joint> reaching(Contact contact, Stature one, boolean left, Joint hand) {
            double lacks = hand.minus(one.shoulder(left)).length() - one.reach();
            if (lacks > TOUCHING) {
                missing.merge(contact, lacks, Math::max);
            }
            return one.arm(left, hand, sheet.frame().elbows());
        }
    }
}
