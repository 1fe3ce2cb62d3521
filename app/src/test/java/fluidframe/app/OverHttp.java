package fluidframe.app;

import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;

/** A test that speaks to the whole program over HTTP, with a database of its own. */
@ContextConfiguration(initializers = OwnDatabase.class)
@AutoConfigureMockMvc
abstract class OverHttp {

    @Autowired
    protected MockMvc mvc;

    protected Http http;

    @BeforeEach
    void speakHttp() {
        http = new Http(mvc);
    }
}
