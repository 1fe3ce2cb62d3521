package fluidframe.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/**
 * Serves the program: the interface, and the interface's data over HTTP. With {@value #PREPARE} it only takes in what comes with it and ends; so the
 * build makes the database that a first start begins with.
 */
@SpringBootApplication
public class FluidFrameApplication {

    static final String PREPARE = "--prepare";

    public static void main(String[] args) {
        if (List.of(args).contains(PREPARE)) {
            SpringApplication.run(FluidFrameApplication.class, args).close();
        } else {
            FirstDatabase.layOut(Path.of(Optional.ofNullable(System.getenv("DATA_DIR")).orElse("./data")));
            SpringApplication.run(FluidFrameApplication.class, args);
        }
    }
}
