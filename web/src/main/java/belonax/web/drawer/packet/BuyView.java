package belonax.web.drawer.packet;

import belonax.match.PacketPlan;
import belonax.room.Words;
import belonax.web.shared.drawing.NeedlePortrait;
import java.util.List;
import java.util.stream.Collectors;

/** A shopping plan as the page shows it. */
public record BuyView(
        String headline, String words, List<PacketShown> packets, String served, String few, String without) {

    /** A packet to buy, drawn, with what it is for. */
    public record PacketShown(String name, String code, String serves, NeedlePortrait drawing) {}

    private static String headline(int packets) {
        return packets == 0 ? "Nothing to buy" : "Buy " + Words.count(packets, "packet");
    }

    static BuyView of(PacketPlan plan) {
        int all = plan.served().size()
                + plan.without().size()
                + plan.packets().stream()
                        .mapToInt(packet -> packet.serves().size())
                        .sum();
        return new BuyView(
                headline(plan.packets().size()),
                plan.words(),
                plan.packets().stream()
                        .map(packet -> new PacketShown(
                                Words.capital(packet.needle().words()),
                                packet.needle().code(),
                                packet.serves().stream()
                                        .map(PacketPlan.Use::name)
                                        .collect(Collectors.joining("; ")),
                                NeedlePortrait.of(packet.needle())))
                        .toList(),
                plan.served().stream().map(PacketPlan.Use::name).collect(Collectors.joining("; ")),
                all == 0 || plan.packets().size() < 2
                        ? ""
                        : "The best one packet is good for "
                                + plan.mostWithFew().get(0) + " of " + all + ", the best two for "
                                + plan.mostWithFew().get(1) + ", the best three for "
                                + plan.mostWithFew().get(2) + ".",
                plan.withoutWords());
    }
}
