package ablemedic.app.http;

import java.util.Set;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * The server's protocol with a view on its connections. Public and without arguments since the server makes it by name.
 */
public final class WatchedProtocol extends Http11NioProtocol {
    Set<SocketWrapperBase<NioChannel>> connections() {
        return getEndpoint().getConnections();
    }
}
