package eventide.server.ground;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;

/** Lists a salon's backups and puts one back, the present file kept aside; from the command line, while nobody is in. */
public final class Restore {
    private static final DateTimeFormatter ASIDE = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");
    private static final String INCOMING = "eventide.incoming.mv.db";

    private final DataFolder folder;
    private final Clock clock;
    private final PrintStream out;

    public Restore(DataFolder folder, Clock clock, PrintStream out) {
        this.folder = folder;
        this.clock = clock;
        this.out = out;
    }

    /**
     * @param wanted a backup's name or its place in the list, from 1; null lists them
     * @throws CannotStart where it is not to be had, or the salon is open
     */
    public void run(String wanted) {
        List<Backup> backups = Backup.in(folder);
        if (wanted == null) {
            list(backups);
            return;
        }
        folder.make();
        FileChannel lock = Ground.lock(folder);
        try {
            putBack(find(backups, wanted));
        } finally {
            Ground.unlock(lock);
        }
    }

    private void list(List<Backup> backups) {
        if (backups.isEmpty()) {
            out.println("There are no backups in " + folder.backups());
            return;
        }
        out.println("Backups in " + folder.backups() + ", the latest first:");
        for (int i = 0; i < backups.size(); i++) {
            out.printf(
                    "%3d  %s  %s%n",
                    i + 1, backups.get(i).name(), backups.get(i).words());
        }
        out.println("Put one back with: bin/restore NUMBER (or its name). The present file is kept aside.");
    }

    private Backup find(List<Backup> backups, String wanted) {
        for (int i = 0; i < backups.size(); i++) {
            if (wanted.equals(Integer.toString(i + 1))
                    || wanted.equals(backups.get(i).name())) {
                return backups.get(i);
            }
        }
        throw new CannotStart(
                "There is no backup " + wanted + ".", folder.backups(), "bin/restore alone lists those there are.");
    }

    private void putBack(Backup backup) {
        Path incoming = folder.path().resolve(INCOMING);
        try {
            Copies.unpack(backup.file(), incoming);
            long number;
            try (Salon salon = Salon.open(folder, incoming)) {
                salon.readAll(true);
                number = salon.number();
            }
            if (Files.exists(folder.database())) {
                Path aside =
                        folder.path().resolve("eventide.aside-" + ASIDE.format(LocalDateTime.now(clock)) + ".mv.db");
                Files.move(folder.database(), aside);
                out.println("The file that was there is kept as " + aside);
            }
            // The number goes last but one: broken off here, the next start says that the file is gone.
            Files.deleteIfExists(folder.lastWrite());
            LastWrite.open(folder.lastWrite(), Math.max(1, number)).close();
            Files.move(incoming, folder.database(), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException | SQLException | RuntimeException failed) {
            throw new CannotStart(
                    "This backup could not be put back: " + failed.getMessage() + ".",
                    backup.file(),
                    "Take an earlier one; bin/restore lists them.",
                    failed);
        }
        out.println("Put back: the salon as it was on " + backup.words() + ".");
    }
}
