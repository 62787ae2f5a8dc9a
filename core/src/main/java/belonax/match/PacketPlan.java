package belonax.match;

import belonax.needle.Needle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What to buy: the smallest set of packets that keeps every use at GOOD. Of several smallest sets the one with the least
 * expected harm is taken. Source: docs/craft.md, "What to buy".
 *
 * @param packets what to buy, the packet that serves most first
 * @param served uses that needles in the drawer keep at GOOD already
 * @param without uses that no needle keeps at GOOD: cloth and thread disagree there
 * @param mostWithFew how many uses the best one, two and three packets keep at GOOD, drawer included
 */
public record PacketPlan(List<Packet> packets, List<Use> served, List<Use> without, List<Integer> mostWithFew) {

    /**
     * Something that is sewn here.
     *
     * @param name in the owner's words, such as {@code swim knit with polyester tex 25}
     */
    public record Use(String name, MatchRequest request) {}

    /**
     * A packet to buy.
     *
     * @param serves the uses that it is best for among the packets of the plan
     */
    public record Packet(Needle needle, List<Use> serves) {
        public Packet {
            serves = List.copyOf(serves);
        }
    }

    public PacketPlan {
        packets = List.copyOf(packets);
        served = List.copyOf(served);
        without = List.copyOf(without);
        mostWithFew = List.copyOf(mostWithFew);
    }

    /**
     * Works out the plan.
     *
     * @param owned needles in the drawer
     */
    public static PacketPlan of(NeedleMatcher matcher, List<Use> uses, List<Needle> owned) {
        List<Use> served = new ArrayList<>();
        List<Use> without = new ArrayList<>();
        List<Use> open = new ArrayList<>();
        Map<Use, Map<Needle, Double>> good = new LinkedHashMap<>();
        for (Use use : uses) {
            Map<Needle, Double> needles = matcher.good(use.request());
            if (owned.stream().anyMatch(needles::containsKey)) {
                served.add(use);
            } else if (needles.isEmpty()) {
                without.add(use);
            } else {
                open.add(use);
                good.put(use, needles);
            }
        }
        SmallestCover cover = new SmallestCover(open.stream().map(good::get).toList());
        List<Integer> few = new ArrayList<>();
        for (int packets = 1; packets <= 3; packets++) {
            few.add(served.size() + cover.mostWith(packets));
        }
        return new PacketPlan(packets(open, good, cover.smallest()), served, without, few);
    }

    /** Returns the plan in one sentence. */
    public String words() {
        int all = served.size()
                + without.size()
                + packets.stream().mapToInt(packet -> packet.serves().size()).sum();
        if (all == 0) {
            return "Nothing lies in the drawer yet: add the cloths that you sew.";
        }
        return Stock.words(this, all);
    }

    /** Returns what no packet helps, in a sentence; empty when every use is served. */
    public String withoutWords() {
        if (without.isEmpty()) {
            return "";
        }
        return "No needle is good for "
                + without.stream().map(Use::name).collect(Collectors.joining(", nor for "))
                + ": cloth and thread disagree there.";
    }

    private static List<Packet> packets(List<Use> uses, Map<Use, Map<Needle, Double>> good, List<Needle> needles) {
        Map<Needle, List<Use>> serves = new LinkedHashMap<>();
        for (Use use : uses) {
            Map<Needle, Double> harms = good.getOrDefault(use, Map.of());
            needles.stream()
                    .filter(harms::containsKey)
                    .min((a, b) -> Double.compare(harms.getOrDefault(a, 0.0), harms.getOrDefault(b, 0.0)))
                    .ifPresent(needle -> serves.computeIfAbsent(needle, any -> new ArrayList<>())
                            .add(use));
        }
        return serves.entrySet().stream()
                .map(serve -> new Packet(serve.getKey(), serve.getValue()))
                .sorted((a, b) -> Integer.compare(b.serves().size(), a.serves().size()))
                .toList();
    }

    /** How the plan is said. */
    private static final class Stock {
        static String words(PacketPlan plan, int all) {
            String cloths = all == 1 ? "the one thing" : "all " + all + " things";
            if (plan.packets.isEmpty()) {
                return "Nothing to buy: what is in the drawer is good for " + (all - plan.without.size()) + " of " + all
                        + " things that you sew.";
            }
            Packet last = plan.packets.get(plan.packets.size() - 1);
            int rest = plan.packets.size() - 1;
            if (rest > 0 && last.serves().size() == 1) {
                int covered = all - plan.without.size() - 1;
                return packets(plan, rest) + (rest == 1 ? " covers " : " cover ") + covered + " of the " + all
                        + " things that you sew; " + last.serves().get(0).name() + " needs "
                        + last.needle().words() + " besides.";
            }
            return packets(plan, plan.packets.size()) + (rest == 0 ? " keeps " : " keep ")
                    + (plan.without.isEmpty() ? cloths : all - plan.without.size() + " of " + all + " things")
                    + " that you sew at good.";
        }

        private static String packets(PacketPlan plan, int count) {
            String more = plan.served.isEmpty() ? "" : " more";
            String packets = count == 1 ? "1" + more + " packet" : count + more + " packets";
            return plan.served.isEmpty() ? packets : "With what is in the drawer, " + packets;
        }
    }
}
