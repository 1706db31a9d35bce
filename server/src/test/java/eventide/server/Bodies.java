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

    private Bodies() {}

    static String check(String hair, String goal, String air, String routine) {
        return "{\"hair\":" + hair + ",\"goal\":" + goal + ",\"air\":" + air + ",\"routine\":" + routine + "}";
    }

    static String check(String routine) {
        return check(HAIR, GOAL, AIR, routine);
    }

    static String steps(String steps) {
        return "{\"formatVersion\":1,\"steps\":[" + steps + "]}";
    }
}
