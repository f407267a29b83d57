package vantbreeze.app.door;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import vantbreeze.app.problem.Kind;

/** Answers a request that goes no further. */
@Component
class Refusing {

    private final ObjectMapper json;

    Refusing(ObjectMapper json) {
        this.json = json;
    }

    void with(HttpServletResponse response, Kind kind, String words) throws IOException {
        response.setStatus(kind.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsBytes(kind.of(words)));
    }
}
