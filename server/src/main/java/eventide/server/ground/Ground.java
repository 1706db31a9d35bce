package eventide.server.ground;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.StandardOpenOption;

/** A salon's folder held open: nobody else opens it meanwhile, and it was looked over before the first request. */
public final class Ground implements AutoCloseable {
    private final DataFolder folder;
    private final Room room;
    private final FileChannel lock;
    private final LastWrite lastWrite;

    private Ground(DataFolder folder, FileChannel lock, LastWrite lastWrite) {
        this.folder = folder;
        this.room = new Room(folder);
        this.lock = lock;
        this.lastWrite = lastWrite;
    }

    /**
     * @throws CannotStart where the salon cannot be opened, or should not be
     */
    public static Ground open(DataFolder folder) {
        folder.make();
        FileChannel lock = lock(folder);
        try {
            long known = StartCheck.lookOver(folder);
            return new Ground(folder, lock, LastWrite.open(folder.lastWrite(), known));
        } catch (RuntimeException refused) {
            unlock(lock);
            throw refused;
        }
    }

    /** Held by the process: a killed one lets go of it. */
    static FileChannel lock(DataFolder folder) {
        try {
            FileChannel channel = FileChannel.open(folder.lock(), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock held;
            try {
                held = channel.tryLock();
            } catch (OverlappingFileLockException here) {
                held = null;
            }
            if (held != null) {
                return channel;
            }
            channel.close();
        } catch (IOException refused) {
            throw new CannotStart(
                    "The data folder cannot be opened.",
                    folder.path(),
                    "See that the folder can be written to and the disk is not full, then start again.",
                    refused);
        }
        throw new CannotStart(
                "This salon is open already: another Even Tide is running on it.",
                folder.database(),
                "Go on in that one, or end it first and start again.");
    }

    static void unlock(FileChannel lock) {
        try {
            lock.close();
        } catch (IOException stuck) {
            throw new IllegalStateException("The lock cannot be let go of", stuck);
        }
    }

    public DataFolder folder() {
        return folder;
    }

    Room room() {
        return room;
    }

    LastWrite lastWrite() {
        return lastWrite;
    }

    @Override
    public void close() {
        lastWrite.close();
        unlock(lock);
    }
}
