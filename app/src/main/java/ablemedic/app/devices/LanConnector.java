package ablemedic.app.devices;

import java.net.InetAddress;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.apache.tomcat.util.net.SSLHostConfigCertificate.Type;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** The way in for other device, beside that of the bench. */
@Component
class LanConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final Logger LOG = LoggerFactory.getLogger(LanConnector.class);
    private static final int THREADS = 24;
    private static final int CONNECTION_MS = 5_000;
    private static final int KEEP_ALIVE_MS = 60_000;

    private final Lan lan;

    LanConnector(Lan lan) {
        this.lan = lan;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!lan.isOn()) {
            return;
        }
        Connector connector = new Connector(Http11NioProtocol.class.getName());
        connector.setPort(lan.port());
        // The devices' browsers speak TLS in both modes: with this program, or with the server in front of it.
        connector.setScheme("https");
        connector.setSecure(true);
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        protocol.setMaxThreads(THREADS);
        protocol.setConnectionTimeout(CONNECTION_MS);
        protocol.setKeepAliveTimeout(KEEP_ALIVE_MS);
        protocol.setCompression("on");
        lan.certificate()
                .ifPresentOrElse(
                        certificate -> {
                            SSLHostConfig host = new SSLHostConfig();
                            host.setProtocols("TLSv1.2+TLSv1.3");
                            SSLHostConfigCertificate keys = new SSLHostConfigCertificate(host, Type.UNDEFINED);
                            keys.setCertificateKeystoreFile(certificate.file().toString());
                            keys.setCertificateKeystoreType("PKCS12");
                            keys.setCertificateKeystorePassword(certificate.password());
                            host.addCertificate(keys);
                            protocol.setSSLEnabled(true);
                            connector.addSslHostConfig(host);
                            LOG.info(
                                    "Second seats: {} port {}, certificate {}",
                                    lan.urls(),
                                    lan.port(),
                                    certificate.fingerprint());
                        },
                        () -> {
                            protocol.setAddress(InetAddress.getLoopbackAddress());
                            LOG.info(
                                    "Second seats: by a server in front, which is to pass them to http://127.0.0.1:{}/ with their Host header",
                                    lan.port());
                        });
        factory.addAdditionalConnectors(connector);
    }
}
