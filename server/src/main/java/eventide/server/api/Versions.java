package eventide.server.api;

/** Row versions as entity tags. */
public final class Versions {
    private Versions() {}

    public static String tag(int version) {
        return "\"" + version + "\"";
    }

    /**
     * @throws VersionMissingException where there is no readable version
     */
    public static int from(String ifMatch) {
        if (ifMatch == null || !ifMatch.strip().matches("\"?\\d{1,9}\"?")) {
            throw new VersionMissingException();
        }
        return Integer.parseInt(ifMatch.strip().replace("\"", ""));
    }
}
