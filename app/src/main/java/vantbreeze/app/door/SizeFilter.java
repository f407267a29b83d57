package vantbreeze.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import vantbreeze.app.problem.Kind;

/** Takes no more bytes than a request can need, whether it says how many it has or not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
public class SizeFilter extends OncePerRequestFilter {

    private static final long MEBIBYTE = 1024 * 1024;
    /** Most bytes of a request: a plan document as a string in JSON, every character escaped. */
    private static final long MOST = 3 * MEBIBYTE;

    private final Refusing refusing;

    SizeFilter(Refusing refusing) {
        this.refusing = refusing;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(Address.of(request));
        if (request.getContentLengthLong() > most) {
            refusing.with(response, Kind.TOO_LARGE, words(most));
            return;
        }
        try {
            chain.doFilter(new Counted(request, most), response);
        } catch (TooLarge tooLarge) {
            refusing.with(response, Kind.TOO_LARGE, words(most));
        }
    }

    private static long most(String address) {
        return switch (address) {
            // a picture says in its own words what it may be
            case "/api/stock/pictures" -> 11 * MEBIBYTE;
            // a plan that brings pictures of its papers
            case "/api/cards/opened" -> 14 * MEBIBYTE;
            case "/api/restore" -> 512 * MEBIBYTE;
            default -> MOST;
        };
    }

    static String words(long most) {
        return String.format(
                Locale.ROOT, "That is more than %d MB, which is more than is taken here. Send less.", most / MEBIBYTE);
    }

    /** More bytes came than are taken. */
    public static final class TooLarge extends IOException {

        private static final long serialVersionUID = 1;

        TooLarge(String words) {
            super(words);
        }
    }

    /** A request whose bytes are counted as they are read. */
    private static final class Counted extends HttpServletRequestWrapper {

        private final long most;
        private @Nullable ServletInputStream stream;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (stream == null) {
                stream = new CountedStream(super.getInputStream(), most);
            }
            return stream;
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream stream;
        private final long most;
        private long read;

        CountedStream(ServletInputStream stream, long most) {
            this.stream = stream;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int one = stream.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int some = stream.read(into, from, length);
            count(Math.max(0, some));
            return some;
        }

        private void count(int more) throws TooLarge {
            read += more;
            if (read > most) {
                throw new TooLarge(words(most));
            }
        }

        @Override
        public boolean isFinished() {
            return stream.isFinished();
        }

        @Override
        public boolean isReady() {
            return stream.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            stream.setReadListener(listener);
        }
    }
}
