package eventide.server.ground;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * A database file whose every write is on the disk when it returns, so that neither a killed process nor a pulled plug takes
 * back what was answered; H2 alone leaves it to the operating system when that is. On a full disk it gives up the spare room
 * kept for that, once, rather than fail: a failed write makes H2 close the database.
 */
public final class DurableFile extends FilePathWrapper {
    public static final String SCHEME = "durable";

    /** Makes H2 know the scheme. */
    public static void register() {
        FilePath.register(new DurableFile());
    }

    @Override
    public String getScheme() {
        return SCHEME;
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        if (!"rw".equals(mode)) {
            return getBase().open(mode);
        }
        // "d": the data, as fsync would, at every write
        return new Guarded(getBase().open("rwd"), new Room(folder()));
    }

    private DataFolder folder() {
        return new DataFolder(Path.of(getBase().toString()).toAbsolutePath().getParent());
    }

    private static final class Guarded extends FileBaseDefault {
        private final FileChannel file;
        private final Room room;

        Guarded(FileChannel file, Room room) {
            this.file = file;
            this.room = room;
        }

        @Override
        public int write(ByteBuffer bytes, long position) throws IOException {
            int start = bytes.position();
            try {
                return file.write(bytes, position);
            } catch (IOException failed) {
                if (!room.giveUp()) {
                    throw failed;
                }
                bytes.position(start);
                return file.write(bytes, position);
            }
        }

        @Override
        public int read(ByteBuffer bytes, long position) throws IOException {
            return file.read(bytes, position);
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public void force(boolean metaData) throws IOException {
            file.force(metaData);
        }

        @Override
        protected void implTruncate(long size) throws IOException {
            file.truncate(size);
        }

        @Override
        public FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return file.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
