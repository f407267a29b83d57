package vantbreeze.app.door;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** Requests written by hand: clients of libraries set Host and Origin themselves. */
final class RawHttp {

    private RawHttp() {}

    /** The whole answer to a request of these lines, on a connection of its own. */
    static String answer(int port, String... lines) {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream()
                    .write((String.join("\r\n", lines) + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** The status of the first line of an answer that may not end, as of a line that is taken up. */
    static int status(int port, String... lines) {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream()
                    .write((String.join("\r\n", lines) + "\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
            byte[] begun = socket.getInputStream().readNBytes(12);
            return Integer.parseInt(new String(begun, 9, 3, StandardCharsets.US_ASCII));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
