package fluidframe.core.motion;

import fluidframe.core.couple.Part;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.Stance;
import fluidframe.core.work.Stopping;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Times both dancers together. A foot lands on its beat; then the weight passes onto it and the body arrives over it, a
 * little later, before the other foot may leave. In between, the couple turn about the point between them that moves
 * least, so they keep their distance where each going straight would bring them through one another.
 */
final class MotionWriter {

    /** How long before the first beat the first foot leaves, beats. */
    static final double LEAD = 1;
    /** What share of the time to the next step the body needs to arrive, and no more than so many beats. */
    private static final double ARRIVAL = 0.35;

    private static final double LATEST_ARRIVAL = 0.4;
    /** The couple's turn is followed in pieces of no more than this, radians. */
    private static final double PIECE = Math.toRadians(20);

    private final CoupleStance start;
    private final List<Tread> man;
    private final List<Tread> lady;
    private final double length;
    /** When the bodies have arrived, by onset. */
    private final TreeMap<Double, Double> arrivals = new TreeMap<>();

    MotionWriter(CoupleStance start, List<Tread> man, List<Tread> lady, double length) {
        this.start = start;
        this.man = man;
        this.lady = lady;
        this.length = length;
        TreeSet<Double> onsets = new TreeSet<>();
        man.forEach(tread -> onsets.add(tread.onset()));
        lady.forEach(tread -> onsets.add(tread.onset()));
        for (double onset : onsets) {
            Double next = onsets.higher(onset);
            double gap = next == null ? Math.max(length - onset, LATEST_ARRIVAL) : next - onset;
            arrivals.put(onset, onset + Math.min(LATEST_ARRIVAL, ARRIVAL * gap));
        }
    }

    Motion write() {
        BodyPath his = new BodyPath(start.man().body());
        BodyPath hers = new BodyPath(start.lady().body());
        Stance manNow = start.man();
        Stance ladyNow = start.lady();
        int manNext = 0;
        int ladyNext = 0;
        double arrived = -LEAD / 2;
        for (var moment : arrivals.entrySet()) {
            Stopping.check();
            Stance manBefore = manNow;
            Stance ladyBefore = ladyNow;
            if (manNext < man.size() && man.get(manNext).onset() == moment.getKey()) {
                manNow = man.get(manNext++).stance();
            }
            if (ladyNext < lady.size() && lady.get(ladyNext).onset() == moment.getKey()) {
                ladyNow = lady.get(ladyNext++).stance();
            }
            turnTogether(
                    new CoupleStance(manBefore, ladyBefore),
                    new CoupleStance(manNow, ladyNow),
                    arrived,
                    moment.getValue(),
                    his,
                    hers);
            arrived = moment.getValue();
        }
        return new Motion(dancer(start.of(Part.MAN), man, his), dancer(start.of(Part.LADY), lady, hers));
    }

    private DancerMotion dancer(Stance from, List<Tread> treads, BodyPath path) {
        FeetWriter feet = new FeetWriter(from, treads, arrivals);
        return feet.write(path);
    }

    private static void turnTogether(
            CoupleStance from, CoupleStance to, double begins, double arrives, BodyPath his, BodyPath hers) {
        CoupleTurn turn = CoupleTurn.between(from, to);
        his.hold(begins);
        hers.hold(begins);
        int pieces = (int) Math.max(1, Math.ceil(Math.abs(turn.radians()) / PIECE));
        for (int piece = 1; piece <= pieces; piece++) {
            double share = (double) piece / pieces;
            double time = begins + share * (arrives - begins);
            his.reach(time, piece == pieces ? to.man().body() : turn.man(share));
            hers.reach(time, piece == pieces ? to.lady().body() : turn.lady(share));
        }
    }
}
