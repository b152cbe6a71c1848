package ablemedic.app.devices;

import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether and where other devices come in. */
@Component
class Lan {
    private static final Words SAID = Catalogue.beside(Lan.class, "words").of("lan");
    private final LanMode mode;
    private final int port;
    private final Optional<LanCertificate> certificate;

    /**
     * @param certificate the owner's, as a PKCS #12 file; empty for one that signs itself
     * @param password of the owner's certificate
     */
    Lan(
            @Value("${medic.lan.mode}") LanMode mode,
            @Value("${medic.lan.port}") int port,
            @Value("${medic.lan.certificate}") String certificate,
            @Value("${medic.lan.certificate-password}") String password,
            @Value("${medic.database}") String database,
            @Value("${server.port}") int bench) {
        if (mode != LanMode.OFF && (port < 1 || port > 65_535 || port == bench)) {
            throw new UnusableException(
                    SAID.with("port", port).with("bench", bench).line("port").plain());
        }
        this.mode = mode;
        this.port = port;
        this.certificate = mode != LanMode.TLS
                ? Optional.empty()
                : Optional.of(
                        certificate.isEmpty()
                                ? LanCertificate.beside(Path.of(database), addresses())
                                : new LanCertificate(Path.of(certificate).toAbsolutePath(), password));
    }

    LanMode mode() {
        return mode;
    }

    int port() {
        return port;
    }

    Optional<LanCertificate> certificate() {
        return certificate;
    }

    boolean isOn() {
        return mode != LanMode.OFF;
    }

    /**
     * Where a device's browser goes in each network of this computer; nowhere behind a server in front, which has an
     * address of its own.
     */
    List<String> urls() {
        return mode == LanMode.TLS
                ? addresses().stream()
                        .map(one -> "https://" + one + ":" + port + "/")
                        .toList()
                : List.of();
    }

    /** Addresses of this computer in the networks that it is in, without those that only it reaches. */
    static List<String> addresses() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(one -> Collections.list(one.getInetAddresses()).stream())
                    .filter(Inet4Address.class::isInstance)
                    .filter(one -> !one.isLoopbackAddress() && !one.isLinkLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .sorted()
                    .toList();
        } catch (SocketException e) {
            return List.of();
        }
    }
}
