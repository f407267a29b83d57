package vantbreeze.app.house;

import java.util.stream.Stream;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Says in a sentence why the house can't be started, where that is known, instead of a page of stack trace. */
@Order(Ordered.HIGHEST_PRECEDENCE)
public final class OneSentence implements SpringBootExceptionReporter {

    @Override
    public boolean reportException(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .anyMatch(cause -> {
                    if (cause instanceof CannotStart || cause instanceof PortInUseException) {
                        System.err.println(cause.getMessage());
                        return true;
                    }
                    return false;
                });
    }
}
