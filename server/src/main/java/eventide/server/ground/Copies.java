package eventide.server.ground;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** Handling of whole files: unpacked, made to last, cleared away. */
final class Copies {
    private Copies() {}

    /**
     * Takes the database out of a backup.
     *
     * @throws IOException where the zip is broken or holds none
     */
    static void unpack(Path zip, Path database) throws IOException {
        try (InputStream in = Files.newInputStream(zip);
                ZipInputStream entries = new ZipInputStream(in)) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                if (entry.getName().endsWith(".mv.db")) {
                    Files.copy(entries, database, StandardCopyOption.REPLACE_EXISTING);
                    toDisk(database);
                    return;
                }
            }
        }
        throw new IOException("no database in " + zip);
    }

    /** Until this returns the operating system may hold it in memory. */
    static void toDisk(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    static void clear(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        List<Path> all;
        try (Stream<Path> walk = Files.walk(folder)) {
            all = walk.sorted(Comparator.reverseOrder()).toList();
        }
        for (Path path : all) {
            Files.deleteIfExists(path);
        }
    }
}
