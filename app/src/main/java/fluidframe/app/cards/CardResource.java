package fluidframe.app.cards;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.card.PlainCard;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Titles;
import fluidframe.core.figure.Figure;
import fluidframe.core.step.FootworkSchool;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.UnreadableTextException;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Figures read out in plain language. */
@RestController
@RequestMapping("/api/figures/{id}/cards")
@Tag(name = "cards")
class CardResource {

    private final FigureStore store;

    CardResource(FigureStore store) {
        this.store = store;
    }

    /** One part's card. */
    @Schema(name = "Card")
    record CardDocument(String part, String dancer, String opening, List<LineDocument> lines, String closing) {}

    /** One row: what is counted, and what is danced. */
    @Schema(name = "CardLine")
    record LineDocument(String count, String text) {}

    /** Both parts' cards with what to heed. */
    @Schema(name = "Cards")
    record CardsDocument(
            String title,
            String dance,
            List<CardDocument> parts,
            List<String> cautions,
            List<String> cues,
            List<String> faults,
            List<String> drills) {}

    /** The cards of both parts, in the words chosen: man-lady or leader-follower, classic or edges. */
    @GetMapping
    CardsDocument cards(
            @PathVariable String id,
            @RequestParam(defaultValue = "man-lady") String titles,
            @RequestParam(defaultValue = "edges") String footwork) {
        Titles called = read("?titles", Titles.LEXICON, titles);
        FootworkSchool school = read("?footwork", FootworkSchool.LEXICON, footwork);
        Figure figure = store.get(id).figure();
        List<PlainCard> cards = Arrays.stream(Part.values())
                .map(part -> PlainCard.of(figure, part, called, school))
                .toList();
        return new CardsDocument(
                figure.title(),
                figure.dance().title(),
                Arrays.stream(Part.values())
                        .map(part -> card(part, cards.get(part.ordinal())))
                        .toList(),
                cards.get(0).cautions(),
                figure.teaching().cues(),
                figure.teaching().faults(),
                figure.teaching().drills());
    }

    private static CardDocument card(Part part, PlainCard card) {
        return new CardDocument(
                part.key(),
                card.dancer(),
                card.opening(),
                card.lines().stream()
                        .map(line -> new LineDocument(line.count(), line.text()))
                        .toList(),
                card.closing());
    }

    private static <T extends Term> T read(String place, Lexicon<T> lexicon, String text) {
        try {
            return lexicon.read(text);
        } catch (UnreadableTextException e) {
            throw new RefusedException(
                    CardsSentences.theCardCannotBeWrittenThat(), List.of(Fault.of(place, e.text(), e.expected())));
        }
    }
}
