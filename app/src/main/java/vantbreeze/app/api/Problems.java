package vantbreeze.app.api;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import vantbreeze.app.cards.CardGone;
import vantbreeze.app.cards.ChangedElsewhere;
import vantbreeze.core.plan.Refusal;
import vantbreeze.exchange.document.UnreadablePlan;

/** Turns what went wrong into problem details (RFC 9457) whose {@code detail} is written for the maker. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** What went wrong where no request was made. */
    ProblemDetail of(RuntimeException wrong) {
        if (wrong instanceof Refusal refusal) {
            return refused(refusal);
        } else if (wrong instanceof CardGone gone) {
            return gone(gone);
        } else if (wrong instanceof ChangedElsewhere changed) {
            return changed(changed);
        }
        return unexpected(wrong);
    }

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "That can't be done", refusal.getMessage());
        problem.setProperty("field", refusal.field());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadablePlan unreadable) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "That plan can't be opened", unreadable.getMessage());
        problem.setProperty("field", "document");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail gone(CardGone gone) {
        return problem(HttpStatus.NOT_FOUND, "No such card", gone.getMessage());
    }

    @ExceptionHandler
    ProblemDetail changed(ChangedElsewhere changed) {
        return problem(HttpStatus.CONFLICT, "Changed elsewhere", changed.getMessage());
    }

    @ExceptionHandler
    ProblemDetail noSuchId(MethodArgumentTypeMismatchException mismatch) {
        return problem(HttpStatus.NOT_FOUND, "No such card", "There is nothing at this address. Go back to the drawer and choose a card.");
    }

    @ExceptionHandler
    ProblemDetail unexpected(RuntimeException unexpected) {
        LOG.error("a request failed", unexpected);
        return problem(HttpStatus.INTERNAL_SERVER_ERROR, "Something broke here",
                "That did not work, and it is our fault. Your card is as it was before. Try again.");
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(Exception exception, @Nullable Object body,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(status, "That request can't be read",
                status.value() == 404 ? "There is nothing at this address." : "The request is not one this house understands.");
        return super.handleExceptionInternal(exception, problem, headers, status, request);
    }

    private static ProblemDetail problem(HttpStatusCode status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
