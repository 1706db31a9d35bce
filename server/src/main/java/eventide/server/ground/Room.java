package eventide.server.ground;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;

/**
 * Room on the salon's disk. A write begins only where enough is left for it, and a file of spare room lies ready for one that
 * finds the disk full half-way. Sizes are ours: a photograph and all H2 moves about at once are well within them.
 */
final class Room {
    /** Below this no write begins, bytes. */
    static final long LEAST_FREE = 12L << 20;
    /** Of the spare file, bytes. */
    static final int SPARE = 8 << 20;

    private final Path folder;
    private final Path spare;
    private final Path database;

    Room(DataFolder of) {
        folder = of.path();
        spare = of.ballast();
        database = of.database();
    }

    boolean isFull() {
        return folder.toFile().getUsableSpace() < LEAST_FREE;
    }

    /**
     * @throws NoRoomException where the disk is full, or takes no writes at all
     */
    void check() {
        long free = folder.toFile().getUsableSpace();
        if (free < LEAST_FREE) {
            throw NoRoomException.full(free >> 20, LEAST_FREE >> 20);
        }
        if (!Files.isWritable(folder) || Files.exists(database) && !Files.isWritable(database)) {
            throw NoRoomException.readOnly();
        }
        if (!Files.exists(spare)) {
            layBy(free);
        }
    }

    /** Keeps a file by that can be given up; where there is no room for it there is none. */
    synchronized void layBy(long free) {
        if (Files.exists(spare) || free < LEAST_FREE + SPARE) {
            return;
        }
        byte[] bytes = new byte[SPARE];
        new Random(SPARE).nextBytes(bytes); // so that no file system keeps it smaller than it is
        try {
            Files.write(spare, bytes);
        } catch (IOException full) {
            giveUp();
        }
    }

    /** @return whether there was spare room to give up */
    boolean giveUp() {
        try {
            return Files.deleteIfExists(spare);
        } catch (IOException stuck) {
            return false;
        }
    }
}
