package vantbreeze.app.api;

import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonMappingException;
import jakarta.validation.ConstraintViolation;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import vantbreeze.app.cards.CannotOpen;
import vantbreeze.app.cards.CardGone;
import vantbreeze.app.cards.ChangedElsewhere;
import vantbreeze.app.door.SizeFilter;
import vantbreeze.app.problem.Kind;
import vantbreeze.app.safekeeping.UnreadableBackup;
import vantbreeze.app.stock.TooLarge;
import vantbreeze.core.check.ValidationException;
import vantbreeze.exchange.document.UnreadablePlan;

/** Turns what went wrong into problem details (RFC 9457) whose {@code detail} is written for the maker. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** What H2 says when the disk takes no more, and when it closed itself over that. */
    private static final Set<Integer> NO_ROOM = Set.of(
            ErrorCode.IO_EXCEPTION_1,
            ErrorCode.IO_EXCEPTION_2,
            ErrorCode.DATABASE_IS_CLOSED,
            ErrorCode.DATABASE_CALLED_AT_SHUTDOWN);

    /** What went wrong where no request was made. */
    ProblemDetail of(RuntimeException wrong) {
        if (wrong instanceof ValidationException refusal) {
            return refused(refusal);
        } else if (wrong instanceof CardGone || wrong instanceof NotHere) {
            return gone(wrong);
        } else if (wrong instanceof ChangedElsewhere changed) {
            return changed(changed);
        } else if (wrong instanceof UnreadablePlan unreadable) {
            return unreadable(unreadable);
        }
        return unexpected(wrong);
    }

    @ExceptionHandler
    ProblemDetail refused(ValidationException refusal) {
        ProblemDetail problem = Kind.REFUSED.of(refusal.getMessage());
        problem.setProperty("field", refusal.field());
        if (!refusal.ways().isEmpty()) {
            problem.setProperty("ways", refusal.ways());
        }
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadablePlan unreadable) {
        ProblemDetail problem = Kind.UNREADABLE_PLAN.of(unreadable.getMessage());
        problem.setProperty("field", "document");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableBackup unreadable) {
        return Kind.UNREADABLE_BACKUP.of(unreadable.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unopenable(CannotOpen unopenable) {
        if (!(unopenable.getCause() instanceof ValidationException
                || unopenable.getCause() instanceof UnreadablePlan)) {
            LOG.error("a card can't be worked out", unopenable.getCause());
        }
        return Kind.CANNOT_OPEN.of(unopenable.getMessage());
    }

    @ExceptionHandler({CardGone.class, NotHere.class})
    ProblemDetail gone(RuntimeException gone) {
        return Kind.GONE.of(String.valueOf(gone.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail tooLarge(TooLarge tooLarge) {
        return Kind.TOO_LARGE.of(tooLarge.getMessage());
    }

    @ExceptionHandler
    ProblemDetail changed(ChangedElsewhere changed) {
        return Kind.CHANGED_ELSEWHERE.of(changed.getMessage());
    }

    @ExceptionHandler
    ProblemDetail mismatched(MethodArgumentTypeMismatchException mismatch) {
        if (mismatch.getParameter().hasParameterAnnotation(PathVariable.class)) {
            return Kind.GONE.of("There is nothing at this address. Go back to the drawer and choose a card.");
        }
        Class<?> type = mismatch.getRequiredType();
        String there = type != null && type.isEnum()
                ? " It is one of %s."
                        .formatted(Arrays.stream(type.getEnumConstants())
                                .map(Object::toString)
                                .collect(Collectors.joining(", ")))
                : "";
        return fields(
                "\"%s\" is no %s.%s".formatted(shown(String.valueOf(mismatch.getValue())), mismatch.getName(), there),
                List.of(mismatch.getName()));
    }

    @ExceptionHandler
    ProblemDetail unexpected(RuntimeException unexpected) {
        for (Throwable cause = unexpected; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException store && store.getErrorCode() == ErrorCode.DATABASE_IS_READ_ONLY) {
                return Kind.READ_ONLY.of("Nothing can be saved here now; your cards are shown as they are kept. What "
                        + "Vantbreeze said when it was started tells why.");
            }
            if (cause instanceof MVStoreException
                    || (cause instanceof SQLException store && NO_ROOM.contains(store.getErrorCode()))) {
                LOG.error("the store does not take it", unexpected);
                return Kind.DISK_FULL.of(
                        "The disk did not take this, so it was not saved. What was saved before is safe. "
                                + "Make room on the disk, then try again.");
            }
        }
        LOG.error("a request failed", unexpected);
        return Kind.BROKEN.of("That did not work, and it is our fault. Your card is as it was before. Try again.");
    }

    /** A body that is well formed but not what is asked for here. */
    ProblemDetail invalid(Set<? extends ConstraintViolation<?>> violations) {
        List<String> fields = violations.stream()
                .map(one -> one.getPropertyPath().toString())
                .sorted()
                .toList();
        return fields("Something is missing or too long: %s.".formatted(String.join(", ", fields)), fields);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<String> fields = invalid.getBindingResult().getFieldErrors().stream()
                .map(FieldError::getField)
                .distinct()
                .sorted()
                .toList();
        String words = invalid.getBindingResult().getFieldErrors().stream()
                .map(error -> "%s %s"
                        .formatted(
                                error.getField(),
                                error.getRejectedValue() == null ? "is missing" : error.getDefaultMessage()))
                .sorted()
                .collect(Collectors.joining("; "));
        return answer(fields("The request can't be done as it is: %s.".formatted(words), fields));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException missing,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        return answer(fields(
                "The request can't be done as it is: %s is missing.".formatted(missing.getParameterName()),
                List.of(missing.getParameterName())));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
            if (cause instanceof SizeFilter.TooLarge || cause instanceof StreamConstraintsException) {
                return answer(Kind.TOO_LARGE.of("That is more than is taken at once here. Send less."));
            }
        }
        if (unreadable.getCause() instanceof JsonMappingException unmapped
                && !unmapped.getPath().isEmpty()) {
            String field = unmapped.getPath().stream()
                    .map(step -> step.getFieldName() == null
                            ? String.format(Locale.ROOT, "[%d]", step.getIndex())
                            : step.getFieldName())
                    .collect(Collectors.joining("."));
            return answer(fields(
                    "The request can't be done as it is: %s is missing or is not what belongs there.".formatted(field),
                    List.of(field)));
        }
        return answer(Kind.MALFORMED.of(
                "The request is not one this house understands: its body is no JSON, or none that belongs here."));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception exception,
            @Nullable Object body,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        Kind kind = Kind.of(status);
        ProblemDetail problem = kind.of(
                kind == Kind.NO_SUCH_ADDRESS
                        ? "There is nothing at this address."
                        : "The request is not one this house understands: %s."
                                .formatted(kind.name().toLowerCase(Locale.ROOT).replace('_', ' ')));
        problem.setStatus(status.value());
        return super.handleExceptionInternal(exception, problem, headers, status, request);
    }

    private static ProblemDetail fields(String words, List<String> fields) {
        ProblemDetail problem = Kind.INVALID_FIELDS.of(words);
        problem.setProperty("fields", fields);
        return problem;
    }

    private static ResponseEntity<Object> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private static String shown(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
