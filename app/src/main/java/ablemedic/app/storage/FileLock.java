package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Keeps a second program from one database. The system lets go of it when the process ends, however it ends. */
public final class FileLock implements AutoCloseable {
    private static final Words SAID = Catalogue.beside(FileLock.class, "words").of("file-lock");
    private final FileChannel channel;

    private FileLock(FileChannel channel) {
        this.channel = channel;
    }

    /**
     * Takes the lock that stands beside a database, where it really lies: symbolic links lead to one lock. A file with
     * a second name (a hard link) could be opened under either, each with a journal of its own, and is refused.
     *
     * @param holder what to tell whoever comes second, such as the address of the program
     * @throws DatabaseFile.UnusableException when another holds it, or its file cannot be made
     */
    public static FileLock take(Path database, String holder) {
        try {
            Path real = DatabaseFile.real(database);
            Path file = beside(real);
            Files.createDirectories(file.getParent());
            oneName(database, real);
            FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (!locked(channel)) {
                channel.close();
                throw new DatabaseFile.UnusableException(SAID.with("database", database)
                        .with("file", Files.readString(file))
                        .line("runs-already")
                        .plain());
            }
            channel.truncate(0);
            channel.write(ByteBuffer.wrap(
                    ("process " + ProcessHandle.current().pid() + ", " + holder).getBytes(StandardCharsets.UTF_8)));
            return new FileLock(channel);
        } catch (IOException e) {
            throw new DatabaseFile.UnusableException(Trouble.behind(e)
                    .map(trouble -> trouble.of("file " + database.toString()))
                    .orElse(SAID.with("database", database)
                            .with("e", e.getMessage())
                            .line("folder")
                            .plain()));
        }
    }

    private static boolean locked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    private static void oneName(Path database, Path real) throws IOException {
        if (Files.exists(real)
                && Files.getFileStore(real).supportsFileAttributeView("unix")
                && (Integer) Files.getAttribute(real, "unix:nlink") > 1) {
            throw new DatabaseFile.UnusableException(
                    SAID.with("database", database).line("second-name").plain());
        }
    }

    private static Path beside(Path database) {
        return database.resolveSibling(database.getFileName() + ".lock");
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
