package ablemedic.app.devices;

import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.util.Collections;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The workshop's certificate: its owner's, or one that signs itself, made once by the key tool that comes with Java and
 * kept beside the data. By its fingerprint, shown at the bench, a device's user sees that nobody stands between.
 *
 * @param file PKCS #12
 * @param password of it
 */
record LanCertificate(Path file, String password) {
    private static final Words SAID =
            Catalogue.beside(LanCertificate.class, "words").of("lan-certificate");
    private static final int DAYS = 825;
    private static final int PASSWORD_BYTES = 24;
    private static final long PATIENCE_S = 60;

    /** The one kept beside the data, made where there is none or where it has run out. */
    static LanCertificate beside(Path database, List<String> addresses) {
        Path file = database.toAbsolutePath().resolveSibling("second-seats.p12");
        Path secret = database.toAbsolutePath().resolveSibling("second-seats.password");
        try {
            if (Files.exists(file) && Files.exists(secret)) {
                LanCertificate kept =
                        new LanCertificate(file, Files.readString(secret).strip());
                if (kept.leaf().getNotAfter().after(new Date())) {
                    return kept;
                }
            }
            Files.deleteIfExists(file);
            Files.deleteIfExists(secret);
            byte[] random = new byte[PASSWORD_BYTES];
            new SecureRandom().nextBytes(random);
            Files.createDirectories(file.getParent());
            ownersOnly(secret);
            Files.writeString(secret, HexFormat.of().formatHex(random));
            make(file, secret, addresses);
            return new LanCertificate(file, Files.readString(secret).strip());
        } catch (IOException e) {
            throw new UnusableException(
                    SAID.with("e", e.getMessage()).line("made").plain());
        }
    }

    private static void make(Path file, Path secret, List<String> addresses) throws IOException {
        String names = Stream.concat(
                        Stream.of("dns:localhost", "ip:127.0.0.1"),
                        addresses.stream().map(one -> "ip:" + one))
                .distinct()
                .collect(Collectors.joining(","));
        Process tool = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "second-seats",
                        "-keyalg",
                        "EC",
                        "-groupname",
                        "secp256r1",
                        "-sigalg",
                        "SHA256withECDSA",
                        "-validity",
                        String.valueOf(DAYS),
                        "-dname",
                        "CN=Able Medic workshop",
                        "-ext",
                        "SAN=" + names,
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        file.toString(),
                        "-storepass:file",
                        secret.toString())
                .redirectErrorStream(true)
                .start();
        try {
            tool.getOutputStream().close();
            String said = new String(tool.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            if (!tool.waitFor(PATIENCE_S, TimeUnit.SECONDS) || tool.exitValue() != 0) {
                throw new IOException("keytool: " + said);
            }
            ownersOnly(file);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("broken off", e);
        }
    }

    private static void ownersOnly(Path file) throws IOException {
        if (!Files.exists(file)) {
            Files.createFile(file);
        }
        if (Files.getFileStore(file).supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
    }

    /** SHA-256 of the certificate, as browsers show it: two digits a byte, with colons. */
    String fingerprint() {
        try {
            return HexFormat.ofDelimiter(":")
                    .withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(leaf().getEncoded()));
        } catch (GeneralSecurityException e) {
            throw new UnusableException(SAID.with("file", file)
                    .with("e", e.getMessage())
                    .line("unreadable")
                    .plain());
        }
    }

    private X509Certificate leaf() {
        try {
            KeyStore store = KeyStore.getInstance(file.toFile(), password.toCharArray());
            for (String alias : Collections.list(store.aliases())) {
                if (store.isKeyEntry(alias) && store.getCertificate(alias) instanceof X509Certificate one) {
                    return one;
                }
            }
            throw new UnusableException(SAID.with("file", file).line("no-key").plain());
        } catch (IOException | GeneralSecurityException e) {
            throw new UnusableException(SAID.with("file", file)
                    .with("e", e.getMessage())
                    .line("closed")
                    .plain());
        }
    }
}
