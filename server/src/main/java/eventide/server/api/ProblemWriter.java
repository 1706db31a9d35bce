package eventide.server.api;

import eventide.shape.Fault;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem (RFC 9457) where no controller is in reach: in filters, and where the container itself refuses. */
final class ProblemWriter {
    private static final JsonMapper JSON = new JsonMapper();

    private ProblemWriter() {}

    static void write(HttpServletResponse response, HttpStatus status, String title, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json(status.value(), title, detail));
    }

    static byte[] json(int status, String title, String detail) {
        Map<String, Object> problem = new LinkedHashMap<>();
        problem.put("title", title);
        problem.put("status", status);
        problem.put("detail", detail);
        problem.put("faults", List.of(new Fault("", detail)));
        return JSON.writeValueAsString(problem).getBytes(StandardCharsets.UTF_8);
    }
}
