package ablemedic.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.Optional;

/**
 * Which data file a database is: backups bear it, so that no file takes those of another for its own.
 *
 * @param name twelve digits, drawn at random
 * @param place where the file lay when it was settled
 */
public record Identity(String name, String place) {
    private static final int BYTES = 6;
    private static final SecureRandom RANDOM = new SecureRandom();

    /** A new one for a file. */
    public static Identity drawn(Path database) {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return new Identity(HexFormat.of().formatHex(bytes), place(database));
    }

    /** Whether it was settled for the file that lies here; of a copy it was not. */
    public boolean isOf(Path database) {
        return place.equals(place(database));
    }

    private static String place(Path database) {
        try {
            return DatabaseFile.real(database).toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Settles which file a backup is that is about to lie at a place. It stays the one that it was, unless that one
     * still lies elsewhere; then it goes on as the file whose place it takes.
     */
    static void settle(Path copy, Path database) throws SQLException, IOException {
        Optional<Identity> came = of(copy);
        if (came.isEmpty() || came.get().isOf(database)) {
            return;
        }
        Path before = Path.of(came.get().place());
        boolean still = Files.exists(before)
                && of(before)
                        .filter(other -> other.name().equals(came.get().name()))
                        .isPresent();
        Optional<Identity> replaced = Files.exists(database) ? of(database) : Optional.empty();
        String name = !still
                ? came.get().name()
                : replaced.map(Identity::name).orElseGet(() -> drawn(database).name());
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                PreparedStatement update =
                        connection.prepareStatement("UPDATE data_file SET identity = ?, place = ?")) {
            update.setString(1, name);
            update.setString(2, place(database));
            update.executeUpdate();
        }
    }

    /** The identity that a file bears; nothing where it was made before files bore one, or can't be read. */
    private static Optional<Identity> of(Path file) {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT identity, place FROM data_file")) {
            return rows.next() ? Optional.of(new Identity(rows.getString(1), rows.getString(2))) : Optional.empty();
        } catch (SQLException e) {
            return Optional.empty();
        }
    }
}
