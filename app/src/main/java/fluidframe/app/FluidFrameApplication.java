package fluidframe.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Serves the program: the interface, and the interface's data over HTTP. */
@SpringBootApplication
public class FluidFrameApplication {

    public static void main(String[] args) {
        SpringApplication.run(FluidFrameApplication.class, args);
    }
}
