package vantbreeze.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import vantbreeze.app.house.DataFolder;
import vantbreeze.app.problem.Kind;

/**
 * Takes nothing in while the disk is all but full. A database that runs out of room in the middle of a write closes
 * itself; it is better not to begin.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 40)
class RoomFilter extends OncePerRequestFilter {

    private final DataFolder folder;
    private final long least;
    private final Refusing refusing;

    RoomFilter(DataFolder folder, @Value("${vantbreeze.least-free-bytes}") long least, Refusing refusing) {
        this.folder = folder;
        this.least = least;
        this.refusing = refusing;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        // room is made by deleting
        return DoorFilter.isSafe(request) || request.getMethod().equals("DELETE") || !Address.isOfTheMaker(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (folder.free() < least) {
            refusing.with(
                    response,
                    Kind.DISK_FULL,
                    "The disk is full, so this was not saved. What was saved before is safe. Make room "
                            + "on the disk, then try again.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
