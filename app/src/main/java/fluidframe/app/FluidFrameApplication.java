package fluidframe.app;

import java.nio.file.Path;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/**
 * Serves the program: the interface, and the interface's data over HTTP. With {@value #PREPARE} and a folder it only makes the database there that a
 * first start begins with, and ends.
 */
@SpringBootApplication
public class FluidFrameApplication {

    static final String PREPARE = "--prepare";

    public static void main(String[] args) {
        if (args.length == 2 && args[0].equals(PREPARE)) {
            String url = FirstDatabase.empty(Path.of(args[1]));
            SpringApplication.run(FluidFrameApplication.class, "--spring.datasource.url=" + url, "--server.port=0").close();
        } else {
            FirstDatabase.layOut(Path.of(Optional.ofNullable(System.getenv("DATA_DIR")).orElse("./data")));
            SpringApplication.run(FluidFrameApplication.class, args);
        }
    }
}
