package fluidframe.app.exchange;

import fluidframe.app.exchange.ImportDocuments.ChoiceDocument;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Problems;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.work.Stopping;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads a book one document after another, each checked against the schema before the next is read. So a book takes the
 * memory of its documents and not that of all its words, and one that is wrong everywhere is refused after its first
 * fifty faults.
 */
@Component
@Lazy
class BookReading {

    private static final Map<String, Class<?>> PARTS = BookDocument.parts();
    private static final String BOOK = "book";
    private static final String CHOICES = "choices";

    private final BookSchema schema;
    private final JsonMapper json;
    /** Reads one value, and leaves what follows to the next. */
    private final ObjectReader nodes;

    BookReading(BookSchema schema, JsonMapper json) {
        this.schema = schema;
        this.json = json;
        this.nodes = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    }

    /** A book with what is to be done with what is there already. */
    record Question(BookDocument book, List<ChoiceDocument> choices) {}

    /** @throws RefusedException naming the places that are wrong, at most fifty */
    BookDocument book(InputStream text) {
        try (JsonParser parser = json.createParser(text)) {
            BookDocument book = new Reading(parser, "").book(parser.nextToken());
            end(parser);
            return book;
        }
    }

    /** @throws RefusedException naming the places that are wrong, at most fifty */
    Question question(InputStream text) {
        try (JsonParser parser = json.createParser(text)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw refused(List.of(Fault.of("", "", ExchangeSentences.aBookAndChoices())));
            }
            Optional<BookDocument> book = Optional.empty();
            Optional<List<ChoiceDocument>> choices = Optional.empty();
            for (String name = parser.nextName(); name != null; name = parser.nextName()) {
                JsonToken first = parser.nextToken();
                if (name.equals(BOOK)) {
                    book = Optional.of(new Reading(parser, "/" + BOOK).book(first));
                } else if (name.equals(CHOICES)) {
                    choices = Optional.ofNullable(
                                    json.treeToValue(new Bounded(parser).tree(nodes), ChoiceDocument[].class))
                            .map(Arrays::asList);
                } else {
                    throw refused(List.of(Fault.of("/" + name, "", BOOK + " or " + CHOICES)));
                }
            }
            end(parser);
            return new Question(
                    book.orElseThrow(() -> refused(List.of(Fault.of("/" + BOOK, "", "a book")))),
                    choices.orElseThrow(() -> refused(List.of(Fault.of("/" + CHOICES, "", "choices")))));
        }
    }

    private static void end(JsonParser parser) {
        if (parser.nextToken() != null) {
            throw new StreamReadException(parser, ExchangeSentences.somethingFollowsTheEndOfIt());
        }
    }

    static RefusedException refused(List<Fault> faults) {
        return new RefusedException(
                ExchangeSentences.theBookWasNotImportedAnd(
                        faults.size() == 1
                                ? faults.get(0).sentence()
                                : ExchangeSentences.placesAreWrongTheFirst(
                                        faults.size(), faults.get(0).sentence())),
                faults);
    }

    /** One book being read. */
    private final class Reading {

        private final JsonParser parser;
        private final String root;
        private final ObjectNode head = json.createObjectNode();
        private final Map<String, List<Object>> parts = new HashMap<>();
        private final List<Fault> faults = new ArrayList<>();

        Reading(JsonParser parser, String root) {
            this.parser = parser;
            this.root = root;
        }

        BookDocument book(JsonToken first) {
            if (first != JsonToken.START_OBJECT) {
                if (first == null) {
                    throw new StreamReadException(parser, ExchangeSentences.itIsEmpty());
                }
                found(schema.faults(new Bounded(parser).tree(nodes)), "");
                throw refused(faults);
            }
            for (String name = parser.nextName(); name != null; name = parser.nextName()) {
                JsonToken token = parser.nextToken();
                if (PARTS.containsKey(name) && token == JsonToken.START_ARRAY) {
                    head.putArray(name);
                    documents(name);
                } else {
                    head.set(name, new Bounded(parser).tree(nodes));
                }
            }
            found(schema.faults(head), "");
            if (!faults.isEmpty()) {
                throw refused(faults);
            }
            return new BookDocument(
                    head.path("format").asString(),
                    head.path("version").asInt(),
                    head.path("title").asString(),
                    part("figures"),
                    part("pieces"),
                    part("routines"),
                    part("profiles"),
                    part("events"),
                    part("postures"),
                    part("amalgamations"));
        }

        private void documents(String part) {
            List<Object> documents = parts.computeIfAbsent(part, name -> new ArrayList<>());
            for (int i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
                Stopping.check();
                if (i == schema.most(part)) {
                    throw refused(List.of(Fault.of(
                            root + "/" + part, ExchangeSentences.moreThan(i), ExchangeSentences.atMostOfThem(i))));
                }
                JsonNode document = new Bounded(parser).tree(nodes);
                List<Fault> wrong = schema.faults(part, document);
                found(wrong, "/" + part + "/" + i);
                if (wrong.isEmpty()) {
                    documents.add(json.treeToValue(document, PARTS.get(part)));
                }
            }
        }

        private void found(List<Fault> wrong, String place) {
            wrong.stream().map(fault -> fault.within(root + place)).forEach(faults::add);
            if (faults.size() >= Problems.MOST_FAULTS) {
                throw refused(faults.subList(0, Problems.MOST_FAULTS));
            }
        }

        /** Null where the book does not name it, as it is read otherwise. */
        @SuppressWarnings("unchecked")
        private <D> List<D> part(String name) {
            return (List<D>) parts.get(name);
        }
    }

    /** One value of a book, which no document's is larger than. */
    private static final class Bounded extends tools.jackson.core.util.JsonParserDelegate {

        private static final int MOST_TOKENS = 60_000;

        private int tokens;

        Bounded(JsonParser parser) {
            super(parser);
        }

        @Override
        public JsonToken nextToken() {
            count();
            return super.nextToken();
        }

        @Override
        public String nextName() {
            count();
            return super.nextName();
        }

        private void count() {
            if (++tokens > MOST_TOKENS) {
                throw refused(List.of(Fault.of(
                        streamReadContext().pathAsPointer().toString(),
                        "more",
                        ExchangeSentences.aDocumentOfAtMostValues(MOST_TOKENS))));
            }
        }

        JsonNode tree(ObjectReader reader) {
            return reader.readTree(this);
        }
    }
}
