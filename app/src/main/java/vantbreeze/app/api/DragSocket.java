package vantbreeze.app.api;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Valid;
import jakarta.validation.Validator;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.BinaryMessage;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;

/**
 * A standing line (RFC 6455) for what is asked at every move while a line of a card is dragged: the same as a request
 * for it, without what a request costs each time, so that the answer is there one frame sooner. One question, one
 * answer, in turn.
 */
@Component
class DragSocket extends TextWebSocketHandler {

    /** What would become of a card. */
    record Question(@NotNull UUID card, @NotNull @Valid DragCommand drag) {}

    /** The card after the move, or why there is none. */
    record Answer(DragController.@Nullable MovedView moved, @Nullable ProblemDetail problem) {}

    private final DragController hands;
    private final Problems problems;
    private final ObjectMapper json;
    private final Validator validator;

    DragSocket(DragController hands, Problems problems, ObjectMapper json, Validator validator) {
        this.hands = hands;
        this.problems = problems;
        this.json = json;
        this.validator = validator;
    }

    @Override
    protected void handleTextMessage(WebSocketSession session, TextMessage message) throws IOException {
        Question question;
        try {
            question = json.readValue(message.getPayload(), Question.class);
        } catch (IOException unreadable) {
            session.close(CloseStatus.BAD_DATA);
            return;
        }
        session.sendMessage(new BinaryMessage(json.writeValueAsBytes(answer(question))));
    }

    private Answer answer(Question question) {
        Set<ConstraintViolation<Question>> violations = validator.validate(question);
        if (!violations.isEmpty()) {
            return new Answer(null, problems.invalid(violations));
        }
        try {
            return new Answer(hands.glimpse(question.card(), question.drag()), null);
        } catch (RuntimeException wrong) {
            return new Answer(null, problems.of(wrong));
        }
    }
}
