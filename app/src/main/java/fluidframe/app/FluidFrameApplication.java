package fluidframe.app;

import fluidframe.app.problems.LastWords;
import fluidframe.app.start.CannotStartException;
import fluidframe.app.start.CommandLine;
import fluidframe.app.storage.ForeignCode;
import fluidframe.app.warming.FirstThoughts;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.core.env.MapPropertySource;

/**
 * Serves the program: the interface, and the interface's data over HTTP; or does what its command line asks of the data
 * instead.
 */
@SpringBootApplication
public class FluidFrameApplication {

    public static void main(String[] args) {
        LastWords.listen();
        ForeignCode.shutOut();
        try {
            CommandLine.of(args, System.getenv()).run(FluidFrameApplication::serve);
        } catch (CannotStartException e) {
            System.err.println(e.getMessage());
            System.exit(1);
        }
    }

    /** @param properties what is set before anything of the program is made */
    private static AutoCloseable serve(Map<String, Object> properties) {
        SpringApplication application = new SpringApplication(FluidFrameApplication.class);
        application.addInitializers(context ->
                context.getEnvironment().getPropertySources().addFirst(new MapPropertySource("start", properties)));
        FirstThoughts.begin();
        return application.run();
    }
}
