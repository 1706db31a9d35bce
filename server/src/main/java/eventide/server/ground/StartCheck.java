package eventide.server.ground;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.OptionalLong;

/** Looks a salon's file over before anything is built on it. */
final class StartCheck {
    private StartCheck() {}

    /**
     * @return the number of the last write the database knows of; 0 where there is no database yet
     * @throws CannotStart naming what is wrong
     */
    static long lookOver(DataFolder folder) {
        Path file = folder.database();
        OptionalLong told = LastWrite.read(folder.lastWrite());
        if (!Files.exists(file)) {
            if (told.orElse(0) > 0) {
                throw new CannotStart("The salon's file is gone, though it held something.", file, next(folder));
            }
            return 0;
        }
        if (size(file) == 0) {
            if (told.isPresent() && told.getAsLong() == 0) {
                return 0; // the very first start was broken off
            }
            throw new CannotStart("The salon's file is empty, though it held something.", file, next(folder));
        }
        if (!Files.isWritable(file)) {
            throw new CannotStart(
                    "The salon's file is read-only.",
                    file,
                    "Give yourself the right to write to it (chmod u+w), then start again.");
        }
        return numberOf(folder, file, told);
    }

    private static long numberOf(DataFolder folder, Path file, OptionalLong told) {
        long number;
        try (Salon salon = Salon.open(folder, file)) {
            if (salon.isNewer()) {
                throw new CannotStart(
                        "The salon's file was last opened by a newer Even Tide, which keeps more in it than this one knows.",
                        file,
                        "Start the newer Even Tide again, or put back a backup from before it: bin/restore lists them.");
            }
            number = salon.number();
            salon.readAll(false);
        } catch (SQLException | RuntimeException broken) {
            if (broken instanceof CannotStart own) {
                throw own;
            }
            throw Salon.isOtherFormat(broken)
                    ? new CannotStart(
                            "The salon's file was written by another version of the database.",
                            file,
                            "Start the Even Tide that wrote it, or put back a backup: bin/restore lists them.",
                            broken)
                    : new CannotStart("The salon's file is damaged and cannot be read.", file, next(folder), broken);
        }
        if (number < told.orElse(0)) {
            throw new CannotStart(
                    "The salon's file is an older state: it knows of " + number + " writes, and " + told.getAsLong()
                            + " were made.",
                    file,
                    next(folder));
        }
        return number;
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static String next(DataFolder folder) {
        List<Backup> backups = Backup.in(folder);
        return backups.isEmpty()
                ? "There is no backup beside it. Put a copy of your own in its place, or move the whole folder away to begin anew."
                : "Put back the latest backup, of " + backups.get(0).words() + ", with: EVENTIDE_DATA="
                        + folder.path() + " bin/restore " + backups.get(0).name()
                        + (backups.size() == 1 ? "" : "   (without a name it lists all " + backups.size() + ")");
    }
}
