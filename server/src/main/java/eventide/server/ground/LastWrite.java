package eventide.server.ground;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The number of the last write, kept outside the database: a database that knows of fewer is an older state. It is written
 * after the database has the write on the disk, in place and with one call, so that it is never ahead of it.
 */
final class LastWrite implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(LastWrite.class);
    private static final Pattern LINE = Pattern.compile("Even Tide, writes so far: (\\d{18})\\n");

    private final FileChannel file;
    private long last;

    private LastWrite(FileChannel file, long last) {
        this.file = file;
        this.last = last;
    }

    /** Empty where nothing readable was kept. */
    static OptionalLong read(Path path) {
        try {
            Matcher line = LINE.matcher(Files.readString(path, StandardCharsets.US_ASCII));
            return line.matches() ? OptionalLong.of(Long.parseLong(line.group(1))) : OptionalLong.empty();
        } catch (IOException unreadable) {
            return OptionalLong.empty();
        }
    }

    static LastWrite open(Path path, long number) {
        try {
            LastWrite opened =
                    new LastWrite(FileChannel.open(path, StandardOpenOption.CREATE, StandardOpenOption.WRITE), -1);
            opened.reached(number);
            return opened;
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }

    /** Later ones may have been told of before. */
    synchronized void reached(long number) {
        if (number <= last) {
            return;
        }
        last = number;
        try {
            file.write(
                    ByteBuffer.wrap("Even Tide, writes so far: %018d%n"
                            .formatted(number)
                            .replace("\r", "")
                            .getBytes(StandardCharsets.US_ASCII)),
                    0);
        } catch (IOException refused) {
            // The write itself is safe; a number that lags behind says less, nothing wrong.
            LOG.warn("the number of the last write could not be kept: {}", refused.getMessage());
        }
    }

    @Override
    public synchronized void close() {
        try {
            file.close();
        } catch (IOException refused) {
            LOG.warn("the number of the last write did not close: {}", refused.getMessage());
        }
    }
}
