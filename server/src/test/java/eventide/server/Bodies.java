package eventide.server;

/** Request bodies the tests share. */
final class Bodies {
    static final String HAIR =
            """
            {"strand":"MEDIUM","porosity":"MEDIUM","pattern":"3B","density":"MEDIUM","lengthCm":35}""";
    static final String GOAL = """
            {"definition":2,"volume":1,"length":0,"softness":1,"longevity":1}""";
    static final String AIR = """
            {"temperatureC":22,"relativeHumidity":52}""";
    static final String GEL =
            """
            {"name":"gel","role":"GEL","hold":7,"richness":2,"windowLow":60,"windowHigh":98}""";
    static final String ROUTINE =
            """
            {"formatVersion":1,"steps":[
              {"action":"REWET"},
              {"action":"APPLY","product":%s,"technique":"GLAZE","sections":4},
              {"action":"SCRUNCH","count":3,"position":"SIDE"},
              {"action":"HOVER","untilDry":57},
              {"action":"CUP","untilDry":100,"position":["SIDE","UPRIGHT"]},
              {"action":"BREAK_CAST"}]}"""
                    .formatted(GEL);

    /** Thirty steps, nine of them on each of twelve sections: the longest day a salon knows. */
    static final String LONG_ROUTINE = steps(
            """
            {"action":"DETANGLE","product":%1$s,"from":"ENDS"},
            {"action":"CLEANSE","product":%2$s},{"action":"RINSE"},
            {"action":"CLEANSE","product":%2$s},{"action":"RINSE"},
            {"action":"MASK","product":%1$s,"minutes":15,"heatCap":true},
            {"action":"DETANGLE","from":"ENDS"},{"action":"SQUISH"},{"action":"RINSE","water":"COOL"},
            {"action":"SQUEEZE","toWetness":85},{"action":"COVER","tool":"CAP"},
            {"action":"EACH_SECTION","sections":12,"steps":[
              {"action":"MIST","toWetness":85},{"action":"APPLY","product":%3$s,"technique":"SMOOTH"},
              {"action":"SQUISH"},{"action":"APPLY","product":%4$s,"technique":"RAKE"},
              {"action":"BRUSH_STYLE","brushDirection":"UP_AND_OUT","minutes":1},
              {"action":"COIL","minutes":1},{"action":"APPLY","product":%4$s,"technique":"GLAZE"},
              {"action":"SCRUNCH","count":2},{"action":"LIFT_ROOTS","minutes":0.2}]},
            {"action":"MICROPLOP"},{"action":"CLIP_ROOTS","count":8},
            {"action":"HOVER","untilDry":55},{"action":"CUP","untilDry":70,"position":["SIDE","UPSIDE_DOWN"]},
            {"action":"UNCLIP"},{"action":"CUP","untilDry":100},{"action":"HOVER","heat":"COOL","minutes":2},
            {"action":"BREAK_CAST"},{"action":"FLUFF"}"""
                    .formatted(
                            bottle("mask", "MASK", 6),
                            bottle("cleanser", "CLEANSER", 0),
                            bottle("leave-in", "LEAVE_IN", 3),
                            GEL));

    private Bodies() {}

    private static String bottle(String name, String role, int richness) {
        return "{\"name\":\"%s\",\"role\":\"%s\",\"hold\":0,\"richness\":%d,\"windowLow\":40,\"windowHigh\":100}"
                .formatted(name, role, richness);
    }

    static String check(String hair, String goal, String air, String routine) {
        return "{\"hair\":" + hair + ",\"goal\":" + goal + ",\"air\":" + air + ",\"routine\":" + routine + "}";
    }

    static String check(String routine) {
        return check(HAIR, GOAL, AIR, routine);
    }

    static String washDay(String name) {
        return washDay(name, ROUTINE);
    }

    static String washDay(String name, String routine) {
        return "{\"name\":\"" + name + "\",\"hair\":" + HAIR + ",\"goal\":" + GOAL + ",\"air\":" + AIR + ",\"routine\":"
                + routine + "}";
    }

    static String steps(String steps) {
        return "{\"formatVersion\":1,\"steps\":[" + steps + "]}";
    }
}
