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
    List<String> wrong(JsonNode it) {
        switch (it.get("kind").asText()) {
            case "match" -> match(it);
            case "tension" -> tension(it);
            case "fault" -> fault(it);
            case "thread-label" -> threadLabel(it);
            case "needle-label" -> needleLabel(it);
            case "plan" -> plan(it);
            default -> wrong.add("a kind that nobody knows");
        }
        return wrong;
    }

    private void match(JsonNode it) {
        JsonNode answer = ask.apply("match", it.get("ask"));
        JsonNode first = answer.path("recommendations").path(0);
        if (it.has("first")) {
            check(list(it.get("first")).anyMatch(wish -> fits(first, wish)), "the first is " + needle(first));
        }
        if (it.has("verdict")) {
            oneOf(it.get("verdict"), first.path("verdict").asText(), "verdict");
        }
        JsonNode stitch = it.path("stitch");
        if (stitch.has("kind")) {
            oneOf(stitch.get("kind"), answer.path("stitch").path("kind").asText(), "stitch");
        }
        within(stitch.path("length_mm"), answer.path("stitch").path("lengthMm").asDouble(), "length");
        within(stitch.path("width_mm"), answer.path("stitch").path("widthMm").asDouble(), "width");
        JsonNode dial = answer.path("startingDial");
        within(
                it.path("dial"),
                (dial.path("lower").asDouble() + dial.path("upper").asDouble()) / 2,
                "dial");
        String foot = answer.path("foot").path("kind").asText();
        if (it.has("foot")) {
            oneOf(it.get("foot"), foot, "foot");
        }
        check(list(it.path("not_foot")).noneMatch(not -> not.asText().equals(foot)), "foot " + foot);
        if (it.has("pressure")) {
            oneOf(it.get("pressure"), answer.path("foot").path("pressure").asText("null"), "pressure");
        }
        says(it, answer);
        judged(it, "good", List.of("GOOD"));
        judged(it, "not_good", List.of("CAN_PASS", "AVOID"));
        judged(it, "not_avoid", List.of("GOOD", "CAN_PASS"));
        judged(it, "avoid", List.of("AVOID"));
    }

    private void says(JsonNode it, JsonNode answer) {
        String said = words(answer);
        if (it.has("says")) {
            check(found(it.get("says"), said), "never says " + it.get("says"));
        }
        if (it.has("never_says")) {
            check(!found(it.get("never_says"), said), "says " + it.get("never_says"));
        }
    }

    /** A range of sizes means those that are made; what nobody makes is answered all the same. */
    private void judged(JsonNode it, String wish, List<String> verdicts) {
        list(it.path(wish))
                .flatMap(asked -> list(asked.get("type"))
                        .flatMap(type -> sizes(asked.get("nm")).map(nm -> checkBody(it.get("ask"), type.asText(), nm))))
                .forEach(body -> {
                    String verdict =
                            ask.apply("match/check", body).path("verdict").asText();
                    check(verdicts.contains(verdict), body.get("needle") + " is " + verdict);
                });
    }

    private static Stream<Integer> sizes(JsonNode nm) {
        return nm.isArray()
                ? SIZES.stream()
                        .filter(it -> it >= nm.get(0).asInt() && it <= nm.get(1).asInt())
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

    private void tension(JsonNode it) {
        JsonNode answer = ask.apply("tension/next", it.get("ask"));
        if (it.has("action")) {
            oneOf(it.get("action"), answer.path("action").asText(), "action");
        }
        if (!answer.path("dial").isNull()) {
            within(it.path("dial"), answer.path("dial").asDouble(), "dial");
        }
        String said = words(answer);
        if (it.has("suspicion")) {
            check(found(it.get("suspicion"), said), "never mentions " + it.get("suspicion") + ": " + said);
        }
        if (it.has("no_suspicion")) {
            check(!found(it.get("no_suspicion"), said), "mentions " + it.get("no_suspicion"));
        }
        if (it.has("contradiction")) {
            check(
                    answer.path("contradiction").isNull()
                            != it.get("contradiction").asBoolean(),
                    "contradiction " + answer.path("contradiction"));
        }
    }

    private void fault(JsonNode it) {
        JsonNode answer = ask.apply("faults/rank", it.get("ask"));
        List<String> checks = ids(answer.path("checks"));
        list(it.path("within"))
                .forEach(wish -> check(
                        list(wish.get(0))
                                .anyMatch(id -> firstOf(checks, wish.get(1)).contains(id.asText())),
                        "none of " + wish + " in " + checks));
        list(it.path("before")).forEach(pair -> {
            int one = checks.indexOf(pair.get(0).asText());
            int other = checks.indexOf(pair.get(1).asText());
            check(other < 0 || one >= 0 && one < other, pair + " in " + checks);
        });
        list(it.path("never")).forEach(id -> check(!checks.contains(id.asText()), id + " is asked"));
        if (it.has("stop")) {
            check(answer.path("stop").isNull() != it.get("stop").asBoolean(), "stop: " + answer.path("stop"));
        }
        if (it.has("causes")) {
            List<String> causes =
                    firstOf(ids(answer.path("causes")), it.get("causes").get(1));
            check(
                    list(it.get("causes").get(0)).anyMatch(id -> causes.contains(id.asText())),
                    "none of " + it.get("causes") + " in " + causes);
        }
    }

    private void threadLabel(JsonNode it) {
        JsonNode answer = ask.apply("labels/thread", it.get("ask"));
        JsonNode best = answer.path("readings").path(0);
        boolean asks = best.isMissingNode() || !answer.path("question").isNull();
        if (it.path("refuse").asBoolean()) {
            check(asks, "read as " + best);
        } else if (!(it.path("or_question").asBoolean() && asks)) {
            check(!best.isMissingNode(), "not read");
            within(it.path("tex"), best.path("tex").asDouble(), "tex");
        }
    }

    private void needleLabel(JsonNode it) {
        JsonNode answer = ask.apply("labels/needle", it.get("ask"));
        equal(it, "system", answer.path("system"));
        equal(it, "type", answer.path("type"));
        equal(it, "nm", answer.path("size").path("nm"));
        equal(it, "trade", answer.path("size").path("trade"));
        equal(it, "spacing_mm", answer.path("twin").path("spacingMm"));
        if (it.has("sizes")) {
            List<Integer> sizes = list(answer.path("sizes"))
                    .map(size -> size.get("nm").asInt())
                    .sorted()
                    .toList();
            check(sizes.equals(list(it.get("sizes")).map(JsonNode::asInt).toList()), "sizes " + sizes);
        }
        if (it.has("notes")) {
            check(found(it.get("notes"), words(answer)), "never notes " + it.get("notes"));
        }
    }

    private void equal(JsonNode it, String field, JsonNode answer) {
        if (it.has(field)) {
            JsonNode wanted = it.get(field);
            boolean same = wanted.isNumber()
                    ? Math.abs(wanted.asDouble() - answer.asDouble()) < 1e-6
                    : list(wanted).anyMatch(one -> one.asText("").equals(answer.asText("")));
            check(same, field + " is " + answer);
        }
    }

    private void plan(JsonNode it) {
        JsonNode answer = ask.apply("plan", it.get("ask"));
        it.path("needles").properties().forEach(wish -> {
            JsonNode needle = step(answer, wish.getKey()).path("needle");
            check(list(wish.getValue()).anyMatch(one -> fits(needle, one)), wish.getKey() + ": " + needle(needle));
        });
        it.path("top_metres")
                .properties()
                .forEach(wish -> within(
                        wish.getValue(),
                        step(answer, wish.getKey()).path("topThreadMetres").asDouble(),
                        wish.getKey()));
        within(it.path("needle_changes"), answer.path("needleChanges").asDouble(), "needle changes");
        within(it.path("rebalancings"), answer.path("rebalancings").asDouble(), "re-balancings");
        if (it.has("first_step")) {
            oneOf(it.get("first_step"), answer.path("order").path(0).asText(), "first step");
        }
    }

    private static JsonNode step(JsonNode plan, String id) {
        return list(plan.path("steps"))
                .filter(it -> it.get("id").asText().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static boolean fits(JsonNode needle, JsonNode wish) {
        int nm = needle.path("size").path("nm").asInt();
        return list(wish.get("type"))
                        .anyMatch(it -> it.asText().equals(needle.path("type").asText()))
                && sizes(wish.get("nm")).anyMatch(it -> it == nm);
    }

    private static String needle(JsonNode it) {
        return it.path("type").asText() + " " + it.path("size").path("nm").asInt();
    }

    private static List<String> ids(JsonNode all) {
        return list(all).map(it -> it.get("id").asText()).toList();
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
        node.forEach(it -> said.append(words(it)));
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
        check(list(allowed).anyMatch(it -> it.asText("null").equals(is)), what + " " + is + " is none of " + allowed);
    }

    private void check(boolean holds, String otherwise) {
        if (!holds) {
            wrong.add(otherwise);
        }
    }
}
