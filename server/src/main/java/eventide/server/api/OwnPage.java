package eventide.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Serves this app's own page and scripts on this machine, and nobody else: a page of another site that a browser has open can
 * reach loopback too, by a name made to point there or by sending a form.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnPage extends OncePerRequestFilter {
    /** Names of this machine; any other was made to point here. */
    private static final Set<String> HERE = Set.of("localhost", "127.0.0.1", "[::1]");
    /** What a browser says of a request that this app's own page, or nobody's page, made. */
    private static final Set<String> OWN_FETCH = Set.of("same-origin", "none");

    private static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none';"
            + " form-action 'self'; frame-ancestors 'none'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        String foreign = foreign(request);
        if (foreign != null) {
            ProblemWriter.write(response, HttpStatus.FORBIDDEN, "Not from here", foreign);
            return;
        }
        chain.doFilter(request, response);
    }

    /** What is foreign about a request; null for our own. */
    private static String foreign(HttpServletRequest request) {
        String host = request.getHeader("Host");
        if (host == null || !HERE.contains(name(host))) {
            return "This app answers on this machine only, as localhost or 127.0.0.1, but was asked as " + host + ".";
        }
        String origin = request.getHeader("Origin");
        if (origin != null && !origin.equalsIgnoreCase("http://" + host)) {
            return "This app answers its own page only, but was asked by one from " + origin + ".";
        }
        String fetch = request.getHeader("Sec-Fetch-Site");
        boolean followedLink =
                "GET".equals(request.getMethod()) && !request.getRequestURI().startsWith("/api");
        if (origin == null && fetch != null && !OWN_FETCH.contains(fetch) && !followedLink) {
            return "This app answers its own page only, but was asked by another.";
        }
        return null;
    }

    /** Without the port; an address in brackets keeps them. */
    private static String name(String host) {
        int colon = host.lastIndexOf(':');
        String name = colon > host.lastIndexOf(']') ? host.substring(0, colon) : host;
        return name.toLowerCase(Locale.ROOT);
    }
}
