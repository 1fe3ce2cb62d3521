package fluidframe.app;

import fluidframe.app.start.FirstDatabase;
import fluidframe.app.storage.DatabaseFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Lets a test class begin as a coach does on the first day: with a database of its own that has the shipped books in
 * it, and nothing worked out that no test asks for.
 */
public class OwnDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        try {
            Path folder = Files.createTempDirectory("fluidframe-test");
            DatabaseFile file = DatabaseFile.in(folder);
            layOut(file);
            TestPropertyValues.of(
                            "spring.datasource.url=" + file.url(),
                            "fluidframe.prepared-after=1h",
                            "fluidframe.warming-rounds=0")
                    .applyTo(context);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Puts there what it begins with. */
    protected void layOut(DatabaseFile file) throws IOException {
        FirstDatabase.layOut(file);
    }
}
