package fluidframe.app;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Requests as the tests make them. */
public final class Http {

    public static final JsonMapper JSON = JsonMapper.builder().build();

    private final MockMvc mvc;

    public Http(MockMvc mvc) {
        this.mvc = mvc;
    }

    public ResultActions read(String path, Object... variables) throws Exception {
        return mvc.perform(get(path, variables));
    }

    public ResultActions send(String path, JsonNode body) throws Exception {
        return send(path, JSON.writeValueAsString(body));
    }

    public ResultActions send(String path, JsonNode body, Cookie cookie) throws Exception {
        return mvc.perform(post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .cookie(cookie)
                .content(JSON.writeValueAsString(body)));
    }

    public ResultActions send(String path, String body) throws Exception {
        return mvc.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    public ResultActions sendCsv(String path, String csv) throws Exception {
        return mvc.perform(post(path).contentType("text/csv").content(csv));
    }

    public String text(String path, Object... variables) throws Exception {
        return read(path, variables).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    public ObjectNode figure(String id) throws Exception {
        return (ObjectNode) JSON.readTree(text("/api/figures/{id}", id));
    }
}
