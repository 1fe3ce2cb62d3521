package fluidframe.app.words;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * Sentences written into code instead of a catalogue: a text of four words and more that begins with a capital or ends
 * as a sentence does. What goes to the log, and what only a mistake of the program's own could bring up, is no text for
 * people. The language in which a figure is told aloud is a grammar of English itself.
 */
final class SentencesOutside {

    private static final Pattern SENTENCE =
            Pattern.compile("[A-Z][a-z’']* (?:[a-z’'-]+[,;:]? ){2,}[a-z’'-]+.*|.* [a-z]+ [a-z]+\\.");
    private static final Pattern NO_SENTENCE = Pattern.compile(
            "(?i).*(?:\\bselect \\w|\\binsert into|\\bdelete from|[<>#|_;{}=]|default-src).*", Pattern.DOTALL);
    private static final Set<String> OWN_MISTAKES = Set.of(
            "IllegalStateException",
            "AssertionError",
            "UncheckedIOException",
            "UnsupportedOperationException",
            "SQLException");
    private static final Set<String> LOGGERS = Set.of("LOG.", "container.getLogger()");
    private static final Set<String> LOGGING = Set.of("trace", "debug", "info", "warn", "error");
    private static final Set<String> GRAMMAR = Set.of("fluidframe.core.phrase", "fluidframe.core.talk");

    private SentencesOutside() {}

    static List<String> in(Path folder) {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
                Stream<Path> sources = Files.walk(folder)) {
            List<Path> java =
                    sources.filter(path -> path.toString().endsWith(".java")).toList();
            JavacTask task = (JavacTask)
                    compiler.getTask(null, files, said -> {}, null, null, files.getJavaFileObjectsFromPaths(java));
            List<String> found = new ArrayList<>();
            for (CompilationUnitTree unit : task.parse()) {
                if (unit.getPackageName() != null
                        && !GRAMMAR.contains(unit.getPackageName().toString())) {
                    new Literals(unit, Trees.instance(task), found).scan(unit, null);
                }
            }
            return found;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Goes through the literals of one file. */
    private static final class Literals extends TreePathScanner<Void, Void> {

        private final CompilationUnitTree unit;
        private final Trees trees;
        private final List<String> found;

        Literals(CompilationUnitTree unit, Trees trees, List<String> found) {
            this.unit = unit;
            this.trees = trees;
            this.found = found;
        }

        @Override
        public Void visitAnnotation(AnnotationTree annotation, Void none) {
            return none;
        }

        @Override
        public Void visitNewClass(NewClassTree creation, Void none) {
            return OWN_MISTAKES.contains(creation.getIdentifier().toString())
                    ? none
                    : super.visitNewClass(creation, none);
        }

        @Override
        public Void visitMethodInvocation(MethodInvocationTree call, Void none) {
            String select = call.getMethodSelect().toString();
            boolean logs = LOGGERS.stream().anyMatch(select::startsWith)
                    && LOGGING.contains(select.substring(select.lastIndexOf('.') + 1));
            return logs ? none : super.visitMethodInvocation(call, none);
        }

        @Override
        public Void visitLiteral(LiteralTree literal, Void none) {
            if (literal.getValue() instanceof String text
                    && SENTENCE.matcher(text).matches()
                    && !NO_SENTENCE.matcher(text).matches()) {
                long line = unit.getLineMap()
                        .getLineNumber(trees.getSourcePositions().getStartPosition(unit, literal));
                found.add(Path.of(unit.getSourceFile().getName()).getFileName() + ":" + line + " " + text);
            }
            return none;
        }
    }
}
