package vantbreeze.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Tells browsers what the pages of this house do not do, so that nothing that slips in can (Content Security Policy 3,
 * Referrer Policy, Permissions Policy, Fetch: CORP, and X-Frame-Options for the older ones). Styles may stand in the
 * page, since the dialogs' library puts one there while a dialog is open; scripts may not.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class HeadersFilter extends OncePerRequestFilter {

    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' "
                    + "data: blob:; font-src 'self'; "
                    + "connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; "
                    + "frame-ancestors 'none'";
    private static final String PERMISSIONS =
            "accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), microphone=(), midi=(), "
                    + "payment=(), serial=(), usb=()";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("Permissions-Policy", PERMISSIONS);
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        if (Address.isOfTheMaker(request)) {
            // a maker's cards lie in no cache unless an answer says so itself
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        chain.doFilter(request, response);
    }
}
