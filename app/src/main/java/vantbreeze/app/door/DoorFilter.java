package vantbreeze.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import vantbreeze.app.problem.Kind;

/**
 * Answers only under the house's own names, and lets no page of elsewhere change anything or take up a standing line:
 * browsers say where a request comes from in {@code Origin} (RFC 6454) and {@code Sec-Fetch-Site} (W3C Fetch Metadata).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class DoorFilter extends OncePerRequestFilter {

    /** Methods that change nothing (RFC 9110, 9.2.1). */
    private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");

    private final Names names;
    private final Refusing refusing;

    DoorFilter(Names names, Refusing refusing) {
        this.names = names;
        this.refusing = refusing;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!names.has(request.getServerName())) {
            refusing.with(
                    response,
                    Kind.WRONG_HOST,
                    "This house does not go by that name. Open it as http://127.0.0.1, or start it with "
                            + "VANTBREEZE_HOSTS set to the name you use.");
        } else if (asksForMore(request) && comesFromElsewhere(request)) {
            refusing.with(
                    response,
                    Kind.FOREIGN,
                    "A page of another site asked for this, so it was not done. Do it here, in "
                            + "Vantbreeze's own window.");
        } else {
            chain.doFilter(request, response);
        }
    }

    static boolean isSafe(HttpServletRequest request) {
        return SAFE.contains(request.getMethod());
    }

    private static boolean asksForMore(HttpServletRequest request) {
        return !isSafe(request) || request.getHeader(HttpHeaders.UPGRADE) != null;
    }

    private static boolean comesFromElsewhere(HttpServletRequest request) {
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        String here = request.getScheme().replace("ws", "http") + "://" + request.getHeader(HttpHeaders.HOST);
        return "cross-site".equals(request.getHeader("Sec-Fetch-Site"))
                || (origin != null && !origin.equalsIgnoreCase(here));
    }
}
