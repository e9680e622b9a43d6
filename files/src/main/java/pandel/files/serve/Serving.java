package pandel.files.serve;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.BindException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.files.Unreadable;
import pandel.files.handon.ServedPlayer;
import pandel.files.json.RemarkJson;
import pandel.files.store.PictureSource;

/**
 * Hands one prototype out over HTTP, under an address that nobody can guess. It gives the prototype's own page and
 * pictures and nothing else, and takes nothing but what is tapped, and that only where it is wished.
 */
public final class Serving implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Serving.class);

    /** A browser asks again what changed after so many ms at the latest. */
    private static final long PATIENCE = 20_000;

    /** So many bytes at most are taken of what is tapped. */
    private static final int LARGEST = 256 << 10;

    private static final int TOKEN_BYTES = 16;

    private final HttpServer server;
    private final ExecutorService threads;
    private final String token;
    private final List<String> hosts;
    private final Consumer<Remark.Step> tapped;
    private final ReentrantLock lock = new ReentrantLock();
    private final Condition changed = lock.newCondition();
    private Handed handed;
    private long versions = System.currentTimeMillis();
    private boolean wished;
    private boolean closed;

    private Serving(HttpServer server, List<String> hosts, Handed first, Consumer<Remark.Step> tapped) {
        this.server = server;
        this.hosts = List.copyOf(hosts);
        this.handed = first;
        this.tapped = tapped;
        byte[] random = new byte[TOKEN_BYTES];
        new SecureRandom().nextBytes(random);
        this.token = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
        this.threads = Executors.newVirtualThreadPerTaskExecutor();
    }

    /**
     * Begins.
     *
     * @param network whether other machines reach it; else this one alone
     * @param port 0: any that is free
     * @param tapped told, on any thread, where a play over there stands, while that is wished
     * @throws Unreadable when the port is taken
     */
    public static Serving begin(
            Prototype prototype, PictureSource source, boolean network, int port, Consumer<Remark.Step> tapped)
            throws Unreadable, IOException {
        InetSocketAddress at =
                network ? new InetSocketAddress(port) : new InetSocketAddress(InetAddress.getLoopbackAddress(), port);
        HttpServer server;
        try {
            server = HttpServer.create(at, 0);
        } catch (BindException e) {
            throw new Unreadable("Port " + port + " cannot be used (" + Unreadable.why(e) + "); name another.", e);
        }
        Serving serving = new Serving(server, Addresses.hosts(network), new Handed(prototype, source, "0"), tapped);
        server.setExecutor(serving.threads);
        server.createContext("/", serving::answer);
        server.start();
        return serving;
    }

    /** Where a browser finds it, the likeliest first. */
    public List<String> addresses() {
        return hosts.stream()
                .map(h -> "http://" + h + ":" + server.getAddress().getPort() + "/" + token + "/")
                .toList();
    }

    /** Hands something else out from now on; every page that is open shows it at once. */
    public void show(Prototype prototype, PictureSource source) {
        tell(() -> {
            if (!handed.isOf(prototype)) {
                handed = new Handed(prototype, source, String.valueOf(++versions));
            }
        });
    }

    /** Whether what is tapped over there is to be told here. */
    public void wish(boolean taps) {
        tell(() -> wished = taps);
    }

    private void tell(Runnable change) {
        lock.lock();
        try {
            change.run();
            changed.signalAll();
        } finally {
            lock.unlock();
        }
    }

    private Handed handed() {
        lock.lock();
        try {
            return handed;
        } finally {
            lock.unlock();
        }
    }

    private void answer(HttpExchange asked) throws IOException {
        try (asked) {
            try {
                answerTo(asked);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } catch (RuntimeException e) {
                LOG.warn("Could not answer {}", asked.getRequestMethod(), e);
                send(asked, 500, "text/plain", new byte[0]);
            }
        }
    }

    private void answerTo(HttpExchange asked) throws IOException, InterruptedException {
        String path = asked.getRequestURI().getPath();
        int end = path.indexOf('/', 1);
        if (end < 0 || !isToken(path.substring(1, end))) {
            send(asked, 404, "text/plain", new byte[0]);
            return;
        }
        String what = path.substring(end + 1);
        boolean gets = asked.getRequestMethod().equals("GET");
        if (what.equals("tapped") && asked.getRequestMethod().equals("POST")) {
            take(asked);
        } else if (!gets) {
            send(asked, 405, "text/plain", new byte[0]);
        } else if (what.isEmpty()) {
            send(asked, 200, "text/html; charset=utf-8", utf8(handed().player().page()));
        } else if (what.equals("data")) {
            send(asked, 200, "application/json", utf8(handed().player().data()));
        } else if (what.equals("changed")) {
            changed(asked);
        } else if (what.startsWith("p/")) {
            Optional<ServedPlayer.Served> picture = handed().player().picture(what.substring(2));
            if (picture.isPresent()) {
                send(asked, 200, picture.get().type(), picture.get().bytes());
            } else {
                send(asked, 404, "text/plain", new byte[0]);
            }
        } else {
            send(asked, 404, "text/plain", new byte[0]);
        }
    }

    /** Compared in the same time however much of it is right. */
    private boolean isToken(String given) {
        return MessageDigest.isEqual(utf8(given), utf8(token));
    }

    /** Waits until something is other than the page knows, or for a while. */
    private void changed(HttpExchange asked) throws IOException, InterruptedException {
        Map<String, String> query = query(asked);
        String since = query.getOrDefault("since", "");
        boolean knows = Boolean.parseBoolean(query.get("wished"));
        String now;
        lock.lockInterruptibly();
        try {
            long left = TimeUnit.MILLISECONDS.toNanos(PATIENCE);
            while (!closed && left > 0 && handed.version().equals(since) && wished == knows) {
                left = changed.awaitNanos(left);
            }
            if (closed) {
                return;
            }
            now = JsonNodeFactory.instance
                    .objectNode()
                    .put("version", handed.version())
                    .put("wished", wished)
                    .toString();
        } finally {
            lock.unlock();
        }
        send(asked, 200, "application/json", utf8(now));
    }

    private static Map<String, String> query(HttpExchange asked) {
        Map<String, String> all = new HashMap<>();
        String query = asked.getRequestURI().getQuery();
        for (String part : query == null ? new String[0] : query.split("&")) {
            int is = part.indexOf('=');
            if (is > 0) {
                all.put(part.substring(0, is), part.substring(is + 1));
            }
        }
        return all;
    }

    private void take(HttpExchange asked) throws IOException {
        boolean takes;
        lock.lock();
        try {
            takes = wished;
        } finally {
            lock.unlock();
        }
        if (!takes) {
            send(asked, 403, "text/plain", new byte[0]);
            return;
        }
        byte[] body = asked.getRequestBody().readNBytes(LARGEST + 1);
        if (body.length > LARGEST) {
            send(asked, 413, "text/plain", new byte[0]);
            return;
        }
        try {
            tapped.accept(RemarkJson.step(new String(body, StandardCharsets.UTF_8)));
            send(asked, 204, "text/plain", new byte[0]);
        } catch (Unreadable e) {
            send(asked, 400, "text/plain; charset=utf-8", utf8(e.sentence()));
        }
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static void send(HttpExchange asked, int status, String type, byte[] body) throws IOException {
        asked.getResponseHeaders().set("Content-Type", type);
        asked.getResponseHeaders()
                .set("Cache-Control", type.startsWith("image/") ? "private, max-age=3600" : "no-store");
        asked.getResponseHeaders().set("X-Content-Type-Options", "nosniff");
        asked.getResponseHeaders().set("Referrer-Policy", "no-referrer");
        asked.getResponseHeaders().set("Cross-Origin-Resource-Policy", "same-origin");
        asked.sendResponseHeaders(status, body.length == 0 ? -1 : body.length);
        if (body.length > 0) {
            asked.getResponseBody().write(body);
        }
    }

    /** Ends: nothing is given and nothing taken any more. */
    @Override
    public void close() {
        tell(() -> closed = true);
        server.stop(0);
        threads.shutdownNow();
    }
}
