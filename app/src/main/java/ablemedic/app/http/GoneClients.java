package ablemedic.app.http;

import java.io.IOException;
import java.nio.channels.SelectionKey;
import java.nio.channels.Selector;
import java.nio.channels.SocketChannel;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Interrupts the work on an answer that nobody waits for any more. Only questions are watched: something that was sent
 * to be recorded is recorded, whether or not the page that sent it is still open.
 */
@Component
class GoneClients implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final long PAUSE_MS = 300;
    /** Most answers are there sooner; looking after them would cost more than it saves. */
    private static final long SOONEST_NS = 500_000_000L;

    private final Set<Asking> asking = ConcurrentHashMap.newKeySet();
    private volatile WatchedProtocol protocol = new WatchedProtocol();

    /** A request that is being answered. */
    static final class Asking {
        private final int port;
        private final Thread thread = Thread.currentThread();
        private final long since = System.nanoTime();
        private boolean done;

        private Asking(int port) {
            this.port = port;
        }

        private synchronized void interrupt() {
            if (!done) {
                thread.interrupt();
            }
        }

        /** After this no interruption can reach the thread, nor one that came meanwhile its next request. */
        private synchronized void end() {
            done = true;
            Thread.interrupted();
        }
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.setProtocol(WatchedProtocol.class.getName());
        factory.addConnectorCustomizers(connector -> protocol = (WatchedProtocol) connector.getProtocolHandler());
        Thread watch = new Thread(this::watch, "gone-clients");
        watch.setDaemon(true);
        watch.start();
    }

    /** @param port of the client's end */
    Asking begin(int port) {
        Asking one = new Asking(port);
        asking.add(one);
        return one;
    }

    void end(Asking one) {
        asking.remove(one);
        one.end();
    }

    private void watch() {
        try {
            while (true) {
                Thread.sleep(PAUSE_MS);
                for (Asking one : asking) {
                    if (System.nanoTime() - one.since > SOONEST_NS && isGone(one.port)) {
                        one.interrupt();
                    }
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean isGone(int port) {
        for (SocketWrapperBase<NioChannel> connection : protocol.connections()) {
            NioChannel channel = connection.getSocket();
            if (connection.getRemotePort() == port && channel != null) {
                return isClosedByPeer(channel.getIOChannel());
            }
        }
        return true;
    }

    /** Readable without anything to read: the other end has closed. */
    private static boolean isClosedByPeer(SocketChannel channel) {
        try (Selector selector = Selector.open()) {
            SelectionKey key = channel.register(selector, SelectionKey.OP_READ);
            boolean readable = selector.selectNow() > 0;
            key.cancel();
            return readable && channel.socket().getInputStream().available() == 0;
        } catch (IOException e) {
            return true;
        }
    }
}
