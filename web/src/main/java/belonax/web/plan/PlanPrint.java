package belonax.web.plan;

import belonax.web.shared.Attached;
import belonax.web.shared.print.Pdf;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** A plan on paper, to lie beside the machine, and its steps as files. */
@Controller
class PlanPrint {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final PlanDesk desk;
    private final PlanViews views;
    private final StepFiles files;
    private final Pdf pdf;

    PlanPrint(PlanDesk desk, PlanViews views, StepFiles files, Pdf pdf) {
        this.desk = desk;
        this.views = views;
        this.files = files;
        this.pdf = pdf;
    }

    @GetMapping("/plan/{id}/plan.pdf")
    ResponseEntity<byte[]> print(@PathVariable UUID id) {
        return desk.work(id)
                .map(worked -> pdf.answer("plan.pdf", "print/plan", Map.of("plan", views.of(worked))))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @GetMapping("/plan/{id}/steps.csv")
    ResponseEntity<byte[]> table(@PathVariable UUID id) {
        return desk.work(id)
                .map(worked -> file("steps.csv", CSV, files.table(worked).getBytes(StandardCharsets.UTF_8)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @GetMapping("/plan/{id}/steps.json")
    ResponseEntity<byte[]> document(@PathVariable UUID id) {
        return desk.work(id)
                .map(worked -> file("steps.json", MediaType.APPLICATION_JSON, files.document(worked)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attached.toKeep(name))
                .body(body);
    }
}
