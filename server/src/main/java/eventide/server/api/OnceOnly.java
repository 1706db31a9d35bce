package eventide.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.util.DigestUtils;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * What is sent twice under one {@code Idempotency-Key} is done once: the second is given the first one's answer. Kept in
 * memory for a while: it is there for a double touch and for a line that broke, not for good. Another body under the same key
 * is another request. Comes after {@link BodyLimit}, whose bodies can be read twice.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class OnceOnly extends OncePerRequestFilter {
    static final String KEY = "Idempotency-Key";

    /** A hand that touches again does so long before [OURS]. */
    private static final Duration KEPT = Duration.ofMinutes(10);
    /** So that no stranger's keys fill the memory [OURS]. */
    private static final int MOST_KEPT = 400;
    /** Longer answers are not kept; what is made answers with a few kB, bytes [OURS]. */
    private static final int MOST_BYTES = 20_000;

    private static final int MOST_KEY = 100;
    /** The first one is given so long to end, in seconds [OURS]. */
    private static final int MOST_WAITED = 10;

    private record Answer(int status, Map<String, String> headers, byte[] body) {}

    private record Once(Instant at, CompletableFuture<Answer> answer) {}

    private final Clock clock;
    private final Map<String, Once> kept = new LinkedHashMap<>();

    OnceOnly(Clock clock) {
        this.clock = clock;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String key = request.getHeader(KEY);
        return !"POST".equals(request.getMethod()) || key == null || key.isBlank() || key.length() > MOST_KEY;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String key = request.getRequestURI() + " " + request.getHeader(KEY) + " "
                + DigestUtils.md5DigestAsHex(request.getInputStream());
        Once own = new Once(clock.instant(), new CompletableFuture<>());
        Once first = begin(key, own);
        Answer before = first == null ? null : answer(first);
        if (before != null) {
            write(before, response);
            return;
        }
        ContentCachingResponseWrapper seen = new ContentCachingResponseWrapper(response);
        Answer done = null;
        try {
            chain.doFilter(request, seen);
            if (seen.getStatus() / 100 == 2 && seen.getContentSize() <= MOST_BYTES) {
                done = new Answer(seen.getStatus(), headers(seen), seen.getContentAsByteArray());
            }
        } finally {
            if (done == null) {
                forget(key, own);
            }
            own.answer().complete(done);
            seen.copyBodyToResponse();
        }
    }

    /** The one under way or done under this key; null where this is the first. */
    private Once begin(String key, Once own) {
        synchronized (kept) {
            Instant oldest = own.at().minus(KEPT);
            kept.values().removeIf(once -> once.at().isBefore(oldest));
            if (kept.size() >= MOST_KEPT) {
                kept.remove(kept.keySet().iterator().next());
            }
            return kept.putIfAbsent(key, own);
        }
    }

    private void forget(String key, Once own) {
        synchronized (kept) {
            kept.remove(key, own);
        }
    }

    /** Null where the first came to nothing: then this one is done. */
    private static Answer answer(Once first) {
        try {
            return first.answer().get(MOST_WAITED, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return null;
        } catch (ExecutionException | TimeoutException late) {
            return null;
        }
    }

    private static Map<String, String> headers(HttpServletResponse response) {
        Map<String, String> headers = new TreeMap<>();
        for (String name : List.of("Content-Type", "ETag", "Location")) {
            String value = response.getHeader(name);
            if (value != null) {
                headers.put(name, value);
            }
        }
        return headers;
    }

    private static void write(Answer answer, HttpServletResponse response) throws IOException {
        response.setStatus(answer.status());
        answer.headers().forEach(response::setHeader);
        response.getOutputStream().write(answer.body());
    }
}
