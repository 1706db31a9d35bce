package eventide.server.api;

/** A write without {@code If-Match}: it could silently overwrite somebody's work. */
public class VersionMissingException extends RuntimeException {
    public VersionMissingException() {
        super("Send If-Match with the version you read, such as If-Match: \"3\"");
    }
}
