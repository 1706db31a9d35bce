package eventide.server.load;

import java.io.IOException;
import org.apache.coyote.Processor;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.coyote.http11.Http11Processor;
import org.apache.tomcat.util.net.AbstractEndpoint.Handler.SocketState;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * HTTP as Tomcat speaks it, and while a request is worked on it can be asked whether the caller is still there: a servlet
 * learns that only from a failed write, when all the work has been done.
 */
public class WatchedProtocol extends Http11NioProtocol {
    private static final ThreadLocal<SocketWrapperBase<?>> SOCKET = new ThreadLocal<>();

    @Override
    protected Processor createProcessor() {
        return new Watched(this);
    }

    /** Of the request this thread is serving. */
    static Caller caller() {
        SocketWrapperBase<?> socket = SOCKET.get();
        return socket == null ? Caller.UNKNOWN : () -> isClosed(socket);
    }

    private static boolean isClosed(SocketWrapperBase<?> socket) {
        try {
            // Looks without waiting; should something be there, it stays in the socket's own buffer for the next
            // request.
            socket.isReadyForRead();
            return false;
        } catch (IOException gone) {
            return true;
        }
    }

    private static final class Watched extends Http11Processor {
        Watched(WatchedProtocol protocol) {
            super(protocol, protocol.getAdapter());
        }

        @Override
        public SocketState service(SocketWrapperBase<?> socket) throws IOException {
            SOCKET.set(socket);
            try {
                return super.service(socket);
            } finally {
                SOCKET.remove();
            }
        }
    }
}
