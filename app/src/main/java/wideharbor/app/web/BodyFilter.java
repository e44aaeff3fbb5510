package wideharbor.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How much of a request is read. What says beforehand that it is larger is refused before a byte of it is read; what
 * says nothing is cut off there. Files have limits of their own where they are read.
 */
@Component
@Order(BodyFilter.FIRST)
class BodyFilter extends OncePerRequestFilter {
    static final int FIRST = AwayFilter.BEFORE_SESSIONS - 10;

    /** All that a screen ever sends is far smaller; ten thousand lines of a kit are 300 kB. */
    static final long MOST = 1_000_000;

    private static final long MOST_OF_A_FILE = 64_000_000;

    /** A body that goes on beyond what is read of it. */
    static final class TooLong extends IOException {
        private static final long serialVersionUID = 1L;

        TooLong(long most) {
            super("The request goes on beyond " + most + " bytes");
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = isFile(request) ? MOST_OF_A_FILE : MOST;
        if (request.getContentLengthLong() > most) {
            refuse(response, most);
            return;
        }
        try {
            chain.doFilter(request.getContentLengthLong() < 0 ? new Cut(request, most) : request, response);
        } catch (TooLong e) {
            refuse(response, most);
        }
    }

    private static boolean isFile(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.startsWith(MediaType.APPLICATION_OCTET_STREAM_VALUE);
    }

    private static void refuse(HttpServletResponse response, long most) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setHeader(HttpHeaders.CONNECTION, "close");
        Answers.refuse(response, tooLong(most));
        // Now, not after the container has waited for what else is sent.
        response.flushBuffer();
    }

    static Refusal tooLong(long most) {
        return new Refusal(
                HttpStatus.CONTENT_TOO_LARGE,
                "This is too much for one request: at most " + most / 1_000_000 + " MB are read. Nothing was stored.");
    }

    private static final class Cut extends HttpServletRequestWrapper {
        private final long most;

        Cut(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CutStream(super.getInputStream(), most);
        }
    }

    private static final class CutStream extends ServletInputStream {
        private final ServletInputStream from;
        private final long most;
        private long read;

        CutStream(ServletInputStream from, long most) {
            this.from = from;
            this.most = most;
        }

        private int counted(int bytes) throws IOException {
            read += Math.max(0, bytes);
            if (read > most) {
                throw new TooLong(most);
            }
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int one = from.read();
            counted(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] to, int at, int length) throws IOException {
            return counted(from.read(to, at, length));
        }

        @Override
        public boolean isFinished() {
            return from.isFinished();
        }

        @Override
        public boolean isReady() {
            return from.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            from.setReadListener(listener);
        }
    }
}
