package fluidframe.core.posture;

import fluidframe.core.audit.Severity;
import fluidframe.core.couple.Hold.Contact;
import fluidframe.core.couple.HoldInPosition;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.geometry.Dancers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Whether two people can stand as a sheet says: whether those hands can be joined in that position, at that distance,
 * by two of those heights.
 */
public final class PostureAudit {

    /** Nearer than this two bodies facing each other touch, metres. */
    private static final double TOUCHING = 0.36;
    /** Joined hands so much above the eyes of the shorter pull the shoulder up, metres. */
    private static final double ABOVE_THE_EYES = 0.03;

    private static final double CENTIMETRES = 100;

    private PostureAudit() {}

    public static List<PostureFinding> of(PostureSheet sheet, Dancers dancers) {
        List<PostureFinding> found = new ArrayList<>();
        HoldInPosition.impossible(sheet.relation())
                .ifPresent(why ->
                        found.add(new PostureFinding(Severity.ERROR, "/hold", PostureSentences.inThisSheet(why))));
        distance(sheet, found);
        PostureDrawing drawing = PostureDrawing.of(sheet, dancers);
        drawing.missing()
                .forEach((contact, lacks) -> found.add(new PostureFinding(
                        Severity.ERROR,
                        "/frame/distance",
                        PostureSentences.wouldHaveToBeLongerTo(wording(contact), centimetres(lacks)))));
        double eyes = Math.min(drawing.man().head().z(), drawing.lady().head().z());
        if (drawing.handsHigh() > eyes + ABOVE_THE_EYES) {
            found.add(new PostureFinding(
                    Severity.WARNING,
                    "/frame/hands",
                    PostureSentences.theJoinedHandsAreAboveThe(centimetres(drawing.handsHigh() - eyes))));
        }
        for (Part part : Part.values()) {
            if (sheet.of(part).weight() == WeightPlace.HEELS) {
                found.add(new PostureFinding(
                        Severity.WARNING,
                        "/" + part.key() + "/weight",
                        PostureSentences.theStandsOnTheHeelsAnd(part.wording())));
            }
            if (sheet.of(part).knees() == Knees.STRAIGHT && sheet.relation().proximity() == Proximity.CONTACT) {
                found.add(new PostureFinding(
                        Severity.WARNING,
                        "/" + part.key() + "/knees",
                        PostureSentences.inBodyContactTheSStraight(part.wording())));
            }
        }
        return found;
    }

    private static void distance(PostureSheet sheet, List<PostureFinding> found) {
        Position position = sheet.relation().position();
        double distance = sheet.frame().distance() / CENTIMETRES;
        if (distance < position.nearest() || distance > sheet.relation().farthest()) {
            found.add(new PostureFinding(
                    Severity.ERROR,
                    "/frame/distance",
                    PostureSentences.theyStandCmApartAndIn(
                            sheet.frame().distance(),
                            position.wording(),
                            centimetres(position.nearest()),
                            centimetres(sheet.relation().farthest()))));
        }
        boolean touches = position.isFacing() && distance <= TOUCHING || !position.isFacing();
        if (sheet.relation().proximity() == Proximity.CONTACT && !touches) {
            found.add(new PostureFinding(
                    Severity.ERROR,
                    "/frame/distance",
                    PostureSentences.theyAreSaidToTouchAnd(sheet.frame().distance(), centimetres(TOUCHING))));
        }
        if (sheet.relation().proximity() != Proximity.CONTACT
                && !sheet.frame().touch().isBlank()) {
            found.add(new PostureFinding(Severity.WARNING, "/frame/touch", PostureSentences.theyAreSaidToTouchBut()));
        }
    }

    private static String wording(Contact contact) {
        return switch (contact) {
            case LEFT_TO_RIGHT -> PostureSentences.theArmsOfHisLeftAnd();
            case RIGHT_TO_LEFT -> PostureSentences.theArmsOfHisRightAnd();
            case RIGHT_TO_RIGHT -> PostureSentences.theArmsOfBothRightHands();
            case LEFT_TO_LEFT -> PostureSentences.theArmsOfBothLeftHands();
            case RIGHT_ON_BACK -> PostureSentences.hisRightArmRoundHerBack();
        };
    }

    private static String centimetres(double metres) {
        return String.format(Locale.ROOT, "%.0f cm", metres * CENTIMETRES);
    }
}
