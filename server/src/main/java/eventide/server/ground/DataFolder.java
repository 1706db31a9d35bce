package eventide.server.ground;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Where a salon lies: its database, the number of its last write beside it, its backups and its log.
 *
 * @param path absolute
 */
public record DataFolder(Path path) {
    public DataFolder {
        path = path.toAbsolutePath().normalize();
    }

    public Path database() {
        return path.resolve("eventide.mv.db");
    }

    Path lastWrite() {
        return path.resolve("eventide.last-write");
    }

    Path lock() {
        return path.resolve("eventide.lock");
    }

    Path ballast() {
        return path.resolve("eventide.spare-room");
    }

    public Path backups() {
        return path.resolve("backups");
    }

    /** As H2 is told of the database: without the ending it adds itself. */
    String url(Path database) {
        String file = database.toString();
        return "jdbc:h2:" + DurableFile.SCHEME + ":" + file.substring(0, file.length() - ".mv.db".length());
    }

    /**
     * Makes the folder where it is missing.
     *
     * @throws CannotStart where nothing can be written there
     */
    public void make() {
        try {
            Files.createDirectories(path);
            // Asking is not enough: a disk that was mounted read-only may say that it can be written to.
            Files.delete(Files.createTempFile(path, "can-write", ".tmp"));
        } catch (IOException refused) {
            if (new Room(this).isFull()) {
                return; // what is there can still be read
            }
            throw new CannotStart(
                    "Nothing can be written to the data folder: it is read-only, or belongs to somebody else.",
                    path,
                    "Give yourself the right to write there, or choose another folder with EVENTIDE_DATA, then start again.",
                    refused);
        }
    }
}
