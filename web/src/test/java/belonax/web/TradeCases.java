package belonax.web;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;

/**
 * Holds an answer of the JSON interface against what practitioners of the trade accept. A case names its kind, the question and
 * what has to hold of the answer; whatever it does not name is open.
 */
final class TradeCases {
    private static final List<Integer> SIZES = List.of(60, 65, 70, 75, 80, 90, 100, 110, 120, 130);

    private final BiFunction<String, JsonNode, JsonNode> ask;
    private final List<String> wrong = new ArrayList<>();

    /** @param ask sends a body to a path below {@code /api/v1/} and returns the answer */
    TradeCases(BiFunction<String, JsonNode, JsonNode> ask) {
        this.ask = ask;
    }

    /** Returns what practitioners would not accept in the answer; nothing where they would. */
    List<String> wrong(JsonNode node) {
        switch (node.get("kind").asText()) {
            case "match" -> match(node);
            case "tension" -> tension(node);
            case "fault" -> fault(node);
            case "thread-label" -> threadLabel(node);
            case "needle-label" -> needleLabel(node);
            case "plan" -> plan(node);
            default -> wrong.add("a kind that nobody knows");
        }
        return wrong;
    }

    private void match(JsonNode node) {
        JsonNode answer = ask.apply("match", node.get("ask"));
        JsonNode first = answer.path("recommendations").path(0);
        if (node.has("first")) {
            check(list(node.get("first")).anyMatch(wish -> fits(first, wish)), "the first is " + needle(first));
        }
        if (node.has("verdict")) {
            oneOf(node.get("verdict"), first.path("verdict").asText(), "verdict");
        }
        JsonNode stitch = node.path("stitch");
        if (stitch.has("kind")) {
            oneOf(stitch.get("kind"), answer.path("stitch").path("kind").asText(), "stitch");
        }
        within(stitch.path("length_mm"), answer.path("stitch").path("lengthMm").asDouble(), "length");
        within(stitch.path("width_mm"), answer.path("stitch").path("widthMm").asDouble(), "width");
        JsonNode dial = answer.path("startingDial");
        within(
                node.path("dial"),
                (dial.path("lower").asDouble() + dial.path("upper").asDouble()) / 2,
                "dial");
        String foot = answer.path("foot").path("kind").asText();
        if (node.has("foot")) {
            oneOf(node.get("foot"), foot, "foot");
        }
        check(list(node.path("not_foot")).noneMatch(not -> not.asText().equals(foot)), "foot " + foot);
        if (node.has("pressure")) {
            oneOf(node.get("pressure"), answer.path("foot").path("pressure").asText("null"), "pressure");
        }
        says(node, answer);
        judged(node, "good", List.of("GOOD"));
        judged(node, "not_good", List.of("CAN_PASS", "AVOID"));
        judged(node, "not_avoid", List.of("GOOD", "CAN_PASS"));
        judged(node, "avoid", List.of("AVOID"));
    }

    private void says(JsonNode node, JsonNode answer) {
        String said = words(answer);
        if (node.has("says")) {
            check(found(node.get("says"), said), "never says " + node.get("says"));
        }
        if (node.has("never_says")) {
            check(!found(node.get("never_says"), said), "says " + node.get("never_says"));
        }
    }

    /** A range of sizes means those that are made; what nobody makes is answered all the same. */
    private void judged(JsonNode node, String wish, List<String> verdicts) {
        list(node.path(wish))
                .flatMap(asked -> list(asked.get("type"))
                        .flatMap(type ->
                                sizes(asked.get("nm")).map(nm -> checkBody(node.get("ask"), type.asText(), nm))))
                .forEach(body -> {
                    String verdict =
                            ask.apply("match/check", body).path("verdict").asText();
                    check(verdicts.contains(verdict), body.get("needle") + " is " + verdict);
                });
    }

    private static Stream<Integer> sizes(JsonNode nm) {
        return nm.isArray()
                ? SIZES.stream()
                        .filter(size ->
                                size >= nm.get(0).asInt() && size <= nm.get(1).asInt())
                : Stream.of(nm.asInt());
    }

    private static JsonNode checkBody(JsonNode question, String type, int nm) {
        ObjectNode body = question.deepCopy();
        JsonNode twin = body.remove("twin");
        ObjectNode needle = body.putObject("needle");
        needle.put("type", type);
        needle.put("size", nm);
        needle.put("hours", 0);
        needle.put("system", question.path("systems").path(0).asText("130/705 H"));
        if (type.equals("TWIN") || type.equals("TRIPLE")) {
            body.set("twin", twin);
            needle.set("twin", twin);
        }
        return body;
    }

    private void tension(JsonNode node) {
        JsonNode answer = ask.apply("tension/next", node.get("ask"));
        if (node.has("action")) {
            oneOf(node.get("action"), answer.path("action").asText(), "action");
        }
        if (!answer.path("dial").isNull()) {
            within(node.path("dial"), answer.path("dial").asDouble(), "dial");
        }
        String said = words(answer);
        if (node.has("suspicion")) {
            check(found(node.get("suspicion"), said), "never mentions " + node.get("suspicion") + ": " + said);
        }
        if (node.has("no_suspicion")) {
            check(!found(node.get("no_suspicion"), said), "mentions " + node.get("no_suspicion"));
        }
        if (node.has("contradiction")) {
            check(
                    answer.path("contradiction").isNull()
                            != node.get("contradiction").asBoolean(),
                    "contradiction " + answer.path("contradiction"));
        }
    }

    private void fault(JsonNode node) {
        JsonNode answer = ask.apply("faults/rank", node.get("ask"));
        List<String> checks = ids(answer.path("checks"));
        list(node.path("within"))
                .forEach(wish -> check(
                        list(wish.get(0))
                                .anyMatch(id -> firstOf(checks, wish.get(1)).contains(id.asText())),
                        "none of " + wish + " in " + checks));
        list(node.path("before")).forEach(pair -> {
            int one = checks.indexOf(pair.get(0).asText());
            int other = checks.indexOf(pair.get(1).asText());
            check(other < 0 || one >= 0 && one < other, pair + " in " + checks);
        });
        list(node.path("never")).forEach(id -> check(!checks.contains(id.asText()), id + " is asked"));
        if (node.has("stop")) {
            check(answer.path("stop").isNull() != node.get("stop").asBoolean(), "stop: " + answer.path("stop"));
        }
        if (node.has("causes")) {
            List<String> causes =
                    firstOf(ids(answer.path("causes")), node.get("causes").get(1));
            check(
                    list(node.get("causes").get(0)).anyMatch(id -> causes.contains(id.asText())),
                    "none of " + node.get("causes") + " in " + causes);
        }
    }

    private void threadLabel(JsonNode node) {
        JsonNode answer = ask.apply("labels/thread", node.get("ask"));
        JsonNode best = answer.path("readings").path(0);
        boolean asks = best.isMissingNode() || !answer.path("question").isNull();
        if (node.path("refuse").asBoolean()) {
            check(asks, "read as " + best);
        } else if (!(node.path("or_question").asBoolean() && asks)) {
            check(!best.isMissingNode(), "not read");
            within(node.path("tex"), best.path("tex").asDouble(), "tex");
        }
    }

    private void needleLabel(JsonNode node) {
        JsonNode answer = ask.apply("labels/needle", node.get("ask"));
        equal(node, "system", answer.path("system"));
        equal(node, "type", answer.path("type"));
        equal(node, "nm", answer.path("size").path("nm"));
        equal(node, "trade", answer.path("size").path("trade"));
        equal(node, "spacing_mm", answer.path("twin").path("spacingMm"));
        if (node.has("sizes")) {
            List<Integer> sizes = list(answer.path("sizes"))
                    .map(size -> size.get("nm").asInt())
                    .sorted()
                    .toList();
            check(sizes.equals(list(node.get("sizes")).map(JsonNode::asInt).toList()), "sizes " + sizes);
        }
        if (node.has("notes")) {
            check(found(node.get("notes"), words(answer)), "never notes " + node.get("notes"));
        }
    }

    private void equal(JsonNode node, String field, JsonNode answer) {
        if (node.has(field)) {
            JsonNode wanted = node.get(field);
            boolean same = wanted.isNumber()
                    ? Math.abs(wanted.asDouble() - answer.asDouble()) < 1e-6
                    : list(wanted).anyMatch(one -> one.asText("").equals(answer.asText("")));
            check(same, field + " is " + answer);
        }
    }

    private void plan(JsonNode node) {
        JsonNode answer = ask.apply("plan", node.get("ask"));
        node.path("needles").properties().forEach(wish -> {
            JsonNode needle = step(answer, wish.getKey()).path("needle");
            check(list(wish.getValue()).anyMatch(one -> fits(needle, one)), wish.getKey() + ": " + needle(needle));
        });
        node.path("top_metres")
                .properties()
                .forEach(wish -> within(
                        wish.getValue(),
                        step(answer, wish.getKey()).path("topThreadMetres").asDouble(),
                        wish.getKey()));
        within(node.path("needle_changes"), answer.path("needleChanges").asDouble(), "needle changes");
        within(node.path("rebalancings"), answer.path("rebalancings").asDouble(), "re-balancings");
        if (node.has("first_step")) {
            oneOf(node.get("first_step"), answer.path("order").path(0).asText(), "first step");
        }
    }

    private static JsonNode step(JsonNode plan, String id) {
        return list(plan.path("steps"))
                .filter(node -> node.get("id").asText().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static boolean fits(JsonNode needle, JsonNode wish) {
        int nm = needle.path("size").path("nm").asInt();
        return list(wish.get("type"))
                        .anyMatch(
                                node -> node.asText().equals(needle.path("type").asText()))
                && sizes(wish.get("nm")).anyMatch(size -> size == nm);
    }

    private static String needle(JsonNode node) {
        return node.path("type").asText() + " " + node.path("size").path("nm").asInt();
    }

    private static List<String> ids(JsonNode all) {
        return list(all).map(node -> node.get("id").asText()).toList();
    }

    private static List<String> firstOf(List<String> all, JsonNode count) {
        return all.subList(0, Math.min(all.size(), count.asInt()));
    }

    private static Stream<JsonNode> list(JsonNode node) {
        return node.isArray()
                ? StreamSupport.stream(node.spliterator(), false)
                : node.isMissingNode() ? Stream.empty() : Stream.of(node);
    }

    private static boolean found(JsonNode pattern, String said) {
        return Pattern.compile(pattern.asText(), Pattern.CASE_INSENSITIVE)
                .matcher(said)
                .find();
    }

    private static String words(JsonNode node) {
        StringBuilder said = new StringBuilder();
        if (node.isTextual()) {
            said.append(node.asText()).append(" | ");
        }
        node.forEach(jsonNode -> said.append(words(jsonNode)));
        return said.toString();
    }

    private void within(JsonNode range, double value, String what) {
        if (!range.isMissingNode()) {
            check(
                    value >= range.get(0).asDouble() - 1e-6
                            && value <= range.get(1).asDouble() + 1e-6,
                    what + " " + value + " is not in " + range);
        }
    }

    private void oneOf(JsonNode allowed, String is, String what) {
        check(
                list(allowed).anyMatch(node -> node.asText("null").equals(is)),
                what + " " + is + " is none of " + allowed);
    }

    private void check(boolean holds, String otherwise) {
        if (!holds) {
            wrong.add(otherwise);
        }
    }
}
