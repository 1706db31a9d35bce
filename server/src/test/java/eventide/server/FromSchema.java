package eventide.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Bodies as the published description allows them, at random, and the same spoilt in one place. */
final class FromSchema {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int DEEPEST = 7;

    private final JsonNode api;
    private final Random random;

    FromSchema(JsonNode api, Random random) {
        this.api = api;
        this.random = random;
    }

    JsonNode body(JsonNode schema) {
        return value(schema, 0);
    }

    private JsonNode value(JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString();
            return value(api.at(name.substring(1)), depth);
        }
        if (schema.has("enum")) {
            JsonNode words = schema.get("enum");
            return words.get(random.nextInt(words.size()));
        }
        return switch (schema.path("type").asString("object")) {
            case "array" -> list(schema, depth);
            case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
            case "integer" -> JSON.getNodeFactory().numberNode((long) number(schema));
            case "number" -> JSON.getNodeFactory().numberNode(Math.round(number(schema) * 10) / 10.0);
            case "string" -> text(schema);
            default -> object(schema, depth);
        };
    }

    private double number(JsonNode schema) {
        double from = schema.path("minimum").asDouble(0);
        double to = Math.min(schema.path("maximum").asDouble(5), from + 200);
        return Math.min(Math.ceil(from) + random.nextInt((int) Math.max(1, to - from + 1)), Math.max(from, to));
    }

    private JsonNode text(JsonNode schema) {
        String format = schema.path("format").asString("");
        String text =
                switch (format) {
                    case "date-time" -> "2026-05-0" + (1 + random.nextInt(9)) + "T09:00:00Z";
                    case "date" -> "2026-05-0" + (1 + random.nextInt(9));
                    default -> "words " + random.nextInt(100_000);
                };
        return JSON.getNodeFactory().stringNode(text);
    }

    private JsonNode list(JsonNode schema, int depth) {
        ArrayNode list = JSON.createArrayNode();
        int many = depth > DEEPEST ? 0 : random.nextInt(3);
        for (int i = 0; i < many; i++) {
            list.add(value(schema.get("items"), depth + 1));
        }
        return list;
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.createObjectNode();
        JsonNode required = schema.path("required");
        for (Map.Entry<String, JsonNode> property : schema.path("properties").properties()) {
            boolean needed = false;
            for (JsonNode name : required) {
                needed |= name.asString().equals(property.getKey());
            }
            if (needed || depth < DEEPEST && random.nextInt(3) == 0) {
                object.set(property.getKey(), value(property.getValue(), depth + 1));
            }
        }
        return object;
    }

    /** Something no form would send, in one place of the body. */
    JsonNode spoilt(JsonNode body) {
        JsonNode copy = body.deepCopy();
        List<JsonNode> containers = new ArrayList<>();
        collect(copy, containers);
        if (containers.isEmpty()) {
            return strange();
        }
        JsonNode at = containers.get(random.nextInt(containers.size()));
        if (at instanceof ObjectNode object) {
            List<String> names = new ArrayList<>(object.propertyNames());
            if (names.isEmpty() || random.nextInt(8) == 0) {
                object.set("nobodyKnows", strange());
            } else if (random.nextInt(6) == 0) {
                object.remove(names.get(random.nextInt(names.size())));
            } else {
                object.set(names.get(random.nextInt(names.size())), strange());
            }
        } else if (at instanceof ArrayNode list) {
            if (list.isEmpty() || random.nextInt(3) == 0) {
                list.add(strange());
            } else {
                list.set(random.nextInt(list.size()), strange());
            }
        }
        return copy;
    }

    private static void collect(JsonNode node, List<JsonNode> containers) {
        if (node.isContainer()) {
            containers.add(node);
            node.forEach(child -> collect(child, containers));
        }
    }

    private JsonNode strange() {
        var nodes = JSON.getNodeFactory();
        return switch (random.nextInt(22)) {
            case 0 -> nodes.nullNode();
            case 1 -> nodes.stringNode("");
            case 2 -> nodes.stringNode("x".repeat(201));
            case 3 -> nodes.stringNode("y".repeat(2001));
            case 4 -> nodes.stringNode("z".repeat(25_000));
            case 5 -> nodes.stringNode("\u0000\uD800 \u202E'; drop table client; --");
            case 6 -> nodes.stringNode("=1+1");
            case 7 -> nodes.numberNode(1e308);
            case 8 -> nodes.numberNode(-1);
            case 9 -> nodes.numberNode(Long.MAX_VALUE);
            case 10 -> nodes.numberNode(new java.math.BigInteger("9".repeat(60)));
            case 11 -> nodes.numberNode(.1);
            case 12 -> nodes.numberNode(0);
            case 13 -> nodes.booleanNode(true);
            case 14 -> nodes.stringNode("NaN");
            case 15 -> nodes.stringNode("+999999999-12-31T23:59:59Z");
            case 16 -> JSON.createArrayNode();
            case 17 -> JSON.createObjectNode();
            case 18 -> JSON.createArrayNode().add(JSON.createArrayNode().add(JSON.createArrayNode()));
            case 19 -> JSON.createObjectNode().put("id", 1e30);
            case 20 -> JSON.createObjectNode().put("id", Long.MIN_VALUE);
            default -> deep();
        };
    }

    private static JsonNode deep() {
        ArrayNode inner = JSON.createArrayNode();
        for (int i = 0; i < 300; i++) {
            inner = JSON.createArrayNode().add(inner);
        }
        return inner;
    }
}
