package eventide.server.ground;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * One copy of a salon, whole and proved, as a zip with the database in it.
 *
 * @param at when it was taken, by the clock on the wall
 */
record Backup(Path file, LocalDateTime at) {
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'eventide-'yyyy-MM-dd-HHmmss'.zip'");
    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy, HH:mm:ss", Locale.UK);

    static Path fileFor(DataFolder folder, LocalDateTime at) {
        return folder.backups().resolve(NAME.format(at));
    }

    /** The latest first; what is called otherwise is none of ours. */
    static List<Backup> in(DataFolder folder) {
        List<Backup> found = new ArrayList<>();
        if (!Files.isDirectory(folder.backups())) {
            return found;
        }
        try (Stream<Path> files = Files.list(folder.backups())) {
            for (Path file : files.toList()) {
                try {
                    found.add(new Backup(
                            file, LocalDateTime.parse(file.getFileName().toString(), NAME)));
                } catch (DateTimeParseException other) {
                    // somebody else's file
                }
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        found.sort(Comparator.comparing(Backup::at).reversed());
        return found;
    }

    String name() {
        return file.getFileName().toString();
    }

    String words() {
        return WORDS.format(at);
    }
}
