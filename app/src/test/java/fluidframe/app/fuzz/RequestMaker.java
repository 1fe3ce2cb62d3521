package fluidframe.app.fuzz;

import fluidframe.app.Mutation;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Makes requests to every endpoint of the API's document: right ones, nearly right ones, and rubbish. */
final class RequestMaker {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int DEEPEST = 6;
    private static final Map<String, List<String>> LIKELY = Map.ofEntries(
            Map.entry("dance", List.of("waltz", "rumba", "samba", "viennese-waltz", "polka")),
            Map.entry("level", List.of("bronze", "gold", "open", "tin")),
            Map.entry("column", List.of("turn", "footwork", "count", "nothing")),
            Map.entry("position", List.of("closed", "PP", "upside down")),
            Map.entry("foot", List.of("LF", "RF", "both")),
            Map.entry("facing", List.of("DW", "LOD", "sideways")),
            Map.entry("text", List.of("1/4 R", "XF", "%")),
            Map.entry("titles", List.of("man-lady", "leader-follower")),
            Map.entry("footwork", List.of("classic", "edges")),
            Map.entry("kind", List.of("opposite", "mirror", "retime", "partner", "hold", "walk")),
            Map.entry("from", List.of("man", "lady", "waltz-whisk")),
            Map.entry("to", List.of("waltz-natural-turn", "PP")),
            Map.entry("counted", List.of("man", "lady")),
            Map.entry("counting", List.of("steps", "beats", "bars")),
            Map.entry("figure", List.of("waltz-whisk", "waltz-natural-turn", "nothing")),
            Map.entry("format", List.of("fluidframe-book")));
    private static final List<String> FIGURES = List.of("waltz-whisk", "rumba-fan", "fuzzed-figure", "nothing");
    /** What there is of each kind, by the part of the path that asks for it. */
    private static final Map<String, List<String>> IDS = Map.of(
            "routines",
            List.of("lamplight-waltz", "fuzzed-routine", "nothing"),
            "sounds",
            List.of("click-strong", "word-one", "drum-low", "bass-36", "chord-60-minor", "noise"),
            "backups",
            List.of("daily-1999-01-01.zip"),
            "dances",
            List.of("waltz", "rumba"),
            "events",
            List.of("lamplight-open"),
            "profiles",
            List.of("lamplight-open"),
            "pieces",
            List.of("harbour-lights"),
            "postures",
            List.of("fan-position"),
            "couples",
            List.of("idris-wren"),
            "lessons",
            List.of("idris-wren-next"));

    private static final List<String> ODD = List.of(
            "",
            " ",
            "null",
            "-1",
            "0",
            "99999999999999999999",
            "1e309",
            "<script>",
            "' or 1=1 --",
            "../../etc/passwd",
            "ẞßı𝄞",
            "a".repeat(3000),
            "\u0000",
            "\u001b",
            "=1+1",
            "%00",
            "½",
            "1/0 R");
    private static final List<String> RAW = List.of(
            "%ED%A0%80",
            "%", "%zz", "%00", "%C0%AF", "a%0d%0ab", "[x]", "{x}", "x|y", "\"", "a b", "%2e%2e%2f", ";a=b");
    private static final List<String> TYPES = List.of(
            "*/*",
            "text/plain",
            "application/json; charset=klingon",
            "multipart/form-data",
            "multipart/form-data; boundary=",
            "nonsense",
            "",
            "application/xml",
            "application/*",
            "text/csv",
            "application/zip");

    /** What is repeated into texts that are longer than anybody's. */
    private static final List<String> SHAPES = List.of(
            " ",
            "1/4 ",
            "1 x ",
            "a-",
            "1+",
            "- ",
            "\t",
            "\u0301",
            "(",
            "S Q ",
            "as ",
            "right foot back ",
            "1. ",
            "; ",
            "½",
            "verse 1 ");

    private static final List<String> BEGINNINGS = List.of("", "1/4", "as ", "verse 1", "a");

    private final Random random;
    private final JsonNode api;
    private final Map<String, JsonNode> examples;
    private final List<Endpoint> endpoints = new ArrayList<>();

    /** A path and a method. */
    record Endpoint(String path, String method, JsonNode operation) {

        boolean writes() {
            return !method.equals("get")
                    && (path.matches("/api/(figures|routines)(/.*)?")
                            || path.startsWith("/api/books")
                            || path.startsWith("/api/rest")
                            || path.startsWith("/api/import"));
        }
    }

    /** One request; a body may be missing. */
    record Request(Endpoint endpoint, String target, String headers, byte[] body) {}

    /** @param examples documents that are right, by the names of their schemas */
    RequestMaker(Random random, JsonNode api, Map<String, JsonNode> examples) {
        this.random = random;
        this.api = api;
        this.examples = examples;
        api.path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method ->
                                endpoints.add(new Endpoint(path.getKey(), method.getKey(), method.getValue()))));
    }

    List<Endpoint> endpoints() {
        return endpoints;
    }

    Request of(Endpoint endpoint) {
        StringBuilder query = new StringBuilder();
        StringBuilder headers = new StringBuilder();
        String path = endpoint.path();
        for (JsonNode parameter : endpoint.operation().path("parameters")) {
            String name = parameter.path("name").asString();
            switch (parameter.path("in").asString()) {
                case "path" -> path = path.replace("{" + name + "}", segment(path));
                case "query" -> {
                    if (random.nextInt(4) > 0) {
                        query.append(query.isEmpty() ? "?" : "&")
                                .append(name)
                                .append('=')
                                .append(chance(20) ? pick(RAW) : encoded(likely(name)));
                    }
                }
                default -> {
                    if (random.nextInt(5) > 0) {
                        headers.append(name)
                                .append(": ")
                                .append(
                                        chance(80)
                                                ? "\"" + random.nextInt(3) + "\""
                                                : pick(List.of("x", "W/\"0\"", "\"-1\"", "*")))
                                .append("\r\n");
                    }
                }
            }
        }
        if (chance(4)) {
            path += "/" + pick(RAW);
        }
        if (chance(5)) {
            headers.append("Accept: ")
                    .append(pick(List.of("nonsense", "text/html", "*/*;q=x", "a/b/c", "image/png")))
                    .append("\r\n");
        }
        return new Request(endpoint, (path + query).replace(" ", "%20"), headers + type(endpoint), body(endpoint));
    }

    private String type(Endpoint endpoint) {
        JsonNode content = endpoint.operation().path("requestBody").path("content");
        if (content.isEmpty() && !chance(10)) {
            return "";
        }
        String type = chance(6)
                ? pick(TYPES)
                : content.propertyNames().stream().findFirst().orElse("application/json");
        return "Content-Type: " + type + "\r\n";
    }

    private String segment(String path) {
        if (chance(15)) {
            return chance(50) ? pick(RAW) : encoded(pick(ODD));
        }
        String id = pick(IDS.entrySet().stream()
                .filter(kind -> path.contains("/" + kind.getKey() + "/"))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(FIGURES));
        return chance(25) ? encoded(nearly(id)) : id;
    }

    /** An id that is only almost one: cut short, gone on with, doubled, written large. */
    private String nearly(String id) {
        int cut = id.lastIndexOf('-');
        return switch (random.nextInt(5)) {
            case 0 -> cut < 0 ? "" : id.substring(0, cut);
            case 1 -> id.substring(0, random.nextInt(id.length() + 1));
            case 2 -> id + "-" + pick(List.of("", "x", "1", "minor", id));
            case 3 -> id.toUpperCase(Locale.ROOT);
            default -> id.replaceAll("\\d+", pick(List.of("", "0", "999", "-1")));
        };
    }

    private byte[] body(Endpoint endpoint) {
        JsonNode content = endpoint.operation().path("requestBody").path("content");
        if (content.isEmpty()) {
            return endpoint.method().equals("get") ? null : new byte[0];
        }
        Map.Entry<String, JsonNode> form = content.properties().iterator().next();
        if (!form.getKey().equals("application/json")) {
            return new Mutation(random)
                    .of("part,step,count,foot\nman,1,1,RF\nlady,1,1,LF\n")
                    .getBytes(StandardCharsets.UTF_8);
        }
        JsonNode made = made(form.getValue().path("schema"), "", 0);
        String text = JSON.writeValueAsString(chance(50) ? changed(made.deepCopy()) : made);
        String sent = chance(15) ? new Mutation(random).of(text) : text;
        return sent.getBytes(StandardCharsets.UTF_8);
    }

    /** Something of a schema: an example where there is one. */
    private JsonNode made(JsonNode schema, String name, int depth) {
        if (schema.has("$ref")) {
            String of = schema.path("$ref").asString().replace("#/components/schemas/", "");
            return examples.containsKey(of) && chance(90)
                    ? examples.get(of)
                    : made(api.path("components").path("schemas").path(of), name, depth + 1);
        }
        return switch (schema.path("type").asString("object")) {
            case "array" -> array(schema, name, depth);
            case "integer" -> JsonNodeFactory.instance.numberNode(random.nextInt(10));
            case "number" -> JsonNodeFactory.instance.numberNode(random.nextInt(200) / 10.0);
            case "boolean" -> JsonNodeFactory.instance.booleanNode(random.nextBoolean());
            case "string" -> JsonNodeFactory.instance.stringNode(likely(name));
            default -> object(schema, depth);
        };
    }

    private ArrayNode array(JsonNode schema, String name, int depth) {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        for (int i = 0; i < random.nextInt(3) && depth < DEEPEST; i++) {
            array.add(made(schema.path("items"), name, depth + 1));
        }
        return array;
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = JsonNodeFactory.instance.objectNode();
        List<String> required =
                schema.path("required").valueStream().map(JsonNode::asString).toList();
        schema.path("properties").properties().forEach(property -> {
            if (depth < DEEPEST && (required.contains(property.getKey()) || random.nextBoolean())) {
                object.set(property.getKey(), made(property.getValue(), property.getKey(), depth + 1));
            }
        });
        return object;
    }

    /** The document with one value somewhere exchanged. */
    private JsonNode changed(JsonNode node) {
        if (node instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>(object.propertyNames());
            String name = pick(names);
            object.set(name, chance(35) ? odd() : changed(object.get(name)));
            return object;
        }
        if (node instanceof ArrayNode array && !array.isEmpty()) {
            int at = random.nextInt(array.size());
            array.set(at, chance(25) ? odd() : changed(array.get(at)));
            return array;
        }
        return odd();
    }

    private JsonNode odd() {
        return switch (random.nextInt(8)) {
            case 6 ->
                JsonNodeFactory.instance.stringNode(
                        pick(BEGINNINGS) + pick(SHAPES).repeat(1 + random.nextInt(1_200)) + pick(List.of("", "x")));
            case 7 -> many();
            case 0 -> JsonNodeFactory.instance.nullNode();
            case 1 -> JsonNodeFactory.instance.numberNode(random.nextInt());
            case 2 -> JsonNodeFactory.instance.arrayNode();
            case 3 -> JsonNodeFactory.instance.objectNode();
            default -> JsonNodeFactory.instance.stringNode(pick(ODD));
        };
    }

    /** More of something than anybody sends. */
    private JsonNode many() {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        JsonNode thing = pick(List.of(
                JsonNodeFactory.instance.objectNode(),
                JsonNodeFactory.instance.nullNode(),
                JsonNodeFactory.instance.stringNode(""),
                JsonNodeFactory.instance.arrayNode()));
        for (int i = random.nextInt(6_000); i >= 0; i--) {
            array.add(thing);
        }
        return array;
    }

    private String likely(String name) {
        return chance(15)
                ? pick(ODD)
                : pick(LIKELY.getOrDefault(name, List.of("one", "S", "1", "closed", "fuzzed-figure")));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private boolean chance(int percent) {
        return random.nextInt(100) < percent;
    }

    private <T> T pick(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
