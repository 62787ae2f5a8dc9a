package belonax.web.plan;

import belonax.plan.BobbinRoom;
import belonax.plan.JobPlan;
import belonax.plan.JobPlan.Planned;
import belonax.plan.Sittings.Piece;
import belonax.plan.Sittings.Sitting;
import belonax.plan.Supplies;
import belonax.room.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * The run of a plan, drawn along its minutes: steps, needle, thread, bobbin, dial, and where one evening ends.
 *
 * @param bobbin the line along which the bobbin empties
 * @param told the same in words
 */
public record RunView(
        List<Bar> steps,
        List<Bar> needles,
        List<Bar> threads,
        String bobbin,
        List<Mark> wound,
        List<Mark> dials,
        List<Mark> evenings,
        String told) {
    static final double WIDTH = 500;
    private static final double LEAST = 22;
    private static final double FULL_Y = 214;
    private static final double EMPTY_Y = 252;
    /** About so many pixels a letter takes. */
    private static final double LETTER = 7.3;

    /** A stretch of the run, with as much of its words as has room. */
    public record Bar(double x, double width, String words, String colour) {
        public double middle() {
            return x + width / 2;
        }
    }

    /** A place on the run. */
    public record Mark(double x, double y, String words) {}

    /** Where the steps lie. */
    private record Scale(List<Planned> steps, List<Double> from) {
        static Scale of(List<Planned> steps) {
            double total = steps.stream().mapToDouble(Scale::minutes).sum();
            double room = WIDTH - LEAST * steps.size();
            double[] from = new double[steps.size() + 1];
            for (int i = 0; i < steps.size(); i++) {
                from[i + 1] = from[i] + LEAST + Math.max(0, room) * minutes(steps.get(i)) / Math.max(total, 1e-9);
            }
            double shrink = Math.min(1, WIDTH / from[steps.size()]);
            for (int i = 0; i < from.length; i++) {
                from[i] *= shrink;
            }
            return new Scale(steps, DoubleStream.of(from).boxed().toList());
        }

        private static double minutes(Planned planned) {
            return planned.use().minutes();
        }
    }

    static RunView of(
            JobPlan plan,
            List<Sitting> sittings,
            List<String> days,
            Function<Planned, BobbinRoom> bobbin,
            Supplies supplies,
            Function<Planned, String> needle,
            Function<Planned, String> thread,
            Function<Planned, String> colour) {
        Scale scale = Scale.of(plan.steps());
        List<Double> from = scale.from();
        List<Bar> steps = new ArrayList<>();
        List<Mark> dials = new ArrayList<>();
        for (int i = 0; i < plan.steps().size(); i++) {
            Planned planned = plan.steps().get(i);
            double width = from.get(i + 1) - from.get(i);
            steps.add(new Bar(from.get(i), width - 2, String.valueOf(i + 1), ""));
            if (planned.newBalance() || i == 0) {
                dials.add(new Mark(from.get(i) + width / 2, 292, Words.number(planned.dial())));
            }
        }
        List<Mark> wound = new ArrayList<>();
        return new RunView(
                steps,
                bars(scale, needle, planned -> ""),
                bars(scale, thread, colour),
                bobbin(scale, bobbin, supplies, wound),
                wound,
                dials,
                evenings(scale, sittings, days),
                told(plan, needle, thread));
    }

    private static List<Bar> bars(Scale scale, Function<Planned, String> words, Function<Planned, String> colour) {
        List<Bar> bars = new ArrayList<>();
        int first = 0;
        for (int i = 1; i <= scale.steps().size(); i++) {
            boolean ends = i == scale.steps().size()
                    || !words.apply(scale.steps().get(i))
                            .equals(words.apply(scale.steps().get(first)));
            if (ends) {
                Planned planned = scale.steps().get(first);
                double width = scale.from().get(i) - scale.from().get(first) - 2;
                bars.add(new Bar(
                        scale.from().get(first), width, fitting(words.apply(planned), width), colour.apply(planned)));
                first = i;
            }
        }
        return bars;
    }

    private static String fitting(String words, double width) {
        int letters = (int) ((width - 8) / LETTER);
        if (words.length() <= letters) {
            return words;
        }
        int blank = words.lastIndexOf(' ');
        String end = blank < 0 ? "" : words.substring(blank + 1);
        return end.length() <= letters ? end : "";
    }

    /** What is wound already comes first; then a bobbin is wound for each thread, and again where it is empty. */
    private static String bobbin(
            Scale scale, Function<Planned, BobbinRoom> bobbin, Supplies supplies, List<Mark> wound) {
        Set<String> begun = new HashSet<>();
        StringBuilder path = new StringBuilder();
        double left = 0;
        String thread = "";
        for (int i = 0; i < scale.steps().size(); i++) {
            Planned planned = scale.steps().get(i);
            double full =
                    bobbin.apply(planned).metres(planned.step().asked().job().thread());
            double x = scale.from().get(i);
            double width = scale.from().get(i + 1) - x;
            double metres = planned.use().bobbinMetres();
            if (metres == 0) {
                continue;
            }
            if (!planned.step().thread().equals(thread) || left <= 0) {
                thread = planned.step().thread();
                double ready = begun.add(planned.step().station() + " " + thread)
                        ? supplies.woundMetres(planned.step().station(), thread)
                        : 0;
                left = ready > 0 ? Math.min(full, ready) : full;
                path.append(point('M', x, left / full));
            }
            double used = 0;
            while (metres - used > left) {
                used += left;
                double at = x + width * used / metres;
                path.append(point('L', at, 0)).append(point('M', at, 1));
                wound.add(new Mark(at, EMPTY_Y, ""));
                left = full;
                if (wound.size() > 200) {
                    return path.toString();
                }
            }
            left -= metres - used;
            path.append(point('L', x + width, left / full));
        }
        return path.toString();
    }

    private static String point(char how, double x, double share) {
        return String.format(Locale.ROOT, "%c%.1f %.1f", how, x, EMPTY_Y - (EMPTY_Y - FULL_Y) * share);
    }

    private static List<Mark> evenings(Scale scale, List<Sitting> sittings, List<String> days) {
        List<Mark> marks = new ArrayList<>();
        double last = -100;
        for (int i = 0; i < sittings.size(); i++) {
            Piece first = sittings.get(i).pieces().get(0);
            int at = scale.steps().indexOf(first.step());
            double x = scale.from().get(at);
            if (first.goesOn()) {
                x += (scale.from().get(at + 1) - x) / 2;
            }
            boolean hasRoom = x - last > 84 && x + LETTER * days.get(i).length() <= WIDTH;
            String words = hasRoom ? days.get(i) : "";
            last = words.isEmpty() ? last : x;
            marks.add(new Mark(x, 0, words));
        }
        return marks;
    }

    private static String told(JobPlan plan, Function<Planned, String> needle, Function<Planned, String> thread) {
        return plan.steps().stream()
                .map(planned ->
                        planned.step().name() + " with " + needle.apply(planned) + " and " + thread.apply(planned))
                .collect(Collectors.joining("; "));
    }
}
