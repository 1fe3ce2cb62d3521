import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Writes one class for each catalogue of sentences, with a method for each of them, so that the compiler sees a missing
 * sentence or a missing value. Called by the build with the folder of the catalogues, the package above those of the
 * classes, and the folder they are written to. A class that is up to date is left alone; one without a
 * catalogue goes.
 */
final class SentenceClasses {

    public static void main(String[] args) throws IOException {
        Path catalogues = Path.of(args[0]);
        Path out = Path.of(args[2]);
        Set<Path> written = new HashSet<>();
        try (Stream<Path> files = Files.list(catalogues)) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".properties")).sorted().toList()) {
                write(file, catalogues.getFileName().toString(), args[1], out).ifPresent(written::add);
            }
        }
        try (Stream<Path> there = Files.walk(out)) {
            for (Path old : there.filter(Files::isRegularFile)
                    .filter(file -> !written.contains(file))
                    .toList()) {
                Files.delete(old);
            }
        }
    }

    /** The class; none of a translation, which has the sentences of another catalogue. */
    private static Optional<Path> write(Path file, String module, String parent, Path out) throws IOException {
        String area = file.getFileName().toString().replace(".properties", "");
        if (area.indexOf('_') >= 0) {
            return Optional.empty();
        }
        Properties sentences = new Properties();
        try (Reader reader = Files.newBufferedReader(file)) {
            sentences.load(reader);
        }
        String name = Character.toUpperCase(area.charAt(0)) + area.substring(1) + "Sentences";
        StringBuilder code = new StringBuilder();
        code.append("package ").append(parent).append('.').append(area).append(";\n\n");
        code.append("import fluidframe.core.text.Sentences;\n\n");
        code.append("/** Written by the build from {@code sentences/%s/%s.properties}. */\n".formatted(module, area));
        code.append("final class ").append(name).append(" {\n\n");
        code.append("    private static final Sentences SENTENCES = Sentences.of(\"sentences.%s.%s\");\n"
                .formatted(module, area));
        for (String key : new TreeSet<>(sentences.stringPropertyNames())) {
            code.append(method(file, key, sentences.getProperty(key)));
        }
        code.append("\n    private ").append(name).append("() {}\n}\n");
        Path target = out.resolve(parent.replace('.', '/')).resolve(area).resolve(name + ".java");
        if (!Files.exists(target) || !Files.readString(target).equals(code.toString())) {
            Files.createDirectories(target.getParent());
            Files.writeString(target, code);
        }
        return Optional.of(target);
    }

    private static String method(Path file, String key, String sentence) {
        Map<String, String> values = values(file, key, sentence);
        String parameters = values.entrySet().stream()
                .map(value -> value.getValue() + " " + value.getKey())
                .collect(Collectors.joining(", "));
        String given = String.join("", values.keySet().stream().map(value -> ", \"" + value + "\", " + value).toList());
        return "\n    static String %s(%s) {\n        return SENTENCES.say(\"%s\"%s);\n    }\n"
                .formatted(key, parameters, key, given);
    }

    /** The values in the order in which the sentence has them, with their types: what is counted or rounded is a number. */
    private static Map<String, String> values(Path file, String key, String sentence) {
        MessagePattern pattern;
        try {
            pattern = new MessagePattern(sentence);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(file + ": " + key + ": " + e.getMessage(), e);
        }
        Map<String, String> types = new LinkedHashMap<>();
        for (int i = 0; i < pattern.countParts(); i++) {
            Part part = pattern.getPart(i);
            if (part.getType() == Part.Type.ARG_NUMBER) {
                throw new IllegalArgumentException(file + ": " + key + ": a value needs a name, not a number");
            }
            if (part.getType() == Part.Type.ARG_NAME) {
                ArgType use = pattern.getPart(i - 1).getArgType();
                boolean isNumber = use == ArgType.SIMPLE || use.hasPluralStyle();
                types.merge(pattern.getSubstring(part), isNumber ? "Number" : "Object", (a, b) -> isNumber ? b : a);
            }
        }
        return types;
    }

    private SentenceClasses() {}
}
