package belonax.web.start;

import belonax.web.BelonaxApplication;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A whole Belonax in a process of its own, asked as a browser asks. */
final class InItsOwnProcess implements AutoCloseable {
    private static final Pattern ADDRESS = Pattern.compile("http://localhost:\\d+");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    private final Process process;
    private final String address;
    private final HttpClient browser =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

    private InItsOwnProcess(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /** Starts it over a data folder, with what Java is told beside. */
    static InItsOwnProcess over(Path home, String profile, String... java) throws IOException {
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(List.of(java));
        command.addAll(List.of(
                "-XX:TieredStopAtLevel=1",
                "-Dspring.profiles.active=" + profile,
                "-cp",
                System.getProperty("java.class.path"),
                BelonaxApplication.class.getName()));
        ProcessBuilder builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("BELONAX_HOME", home.toString());
        try (ServerSocket free = new ServerSocket(0)) {
            builder.environment().put("BELONAX_PORT", String.valueOf(free.getLocalPort()));
        }
        Process process = builder.start();
        return new InItsOwnProcess(process, ready(process));
    }

    private static String ready(Process belonax) throws IOException {
        BufferedReader out =
                new BufferedReader(new InputStreamReader(belonax.getInputStream(), StandardCharsets.UTF_8));
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            Matcher address = ADDRESS.matcher(line);
            if (address.find()) {
                return address.group();
            }
        }
        throw new AssertionError("Belonax did not start.");
    }

    HttpClient browser() {
        return browser;
    }

    Process process() {
        return process;
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).header("Accept", "text/html");
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return browser.send(request(path).build(), BodyHandlers.ofString());
    }

    /** The token of its pages, for what is sent without one of them. */
    String token() throws IOException, InterruptedException {
        String page = get("/settings").body(); // There is one in an empty room too.
        Matcher token = TOKEN.matcher(page);
        if (!token.find()) {
            throw new AssertionError(page);
        }
        return token.group(1);
    }

    /** As a power cut does it. */
    @Override
    public void close() {
        process.toHandle().destroyForcibly();
    }
}
