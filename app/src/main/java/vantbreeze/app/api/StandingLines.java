package vantbreeze.app.api;

import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.web.socket.WebSocketExtension;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import org.springframework.web.socket.server.support.DefaultHandshakeHandler;

/** Where standing lines are taken up; pages from elsewhere are turned away, as Spring does unless told otherwise. */
@Configuration
@EnableWebSocket
class StandingLines implements WebSocketConfigurer {

    private final DragSocket hands;

    StandingLines(DragSocket hands) {
        this.hands = hands;
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        registry.addHandler(hands, "/api/hand").setHandshakeHandler(new Uncompressed());
    }

    /** On one machine it takes longer to compress an answer than to send it. */
    private static final class Uncompressed extends DefaultHandshakeHandler {

        @Override
        protected List<WebSocketExtension> filterRequestedExtensions(
                ServerHttpRequest request, List<WebSocketExtension> requested, List<WebSocketExtension> supported) {
            return List.of();
        }
    }
}
