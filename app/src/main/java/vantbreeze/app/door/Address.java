package vantbreeze.app.door;

import jakarta.servlet.http.HttpServletRequest;

/**
 * What a request asks for, as the rooms behind will read it: decoded, without parameters, with no way up or twice a
 * slash.
 */
final class Address {

    private Address() {}

    static String of(HttpServletRequest request) {
        // as the container has it, not as it was written: "/%61pi/cards" is "/api/cards"
        return request.getPathInfo() == null
                ? request.getServletPath()
                : request.getServletPath() + request.getPathInfo();
    }

    /** Whether it asks for something of the maker's, not for the front end's own files. */
    static boolean isOfTheMaker(HttpServletRequest request) {
        String address = of(request);
        return address.startsWith("/api/") || address.equals("/api") || address.startsWith("/v3/");
    }
}
