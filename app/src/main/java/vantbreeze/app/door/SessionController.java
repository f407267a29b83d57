package vantbreeze.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.problem.Kind;

/** Lets one in who knows the passcode, and out again. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    /** What was typed. */
    public record Given(@NotNull @Size(max = 200) String passcode) {}

    private final Passcode passcode;

    SessionController(Passcode passcode) {
        this.passcode = passcode;
    }

    @PostMapping
    ResponseEntity<Object> enter(@Valid @RequestBody Given given, HttpServletRequest request) {
        return switch (passcode.attempt(given.passcode())) {
            case RIGHT -> {
                // another session than before, so that nobody can have laid one ready
                if (request.getSession(false) != null) {
                    request.getSession().invalidate();
                }
                request.getSession(true).setAttribute(PasscodeFilter.ADMITTED, true);
                yield ResponseEntity.noContent().build();
            }
            case WRONG ->
                ResponseEntity.status(Kind.LOCKED.status())
                        .body(Kind.LOCKED.of("That is not the passcode. It was said when Vantbreeze was started."));
            case TOO_SOON ->
                ResponseEntity.status(Kind.SLOWED.status())
                        .header(HttpHeaders.RETRY_AFTER, Long.toString(passcode.waitSeconds()))
                        .body(Kind.SLOWED.of(String.format(
                                Locale.ROOT,
                                "Too many wrong tries. Wait %d seconds, then try again.",
                                passcode.waitSeconds())));
        };
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
