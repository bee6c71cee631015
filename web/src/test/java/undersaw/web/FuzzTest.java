package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route with fields of its own and values of no sense: answered, never a failure of the server. */
@ExtendWith(Office.class)
class FuzzTest {
    private static final int REQUESTS = Integer.getInteger("undersaw.fuzz", 2_000);
    private static final long SEED = 20_261_128;
    /** What signs out, or works for the whole office that other tests share. */
    private static final List<String> LEFT_OUT = List.of("/sign-out", "/firm", "/error", "/sign-in");

    private static final List<String> VALUES = List.of(
            "",
            " ",
            "@@",
            "//x/",
            "1120/",
            "1120/26",
            "1120/26@@",
            "TREAT/zz",
            "TREAT/full@1010",
            "{x}",
            "${7*7}",
            "a\r\nb",
            "%",
            "%zz",
            "'",
            "\"",
            "<x>",
            "-1",
            "0",
            "7",
            "99999999999999999999",
            "1e9",
            "NaN",
            "2025-02-30",
            "2025-06-30",
            "\u0000",
            "\uD83D\uDE00",
            "x".repeat(5_000),
            "..",
            "../../etc/passwd",
            "on",
            "true",
            "null",
            "BALANCE_SHEET",
            "BOOKS",
            "books",
            "full",
            "1010",
            "4010",
            "-5.10",
            "12,5",
            "yes",
            "K",
            "engagement");

    /** Routes that make documents take as long as a hundred others, and take few fields. */
    private static final Pattern DOCUMENTS = Pattern.compile("pdf|xlsx|docx|zip|file/|statements|why");

    private static final int DOCUMENTS_EACH = 8;

    /** A route with the names of what it takes. */
    private record Route(RequestMethod method, String pattern, List<String> fields) {}

    private static List<Route> routes(Office.Running office) {
        List<Route> routes = new ArrayList<>();
        Map<RequestMappingInfo, HandlerMethod> all =
                office.bean(RequestMappingHandlerMapping.class).getHandlerMethods();
        all.forEach((mapping, handler) -> mapping.getMethodsCondition()
                .getMethods()
                .forEach(method -> mapping.getPatternValues()
                        .forEach(pattern -> routes.add(new Route(method, pattern, fields(handler))))));
        routes.removeIf(route -> LEFT_OUT.stream().anyMatch(route.pattern()::startsWith));
        // the order of a map is no order to repeat a run by
        routes.sort(Comparator.comparing(Route::pattern).thenComparing(Route::method));
        assertThat(routes).hasSizeGreaterThan(80);
        return routes;
    }

    private static List<String> fields(HandlerMethod handler) {
        List<String> fields = new ArrayList<>();
        for (Parameter parameter : handler.getMethod().getParameters()) {
            if (parameter.getType().isRecord()) {
                Arrays.stream(parameter.getType().getRecordComponents())
                        .map(RecordComponent::getName)
                        .forEach(fields::add);
            } else {
                fields.add(parameter.getName());
            }
        }
        return fields;
    }

    @Test
    void nothingThatIsSentMakesTheServerFail(Office.Running office) {
        FreshClient client = FreshClient.begin(office, "Fuzz " + System.nanoTime());
        Visitor tern = Visitor.as(office, "tern");
        List<Route> routes = routes(office);
        Random random = new Random(SEED);
        Map<String, Integer> failed = new TreeMap<>();
        for (int i = 0; i < REQUESTS; i++) {
            Route route = routes.get(i % routes.size());
            if (DOCUMENTS.matcher(route.pattern()).find() && random.nextInt(DOCUMENTS_EACH) > 0) {
                continue;
            }
            String address = route.pattern()
                    .replace("{id}", String.valueOf(client.id()))
                    .replace("{ending:csv|xlsx}", random.nextBoolean() ? "csv" : "xlsx");
            while (address.contains("{")) {
                address = address.replaceFirst(
                        "\\{[^}]*}", encoded(plainValue(random)).replace("$", ""));
            }
            List<String> pairs = pairs(route, random);
            int status = route.method() == RequestMethod.GET
                    ? tern.get(address + query(pairs)).statusCode()
                    : tern.post(address, pairs.toArray(String[]::new)).statusCode();
            if (status >= 500) {
                failed.put(route.method() + " " + address + " " + pairs, status);
            }
        }
        assertThat(failed).as("seed %s", SEED).isEmpty();
        assertThat(tern.get("/").statusCode()).isEqualTo(200);
    }

    /** A value that can stand in a path. */
    private static String plainValue(Random random) {
        return List.of("none", "7", "owners", "sales", "-1", "x.y").get(random.nextInt(6));
    }

    private static List<String> pairs(Route route, Random random) {
        List<String> pairs = new ArrayList<>();
        for (String field : route.fields()) {
            int times = random.nextInt(5) == 0 ? random.nextInt(3) : 1;
            for (int i = 0; i < times; i++) {
                pairs.add(random.nextInt(40) == 0 ? field + "[-1]" : field);
                pairs.add(VALUES.get(random.nextInt(VALUES.size())));
            }
        }
        return pairs;
    }

    private static String query(List<String> pairs) {
        StringBuilder query = new StringBuilder();
        for (int i = 0; i < pairs.size(); i += 2) {
            query.append(i == 0 ? '?' : '&')
                    .append(encoded(pairs.get(i)))
                    .append('=')
                    .append(encoded(pairs.get(i + 1)));
        }
        return query.toString();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
