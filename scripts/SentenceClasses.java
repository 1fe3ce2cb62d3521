import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Writes one class for each catalogue of sentences, with a method for each of them, so that the compiler sees a missing
 * sentence or a missing value. Called by the build with the folder of the catalogues, the package above those of the
 * classes, and the folder they are written to. A class that is up to date is left alone.
 */
final class SentenceClasses {

    public static void main(String[] args) throws IOException {
        Path catalogues = Path.of(args[0]);
        try (Stream<Path> files = Files.list(catalogues)) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".properties")).sorted().toList()) {
                write(file, catalogues.getFileName().toString(), args[1], Path.of(args[2]));
            }
        }
    }

    private static void write(Path file, String module, String parent, Path out) throws IOException {
        String area = file.getFileName().toString().replace(".properties", "");
        if (area.indexOf('_') >= 0) {
            return;
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
    }

    private static String method(Path file, String key, String sentence) {
        Set<String> values = values(file, key, sentence);
        String parameters = String.join(", ", values.stream().map(value -> "Object " + value).toList());
        String given = String.join("", values.stream().map(value -> ", \"" + value + "\", " + value).toList());
        return "\n    static String %s(%s) {\n        return SENTENCES.say(\"%s\"%s);\n    }\n"
                .formatted(key, parameters, key, given);
    }

    /** Names of the values in the order in which the sentence has them. */
    private static Set<String> values(Path file, String key, String sentence) {
        MessagePattern pattern;
        try {
            pattern = new MessagePattern(sentence);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(file + ": " + key + ": " + e.getMessage(), e);
        }
        Set<String> names = new LinkedHashSet<>();
        for (int i = 0; i < pattern.countParts(); i++) {
            Part part = pattern.getPart(i);
            if (part.getType() == Part.Type.ARG_NUMBER) {
                throw new IllegalArgumentException(file + ": " + key + ": a value needs a name, not a number");
            }
            if (part.getType() == Part.Type.ARG_NAME) {
                names.add(pattern.getSubstring(part));
            }
        }
        return names;
    }

    private SentenceClasses() {}
}
