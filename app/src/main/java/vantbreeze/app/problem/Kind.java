package vantbreeze.app.problem;

import java.net.URI;
import java.util.Arrays;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;

/** The kinds of problems, each with its status as RFC 9110 means it. They are listed for others in docs/problems.md. */
public enum Kind {
    /** What the maker asked can't be done; {@code field} says which of their entries stands in the way. */
    REFUSED(HttpStatus.UNPROCESSABLE_ENTITY, "That can't be done"),
    /** A file or text is no plan. */
    UNREADABLE_PLAN(HttpStatus.UNPROCESSABLE_ENTITY, "That plan can't be opened"),
    /** A file is no backup. */
    UNREADABLE_BACKUP(HttpStatus.UNPROCESSABLE_ENTITY, "That backup can't be read"),
    /** The card is kept, but this build can't work it out. */
    CANNOT_OPEN(HttpStatus.UNPROCESSABLE_ENTITY, "That card can't be opened"),
    /** No such card, version or thing. */
    GONE(HttpStatus.NOT_FOUND, "Not here"),
    /** No such address. */
    NO_SUCH_ADDRESS(HttpStatus.NOT_FOUND, "Nothing at this address"),
    /** The card moved on from the revision that was looked at. */
    CHANGED_ELSEWHERE(HttpStatus.CONFLICT, "Changed elsewhere"),
    /** The body is no JSON, or none that can be read here. */
    MALFORMED(HttpStatus.BAD_REQUEST, "That request can't be read"),
    /** A field or parameter is missing, too long or none of those there are; {@code fields} names them. */
    INVALID_FIELDS(HttpStatus.BAD_REQUEST, "Something is missing"),
    /** The passcode is asked for. */
    LOCKED(HttpStatus.UNAUTHORIZED, "Locked"),
    /** Asked by a page of elsewhere. */
    FOREIGN(HttpStatus.FORBIDDEN, "Not from there"),
    /** This method is not for this address. */
    METHOD(HttpStatus.METHOD_NOT_ALLOWED, "That can't be asked so"),
    /** No answer of the kind that is wanted. */
    NOT_ACCEPTABLE(HttpStatus.NOT_ACCEPTABLE, "No such kind of answer"),
    /** More than is taken. */
    TOO_LARGE(HttpStatus.PAYLOAD_TOO_LARGE, "That is too much"),
    /** A body of another kind than is taken here. */
    MEDIA_TYPE(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Another kind of file is needed"),
    /** Asked under a name that is not this house's: 421, misdirected (RFC 9110, 15.5.20). */
    WRONG_HOST(HttpStatusCode.valueOf(421), "Another house"),
    /** Too many wrong passcodes. */
    SLOWED(HttpStatus.TOO_MANY_REQUESTS, "Too many tries"),
    /** Our own fault. */
    BROKEN(HttpStatus.INTERNAL_SERVER_ERROR, "Something broke here"),
    /** Nothing can be written now; what is kept can be read. */
    READ_ONLY(HttpStatus.SERVICE_UNAVAILABLE, "Nothing can be saved now"),
    /** No room on the disk. */
    DISK_FULL(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full");

    /** Before the name of a kind in its type: not an address, since it works with no network. */
    public static final String TYPES = "urn:vantbreeze:problem:";

    private final HttpStatusCode status;
    private final String title;

    Kind(HttpStatusCode status, String title) {
        this.status = status;
        this.title = title;
    }

    /** The status it is answered with. */
    public HttpStatusCode status() {
        return status;
    }

    /** The kind's URI. */
    public URI type() {
        return URI.create(TYPES + name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /**
     * A problem of this kind.
     *
     * @param words for the maker: what is wrong and what to do
     */
    public ProblemDetail of(String words) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, words);
        problem.setTitle(title);
        problem.setType(type());
        return problem;
    }

    /** The kind for what the web server or framework refused with this status before any of our own code ran. */
    public static Kind of(HttpStatusCode status) {
        if (status.value() == HttpStatus.NOT_FOUND.value()) {
            return NO_SUCH_ADDRESS;
        }
        if (status.is4xxClientError()) {
            return Arrays.stream(values())
                    .filter(kind -> kind.status.value() == status.value()
                            && kind.status.value() != HttpStatus.UNPROCESSABLE_ENTITY.value())
                    .findFirst()
                    .orElse(MALFORMED);
        }
        return BROKEN;
    }
}
