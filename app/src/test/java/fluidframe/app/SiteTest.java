package fluidframe.app;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.forwardedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** How long a browser may keep what. Shares its program with the other tests over HTTP. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class SiteTest extends OverHttp {

    @Test
    void whatHasAHashInItsNameIsKeptForAYearAndSentCompressed() throws Exception {
        String script = new PathMatchingResourcePatternResolver()
                .getResources("classpath*:/static/assets/*.js")[0].getFilename();
        mvc.perform(get("/assets/{name}", script).header("Accept-Encoding", "gzip"))
                .andExpect(status().isOk())
                .andExpect(header().string(
                                "Cache-Control",
                                allOf(containsString("max-age=31536000"), containsString("immutable"))))
                .andExpect(header().string("Content-Encoding", "gzip"))
                .andExpect(header().string("Vary", containsString("Accept-Encoding")));
        mvc.perform(get("/assets/{name}", script))
                .andExpect(status().isOk())
                .andExpect(header().doesNotExist("Content-Encoding"));
    }

    @Test
    void pagesAreAskedForEachTime() throws Exception {
        mvc.perform(get("/")).andExpect(forwardedUrl("index.html"));
        mvc.perform(get("/index.html"))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", "no-cache"));
    }

    @Test
    void listsThatHaveNotChangedAreNotSentAgain() throws Exception {
        String tag =
                http.read("/api/figures?dance=waltz").andReturn().getResponse().getHeader("ETag");
        mvc.perform(get("/api/figures?dance=waltz").header("If-None-Match", tag))
                .andExpect(status().isNotModified());
        http.send("/api/figures", http.figure("waltz-whisk").put("id", "another-whisk"))
                .andExpect(status().isCreated());
        mvc.perform(get("/api/figures?dance=waltz").header("If-None-Match", tag))
                .andExpect(status().isOk());
    }
}
