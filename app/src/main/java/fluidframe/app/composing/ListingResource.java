package fluidframe.app.composing;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.routines.RoutineDocument.SectionDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.link.Dancing;
import fluidframe.core.listing.ListedEntry;
import fluidframe.core.listing.ListingReader;
import fluidframe.core.listing.ListingWriter;
import fluidframe.core.listing.RoutineListing;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Routines as coaches list them, read against the book and written again. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "listings")
class ListingResource {

    private final StudioDances studioDances;
    private final FigureStore figures;
    private final RoutineReader reader;
    private final Work work;

    ListingResource(StudioDances studioDances, FigureStore figures, RoutineReader reader, Work work) {
        this.studioDances = studioDances;
        this.figures = figures;
        this.reader = reader;
        this.work = work;
    }

    /** A list as it was pasted. */
    @Schema(name = "ListingQuestion")
    record ListingQuestion(
            @NotNull(message = "a dance") String dance,
            @NotNull(message = "a list") String text) {}

    /** @param title what its first line calls the routine; absent if it names a figure */
    @Schema(name = "Listing")
    record ListingDocument(String title, List<ListedDocument> entries) {}

    /**
     * @param from where it begins in the text
     * @param to where it ends
     * @param placement what it is; absent where somebody has to choose, and for a gap
     * @param title the same in words
     * @param choices what it may be, or else what is nearest
     * @param times how often it is danced one after another
     * @param remarks what was written and is not so
     */
    @Schema(name = "ListedEntry")
    record ListedDocument(
            int from,
            int to,
            String text,
            PlacementDocument placement,
            String title,
            List<ListedChoiceDocument> choices,
            int times,
            boolean cornerAfter,
            SectionDocument section,
            List<String> remarks) {

        static ListedDocument of(ListedEntry entry) {
            return new ListedDocument(
                    entry.from(),
                    entry.to(),
                    entry.text(),
                    entry.item()
                            .map(item -> RoutineWriter.placement(item, entry.cornerAfter()))
                            .orElse(null),
                    entry.item().map(item -> item.wording()).orElse(null),
                    entry.choices().stream().map(ListedChoiceDocument::of).toList(),
                    entry.times(),
                    entry.cornerAfter(),
                    entry.section()
                            .map(section -> new SectionDocument(section.title(), section.times()))
                            .orElse(null),
                    entry.remarks());
        }
    }

    /** A figure that an entry may mean. */
    @Schema(name = "ListedChoice")
    record ListedChoiceDocument(String title, PlacementDocument placement) {

        static ListedChoiceDocument of(Dancing dancing) {
            return new ListedChoiceDocument(dancing.wording(), RoutineWriter.placement(dancing, false));
        }
    }

    /** A routine as a list. */
    @Schema(name = "ListingText")
    record ListingTextDocument(String text) {}

    @PostMapping("/listings")
    ListingDocument read(@Valid @RequestBody ListingQuestion question) {
        Dance dance = studioDances
                .find(question.dance())
                .orElseThrow(() -> refused(
                        "/dance",
                        question.dance(),
                        ComposingSentences.oneOf(String.join(
                                ", ", studioDances.all().stream().map(Dance::id).toList()))));
        if (question.text().length() > ListingReader.MOST_LETTERS) {
            throw refused(
                    "/text",
                    question.text().length() + " letters",
                    ComposingSentences.atMostLetters(ListingReader.MOST_LETTERS));
        }
        return work.quickly(() -> {
            RoutineListing listing = ListingReader.read(question.text(), dance, figures.ofDance(dance.id()));
            return new ListingDocument(
                    listing.title().orElse(null),
                    listing.entries().stream().map(ListedDocument::of).toList());
        });
    }

    @PostMapping("/listing-texts")
    ListingTextDocument write(@Valid @RequestBody RoutineDocument routine) {
        return work.quickly(() -> new ListingTextDocument(ListingWriter.write(reader.read(routine))));
    }

    private static RefusedException refused(String place, String found, String expected) {
        return new RefusedException(
                ComposingSentences.theListCannotBeRead(), List.of(Fault.of(place, found, expected)));
    }
}
