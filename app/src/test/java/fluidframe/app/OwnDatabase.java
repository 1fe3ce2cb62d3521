package fluidframe.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Lets a test class begin as a coach does on the first day: with a database of its own that has the shipped books in it. */
public final class OwnDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        try {
            Path folder = Files.createTempDirectory("fluidframe-test");
            FirstDatabase.layOut(folder);
            TestPropertyValues.of("spring.datasource.url=jdbc:h2:file:" + folder.resolve("fluidframe")).applyTo(context);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
