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
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies no stylist could have typed before anything tries to understand them, and holds only so much at once. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class BodyLimit extends OncePerRequestFilter {
    /** A routine of 200 steps with full labels is under a tenth of this. */
    static final int MOST_BYTES = 2_000_000;
    /** Photographs come larger than anything typed. */
    static final int MOST_PHOTO_BYTES = 8_000_000;
    /** Some clients' files with their photographs; a whole salon moves as a backup. */
    static final int MOST_FILE_BYTES = 40_000_000;

    private static final int KILO = 1000;
    /** Of all bodies together, kB: one file, which takes five times its size until it is read, and a photograph. */
    private static final int MOST_AT_ONCE = 48_100;

    private static final int MOST_WAITED_SECONDS = 5;

    private final Semaphore kilobytes = new Semaphore(MOST_AT_ONCE, true);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean mayHaveBody = request.getContentLengthLong() != 0 && !"GET".equals(request.getMethod());
        boolean bare = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") == null;
        if (!mayHaveBody || bare) {
            chain.doFilter(request, response);
            return;
        }
        MediaType type = type(request.getContentType());
        boolean form = isMeasured(request);
        if (type == null && !form) {
            refuseKind(request, response);
            return;
        }
        int most = most(request, type);
        if (request.getContentLengthLong() > most) {
            refuse(response, most);
            return;
        }
        int held = (int) (request.getContentLengthLong() < 0 ? most : request.getContentLengthLong()) / KILO + 1;
        if (!hold(held)) {
            response.setHeader("Retry-After", "2");
            ProblemWriter.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Busy",
                    "Much is being sent at once: send it again in a moment.");
            return;
        }
        try {
            if (form) {
                chain.doFilter(request, response); // its parts are read, and limited, by the container
                return;
            }
            byte[] body = request.getInputStream().readNBytes(most + 1);
            if (body.length > most) {
                refuse(response, most);
                return;
            }
            chain.doFilter(new Read(request, body), response);
        } finally {
            kilobytes.release(held);
        }
    }

    private static int most(HttpServletRequest request, MediaType type) {
        if (type == null || type.getType().equals("image")) {
            return MOST_PHOTO_BYTES;
        }
        return request.getRequestURI().startsWith("/api/exchange") ? MOST_FILE_BYTES : MOST_BYTES;
    }

    /** A picture to measure comes as a form. */
    private static boolean isMeasured(HttpServletRequest request) {
        return "/api/pictures/measure".equals(request.getRequestURI())
                && request.getContentType() != null
                && request.getContentType().startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
    }

    /** Null for what nothing here reads. */
    private static MediaType type(String contentType) {
        try {
            MediaType type = contentType == null ? null : MediaType.parseMediaType(contentType);
            boolean known = type != null
                    && (type.equalsTypeAndSubtype(MediaType.APPLICATION_JSON)
                            || type.getType().equals("image") && !type.isWildcardSubtype());
            return known ? type : null;
        } catch (InvalidMediaTypeException unreadable) {
            return null;
        }
    }

    private boolean hold(int some) {
        try {
            return kilobytes.tryAcquire(some, MOST_WAITED_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static void refuseKind(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.setHeader("Connection", "close");
        ProblemWriter.write(
                response,
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                "Not in this form",
                "Content-Type must be application/json, or for a photograph image/jpeg or image/png, but was "
                        + (request.getContentType() == null ? "missing" : request.getContentType()) + ".");
    }

    private static void refuse(HttpServletResponse response, int most) throws IOException {
        response.setHeader("Connection", "close");
        ProblemWriter.write(
                response, HttpStatus.CONTENT_TOO_LARGE, "Too large", "A body must be at most " + most + " bytes.");
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
