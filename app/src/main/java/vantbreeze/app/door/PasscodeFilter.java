package vantbreeze.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import vantbreeze.app.problem.Kind;

/**
 * Where a passcode is asked for, nothing of the maker's is answered before it is given; the empty page that asks for it
 * is.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class PasscodeFilter extends OncePerRequestFilter {

    /** In the session of one who gave it. */
    static final String ADMITTED = "admitted";

    private final Passcode passcode;
    private final Refusing refusing;

    PasscodeFilter(Passcode passcode, Refusing refusing) {
        this.passcode = passcode;
        this.refusing = refusing;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !passcode.isAsked()
                || !Address.isOfTheMaker(request)
                || Address.of(request).equals("/api/session");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session == null || session.getAttribute(ADMITTED) == null) {
            refusing.with(response, Kind.LOCKED, "Type the passcode first.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
