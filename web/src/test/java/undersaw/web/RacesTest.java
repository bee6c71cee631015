package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import undersaw.engagement.Change;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.web.desk.Workspace;

/** Several requests at once: each is made out of the engagement as it stands, and none is told yes and lost. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class RacesTest {
    private static final int AT_ONCE = 4;
    private static final String FIGURE = "448c/y1";

    private Office.Running office;
    private FreshClient client;

    @BeforeEach
    void begin(Office.Running running) {
        office = running;
        client = FreshClient.begin(office, "Races " + System.nanoTime());
    }

    private List<Integer> together(IntFunction<HttpResponse<String>> request) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(AT_ONCE);
        CountDownLatch start = new CountDownLatch(1);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            int number = i;
            answers.add(threads.submit(() -> {
                start.await();
                return request.apply(number).statusCode();
            }));
        }
        start.countDown();
        List<Integer> codes = new ArrayList<>();
        for (Future<Integer> answer : answers) {
            codes.add(answer.get());
        }
        threads.shutdown();
        return codes;
    }

    private void books(long cash, long retained) {
        office.bean(Workspace.class)
                .change(
                        client.id(),
                        "R. Tern",
                        open -> new Change.Several(List.of(
                                new Change.AccountSet(new Account(
                                        "1000",
                                        "Cash",
                                        StatementKind.BALANCE_SHEET,
                                        Money.ZERO,
                                        Money.ofDollars(cash))),
                                new Change.AccountSet(new Account(
                                        "3900",
                                        "Retained earnings",
                                        StatementKind.BALANCE_SHEET,
                                        Money.ZERO,
                                        Money.ofDollars(retained))),
                                new Change.MappingsSet(
                                        Map.of("3900", new Mapping(LineId.of("1120/L/25"), "", true, "test"))))));
    }

    @Test
    void anOrderToBalanceTheBooksIsCarriedOutOnce() throws Exception {
        books(150, -100);
        Visitor tern = Visitor.as(office, "tern");
        List<Integer> codes = together(i ->
                tern.post(client.at("adjust/balance/order"), "opening", "false", "reason", "out by fifty, as agreed"));
        assertThat(codes).containsOnlyOnce(200).contains(422);
        assertThat(client.calculation().snapshot().lists().entries()).hasSize(1);
    }

    @Test
    void ofTwoPeopleOnOneFigureOneIsToldThatItMoved() throws Exception {
        List<Visitor> people = List.of(
                Visitor.as(office, "tern"),
                Visitor.as(office, "quill"),
                Visitor.as(office, "tern"),
                Visitor.as(office, "quill"));
        for (int round = 0; round < 10; round++) {
            String was = round == 0 ? "" : String.valueOf(client.amount(FIGURE));
            int base = 100 + 10 * round;
            List<Integer> codes = together(i -> people.get(i)
                    .post(client.at("return/line"), "key", FIGURE, "value", String.valueOf(base + i), "was", was));
            assertThat(codes.stream().filter(code -> code == 200))
                    .as("round %d", round)
                    .hasSize(1);
            assertThat(codes.stream().filter(code -> code == 409)).hasSize(AT_ONCE - 1);
        }
    }

    @Test
    void aWorksheetThatSomebodyElseChangedIsNotWrittenOver() {
        Visitor tern = Visitor.as(office, "tern");
        Visitor quill = Visitor.as(office, "quill");
        String page = tern.get(client.at("return/worksheet?line=1120/26")).body();
        String seen = page.replaceAll("(?s).*name=\"seen\" value=\"([0-9a-f]+)\".*", "$1");
        String[] theirs = {
            "line", "1120/26", "description", "rowA", "amount", "100", "date", "", "note", "", "seen", seen
        };
        String[] ours = {"line", "1120/26", "description", "rowB", "amount", "200", "date", "", "note", "", "seen", seen
        };
        assertThat(quill.post(client.at("return/worksheet"), theirs).statusCode())
                .isEqualTo(200);
        HttpResponse<String> refused = tern.post(client.at("return/worksheet"), ours);
        assertThat(refused.statusCode()).isEqualTo(409);
        assertThat(refused.body()).contains("rowA").contains("Yours was not saved");
        assertThat(client.amount("1120/26")).isEqualTo(100);
    }
}
