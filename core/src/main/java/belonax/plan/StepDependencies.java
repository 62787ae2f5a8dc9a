package belonax.plan;

import belonax.BadInput;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.alg.shortestpath.BFSShortestPath;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;

/** What has to be sewn before what, checked for circles. */
final class StepDependencies {
    private StepDependencies() {}

    /**
     * Returns for each step the steps that must come before it, as bits.
     *
     * @throws BadInput naming an unknown id, an id that stands twice, or the steps of a circle
     */
    static long[] of(List<Step> steps) {
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < steps.size(); i++) {
            String id = steps.get(i).id();
            Step.unless(
                    index.put(id, i) == null,
                    i,
                    "id",
                    () -> "Two steps are called “" + id + "”. Give each its own id.");
        }
        Graph<Integer, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        index.values().forEach(graph::addVertex);
        long[] before = new long[steps.size()];
        for (int i = 0; i < steps.size(); i++) {
            for (String id : steps.get(i).after()) {
                Step.unless(
                        index.containsKey(id),
                        i,
                        "after",
                        () -> "No step is called “" + id + "”. Name one of this job, or none.");
                int other = index.getOrDefault(id, i);
                Step.unless(other != i, i, "after", () -> "“" + id + "” cannot come after itself. Take that out.");
                before[i] |= 1L << other;
                graph.addEdge(other, i);
            }
        }
        refuseCircles(graph, steps);
        return before;
    }

    private static void refuseCircles(Graph<Integer, DefaultEdge> graph, List<Step> steps) {
        CycleDetector<Integer, DefaultEdge> circles = new CycleDetector<>(graph);
        for (int i = 0; i < steps.size(); i++) {
            if (circles.detectCyclesContainingVertex(i)) {
                String names = names(circle(graph, i), steps);
                throw new BadInput(
                                "after",
                                "These steps wait for each other in a circle: " + names
                                        + ". Let one of them wait no longer.")
                        .inEntry("steps", i);
            }
        }
    }

    private static List<Integer> circle(Graph<Integer, DefaultEdge> graph, int start) {
        List<Integer> shortest = List.of();
        BFSShortestPath<Integer, DefaultEdge> paths = new BFSShortestPath<>(graph);
        for (DefaultEdge defaultEdge : graph.outgoingEdgesOf(start)) {
            var back = paths.getPath(graph.getEdgeTarget(defaultEdge), start);
            if (back != null && (shortest.isEmpty() || back.getVertexList().size() < shortest.size())) {
                shortest = back.getVertexList();
            }
        }
        List<Integer> circle = new ArrayList<>(shortest);
        circle.add(0, start);
        return circle;
    }

    private static String names(List<Integer> circle, List<Step> steps) {
        return circle.stream().map(number -> "“" + steps.get(number).id() + "”").collect(Collectors.joining(", then "));
    }
}
