package undersaw.web.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;
import undersaw.web.desk.Refused;

/**
 * A form that comes twice as it was filled in, by a double click or sent again, is done once: the second sending is led
 * where the first one was.
 *
 * <p>Each form carries a token of its own ({@link OnceFields}). One that was answered with a page was not done, and may
 * come again; neither files nor what a script sends by itself pass here.
 */
final class OnceFilter extends OncePerRequestFilter {
    static final String FIELD = "_once";
    private static final int WAIT_SECONDS = 60;

    private final Cache<String, CompletableFuture<Optional<String>>> places = Caffeine.newBuilder()
            .maximumSize(20_000)
            .expireAfterWrite(Duration.ofMinutes(30))
            .build();

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String type = request.getContentType();
        return !HttpMethod.POST.matches(request.getMethod())
                || type == null
                || !type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)
                || request.getHeader("X-Undersaw-Part") != null
                || request.getParameter(FIELD) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String sending = sending(request);
        CompletableFuture<Optional<String>> mine = new CompletableFuture<>();
        CompletableFuture<Optional<String>> first = places.asMap().putIfAbsent(sending, mine);
        Optional<String> place = first == null ? Optional.empty() : wait(first);
        if (place.isPresent()) {
            response.sendRedirect(place.get());
            return;
        }
        Optional<String> led = Optional.empty();
        try {
            chain.doFilter(request, response);
            led = Optional.ofNullable(response.getHeader(HttpHeaders.LOCATION));
        } finally {
            if (led.isEmpty()) {
                places.invalidate(sending);
            }
            mine.complete(led);
        }
    }

    private static Optional<String> wait(CompletableFuture<Optional<String>> first) throws ServletException {
        try {
            return first.get(WAIT_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ServletException("stopped while another sending of the form was under way", e);
        } catch (ExecutionException | TimeoutException e) {
            throw new ServletException("another sending of the form has not come to an end", e);
        }
    }

    /** The form of one session as it was filled in; nothing of what it holds stays readable. */
    private static String sending(HttpServletRequest request) {
        TreeMap<String, String> fields = new TreeMap<>();
        request.getParameterMap().forEach((name, values) -> fields.put(name, Arrays.toString(values)));
        return Refused.seen(request.getRequestedSessionId() + " " + request.getRequestURI() + " " + fields);
    }
}
