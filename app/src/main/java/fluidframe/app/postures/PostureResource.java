package fluidframe.app.postures;

import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.PlainResource;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.posture.Body;
import fluidframe.core.posture.FeetStance;
import fluidframe.core.posture.HandHeight;
import fluidframe.core.posture.HeadTurn;
import fluidframe.core.posture.Hips;
import fluidframe.core.posture.Joint;
import fluidframe.core.posture.Knees;
import fluidframe.core.posture.Posture;
import fluidframe.core.posture.PostureAudit;
import fluidframe.core.posture.PostureDrawing;
import fluidframe.core.posture.PostureFinding;
import fluidframe.core.posture.PostureSheet;
import fluidframe.core.posture.Ribs;
import fluidframe.core.posture.Shoulders;
import fluidframe.core.posture.Tracks;
import fluidframe.core.posture.WeightPlace;
import fluidframe.core.text.Term;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets of posture and hold over HTTP, drawn and checked. */
@RestController
@RequestMapping("/api/postures")
@Tag(name = "postures")
class PostureResource extends PlainResource<PostureDocument> {

    private final PostureStore store;

    PostureResource(PostureStore store) {
        super(store);
        this.store = store;
    }

    /** One line of the list. */
    @Schema(name = "PostureSummary")
    record SummaryDocument(String id, String title, List<String> dances, String position, String hold) {

        static SummaryDocument of(PostureSheet sheet) {
            return new SummaryDocument(
                    sheet.id(),
                    sheet.title(),
                    sheet.dances().stream().map(Dance::id).toList(),
                    sheet.relation().position().shorthand(),
                    sheet.relation().hold().shorthand());
        }
    }

    /**
     * The sheets, of one dance and for one position and hold if those are named.
     *
     * @param position as it is written in charts
     */
    @GetMapping
    List<SummaryDocument> list(
            @RequestParam(required = false) String dance,
            @RequestParam(required = false) String position,
            @RequestParam(required = false) String hold) {
        Stream<PostureSheet> sheets = store.sheets().stream();
        if (dance != null) {
            Dance wanted = Dances.find(dance)
                    .orElseThrow(() -> RefusedException.of("/dance", dance, PosturesSentences.theIdOfADance()));
            sheets = sheets.filter(sheet -> sheet.dances().contains(wanted));
        }
        if (position != null) {
            Position wanted = Position.LEXICON
                    .find(position)
                    .orElseThrow(() -> RefusedException.of("/position", position, Position.LEXICON.expected()));
            sheets = sheets.filter(sheet -> sheet.relation().position() == wanted);
        }
        if (hold != null) {
            Hold wanted = Hold.LEXICON
                    .find(hold)
                    .orElseThrow(() -> RefusedException.of("/hold", hold, Hold.LEXICON.expected()));
            sheets = sheets.filter(sheet -> sheet.relation().hold() == wanted);
        }
        return sheets.map(SummaryDocument::of).toList();
    }

    /** A sheet that is being worked on, and how tall the two are, metres. */
    @Schema(name = "PostureQuestion")
    record QuestionDocument(
            @Valid @NotNull(message = "a sheet") PostureDocument sheet, Double man, Double lady) {}

    /** A point of a body, metres: forward and to the left as the man looks, and up. */
    @Schema(name = "Joint")
    record JointDocument(double x, double y, double z) {

        private static final double MILLIMETRES = 1000;

        static JointDocument of(Joint joint) {
            return new JointDocument(rounded(joint.x()), rounded(joint.y()), rounded(joint.z()));
        }

        static List<JointDocument> of(List<Joint> joints) {
            return joints.stream().map(JointDocument::of).toList();
        }

        static double rounded(double metres) {
            return Math.round(metres * MILLIMETRES) / MILLIMETRES;
        }
    }

    /** One of the two as drawn. */
    @Schema(name = "Body")
    record BodyDocument(
            List<JointDocument> leftLeg,
            List<JointDocument> rightLeg,
            List<JointDocument> leftArm,
            List<JointDocument> rightArm,
            List<JointDocument> spine,
            JointDocument head,
            JointDocument nose,
            double headSize) {

        static BodyDocument of(Body body) {
            return new BodyDocument(
                    JointDocument.of(body.leftLeg()),
                    JointDocument.of(body.rightLeg()),
                    JointDocument.of(body.leftArm()),
                    JointDocument.of(body.rightArm()),
                    JointDocument.of(body.spine()),
                    JointDocument.of(body.head()),
                    JointDocument.of(body.nose()),
                    JointDocument.rounded(body.headSize()));
        }
    }

    /** What is wrong with a sheet, and where. */
    @Schema(name = "PostureFinding")
    record FindingDocument(String severity, String place, String sentence) {

        static FindingDocument of(PostureFinding finding) {
            return new FindingDocument(
                    finding.severity().name().toLowerCase(Locale.ROOT), finding.place(), finding.sentence());
        }
    }

    /** A row of the sheet in full words: which part of the body, the man's and the lady's. */
    @Schema(name = "PostureRow")
    record RowDocument(String part, String man, String lady) {}

    /** A sheet as it reads and as it is drawn; metres. */
    @Schema(name = "PostureReading")
    record ReadingDocument(
            String stands,
            List<RowDocument> rows,
            List<RowDocument> frame,
            BodyDocument man,
            BodyDocument lady,
            double distance,
            double offset,
            double handsHigh,
            List<FindingDocument> findings) {}

    /** Reads, draws and checks a sheet. Nothing is kept. */
    @PostMapping("/readings")
    ReadingDocument read(@Valid @RequestBody QuestionDocument question) {
        return reading(PostureReading.read(question.sheet(), "/sheet"), dancers(question.man(), question.lady()));
    }

    /** The same of a sheet that is kept. */
    @GetMapping("/{id}/reading")
    ReadingDocument reading(
            @PathVariable String id,
            @RequestParam(required = false) Double man,
            @RequestParam(required = false) Double lady) {
        return reading(PostureReading.read(store.get(id).document(), ""), dancers(man, lady));
    }

    private static ReadingDocument reading(PostureSheet sheet, Dancers dancers) {
        PostureDrawing drawing = PostureDrawing.of(sheet, dancers);
        Relation relation = sheet.relation();
        return new ReadingDocument(
                relation.position().wording() + ", " + relation.hold().wording() + ", "
                        + relation.proximity().wording(),
                rows(sheet.man(), sheet.lady()),
                frame(sheet),
                BodyDocument.of(drawing.man()),
                BodyDocument.of(drawing.lady()),
                JointDocument.rounded(drawing.distance()),
                JointDocument.rounded(drawing.offset()),
                JointDocument.rounded(drawing.handsHigh()),
                PostureAudit.of(sheet, dancers).stream()
                        .map(FindingDocument::of)
                        .toList());
    }

    private static Dancers dancers(Double his, Double hers) {
        double man = his == null ? Dancers.USUAL_HEIGHT : his;
        double lady = hers == null ? Dancers.USUAL_HEIGHT : hers;
        try {
            return new Dancers(man, lady);
        } catch (IllegalArgumentException e) {
            throw RefusedException.of(
                    "/man",
                    man + " m and " + lady + " m",
                    PosturesSentences.toMetres(Dancers.SHORTEST, Dancers.TALLEST));
        }
    }

    private static List<RowDocument> rows(Posture man, Posture lady) {
        return List.of(
                row("Feet", man.feet(), lady.feet()),
                row("Weight", man.weight(), lady.weight()),
                row("Knees", man.knees(), lady.knees()),
                row("Hips", man.hips(), lady.hips()),
                row("Ribs", man.ribs(), lady.ribs()),
                row("Shoulders", man.shoulders(), lady.shoulders()),
                row("Head", man.head(), lady.head()),
                new RowDocument("Lean", lean(man.lean()), lean(lady.lean())));
    }

    private static RowDocument row(String part, Term man, Term lady) {
        return new RowDocument(part, man.wording(), lady.wording());
    }

    private static String lean(int degrees) {
        return degrees == 0 ? "upright" : PosturesSentences.forwardBack(Math.abs(degrees), degrees > 0);
    }

    private static List<RowDocument> frame(PostureSheet sheet) {
        String hands = sheet.relation().hold().hands() == 0
                ? "free"
                : PosturesSentences.ofTheShorterCmOut(
                        sheet.frame().hands().wording(), sheet.frame().out());
        return List.of(
                new RowDocument(PosturesSentences.joinedHands(), hands, hands),
                new RowDocument(
                        "Elbows",
                        PosturesSentences.belowTheShoulders(sheet.frame().elbows()),
                        PosturesSentences.belowTheShoulders(sheet.frame().elbows())),
                new RowDocument(
                        "Bodies",
                        PosturesSentences.cmBetweenThem(sheet.frame().distance()),
                        sheet.frame().offset() == 0
                                ? PosturesSentences.inLine()
                                : PosturesSentences.cmToHisRight(sheet.frame().offset())),
                new RowDocument(
                        "Touch",
                        sheet.frame().touch().isEmpty() ? "none" : sheet.frame().touch(),
                        sheet.frame().touch().isEmpty() ? "none" : sheet.frame().touch()),
                new RowDocument(
                        "Tracks",
                        sheet.frame().tracks().wording(),
                        sheet.frame().tracks().wording()));
    }

    /** What may be written in a cell of a sheet. */
    @Schema(name = "PostureTerm")
    record TermDocument(String cell, String shorthand, String wording) {}

    /** Every word of the sheets' vocabulary, cell by cell. */
    @GetMapping("/terms")
    List<TermDocument> terms() {
        return Stream.of(
                        terms("feet", FeetStance.values()),
                        terms("weight", WeightPlace.values()),
                        terms("knees", Knees.values()),
                        terms("hips", Hips.values()),
                        terms("ribs", Ribs.values()),
                        terms("shoulders", Shoulders.values()),
                        terms("head", HeadTurn.values()),
                        terms("hands", HandHeight.values()),
                        terms("tracks", Tracks.values()),
                        terms("position", Position.values()),
                        terms("hold", Hold.values()),
                        terms("proximity", Proximity.values()))
                .flatMap(List::stream)
                .toList();
    }

    private static List<TermDocument> terms(String cell, Term... terms) {
        return Stream.of(terms)
                .map(term -> new TermDocument(cell, term.shorthand(), term.wording()))
                .toList();
    }
}
