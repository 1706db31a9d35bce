package eventide.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies no stylist could have typed before anything tries to understand them. */
@Component
class BodyLimit extends OncePerRequestFilter {
    /** A routine of 200 steps with full labels is under a tenth of this. */
    static final int MOST_BYTES = 2_000_000;
    /** Photographs come larger than anything typed. */
    static final int MOST_PHOTO_BYTES = 8_000_000;
    /** A salon's whole file: some thousands of wash days. */
    static final int MOST_FILE_BYTES = 100_000_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean photo =
                request.getContentType() != null && request.getContentType().startsWith("image/");
        boolean file = request.getRequestURI().startsWith("/api/exchange");
        int most = photo ? MOST_PHOTO_BYTES : file ? MOST_FILE_BYTES : MOST_BYTES;
        if (request.getContentLengthLong() > most) {
            refuse(response, most);
            return;
        }
        boolean mayHaveBody = request.getContentLengthLong() != 0 && !"GET".equals(request.getMethod());
        if (!mayHaveBody) {
            chain.doFilter(request, response);
            return;
        }
        byte[] body = request.getInputStream().readNBytes(most + 1);
        if (body.length > most) {
            refuse(response, most);
            return;
        }
        chain.doFilter(new Read(request, body), response);
    }

    private static void refuse(HttpServletResponse response, int most) throws IOException {
        response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        response.setContentType("application/problem+json");
        response.setHeader("Connection", "close");
        response.getOutputStream()
                .write(("{\"title\":\"Too large\",\"status\":413,\"detail\":\"A body must be at most " + most
                                + " bytes\",\"faults\":[{\"pointer\":\"\",\"message\":\"too large\"}]}")
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** A request whose body has been taken into memory. */
    private static final class Read extends HttpServletRequestWrapper {
        private final byte[] body;

        Read(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] into, int from, int length) {
                    return in.read(into, from, length);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new UnsupportedOperationException("Bodies are read at once");
                }
            };
        }
    }
}
