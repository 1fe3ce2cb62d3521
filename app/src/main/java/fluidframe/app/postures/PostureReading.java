package fluidframe.app.postures;

import fluidframe.app.postures.PostureDocument.DancerPostureDocument;
import fluidframe.app.postures.PostureDocument.FrameDocument;
import fluidframe.app.problems.Faults;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Caution;
import fluidframe.core.posture.FeetStance;
import fluidframe.core.posture.Frame;
import fluidframe.core.posture.HandHeight;
import fluidframe.core.posture.HeadTurn;
import fluidframe.core.posture.Hips;
import fluidframe.core.posture.Knees;
import fluidframe.core.posture.Posture;
import fluidframe.core.posture.PostureSheet;
import fluidframe.core.posture.Ribs;
import fluidframe.core.posture.Shoulders;
import fluidframe.core.posture.Tracks;
import fluidframe.core.posture.WeightPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a sheet of posture and hold, and says of everything that cannot be where it stands and what was expected. */
public final class PostureReading {

    private final PostureDocument document;
    private final Faults faults;

    private PostureReading(PostureDocument document, String root) {
        this.document = document;
        this.faults = new Faults(root);
    }

    /**
     * @param root JSON pointer to the document in what was sent
     * @throws fluidframe.app.problems.RefusedException naming everything that is wrong
     */
    public static PostureSheet read(PostureDocument document, String root) {
        PostureReading reading = new PostureReading(document, root);
        Optional<PostureSheet> sheet = reading.sheet();
        reading.faults.refuse();
        return sheet.orElseThrow();
    }

    private Optional<PostureSheet> sheet() {
        faults.checkId("/id", document.id());
        faults.checkTitle("/title", document.title());
        List<Dance> dances = new ArrayList<>();
        for (int i = 0; i < document.dances().size(); i++) {
            String id = document.dances().get(i);
            Dances.find(id).ifPresent(dances::add);
            if (Dances.find(id).isEmpty()) {
                faults.add("/dances/" + i, id, PosturesSentences.theIdOfADance());
            }
        }
        Optional<Position> position = faults.term("/position", document.position(), Position.LEXICON);
        Optional<Hold> hold = faults.term("/hold", document.hold(), Hold.LEXICON);
        Optional<Proximity> proximity = document.proximity() == null
                ? Optional.of(Proximity.CLOSE)
                : faults.term("/proximity", document.proximity(), Proximity.LEXICON);
        Optional<Posture> man = posture("/man", document.man());
        Optional<Posture> lady = posture("/lady", document.lady());
        Optional<Frame> frame = frame(document.frame());
        List<Caution> cautions = new ArrayList<>();
        for (int i = 0; document.cautions() != null && i < document.cautions().size(); i++) {
            faults.term("/cautions/" + i, document.cautions().get(i), Caution.LEXICON)
                    .ifPresent(cautions::add);
        }
        return !faults.isEmpty()
                ? Optional.empty()
                : Optional.of(new PostureSheet(
                        document.id(),
                        document.title().strip(),
                        dances,
                        new Relation(position.orElseThrow(), hold.orElseThrow(), proximity.orElseThrow()),
                        man.orElseThrow(),
                        lady.orElseThrow(),
                        frame.orElseThrow(),
                        lines(document.build()),
                        lines(document.faults()),
                        lines(document.drills()),
                        cautions,
                        lines(document.schools())));
    }

    private static List<String> lines(List<String> lines) {
        return lines == null ? List.of() : lines;
    }

    private Optional<Posture> posture(String place, DancerPostureDocument said) {
        Optional<FeetStance> feet = faults.term(place + "/feet", said.feet(), FeetStance.LEXICON);
        Optional<Knees> knees = faults.term(place + "/knees", said.knees(), Knees.LEXICON);
        Optional<Hips> hips = faults.term(place + "/hips", said.hips(), Hips.LEXICON);
        Optional<Ribs> ribs = faults.term(place + "/ribs", said.ribs(), Ribs.LEXICON);
        Optional<Shoulders> shoulders = faults.term(place + "/shoulders", said.shoulders(), Shoulders.LEXICON);
        Optional<HeadTurn> head = faults.term(place + "/head", said.head(), HeadTurn.LEXICON);
        Optional<WeightPlace> weight = faults.term(place + "/weight", said.weight(), WeightPlace.LEXICON);
        if (feet.isEmpty()
                || knees.isEmpty()
                || hips.isEmpty()
                || ribs.isEmpty()
                || shoulders.isEmpty()
                || head.isEmpty()
                || weight.isEmpty()) {
            return Optional.empty();
        }
        return faults.tried(
                place + "/lean",
                String.valueOf(said.lean()),
                PosturesSentences.degreesOfLean(),
                () -> new Posture(
                        feet.get(),
                        knees.get(),
                        hips.get(),
                        ribs.get(),
                        shoulders.get(),
                        head.get(),
                        weight.get(),
                        said.lean(),
                        said.note() == null ? "" : said.note().strip()));
    }

    private Optional<Frame> frame(FrameDocument said) {
        Optional<HandHeight> hands = faults.term("/frame/hands", said.hands(), HandHeight.LEXICON);
        Optional<Tracks> tracks = faults.term("/frame/tracks", said.tracks(), Tracks.LEXICON);
        return hands.isEmpty() || tracks.isEmpty()
                ? Optional.empty()
                : faults.tried(
                        "/frame",
                        said.distance() + " cm",
                        "a frame",
                        () -> new Frame(
                                said.distance(),
                                said.offset(),
                                hands.get(),
                                said.out(),
                                said.elbows(),
                                said.touch() == null ? "" : said.touch().strip(),
                                tracks.get()));
    }
}
