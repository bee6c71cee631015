package undersaw.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** What was taken back can be made again, step by step, until something else is changed. */
@ExtendWith(Office.class)
class UndoTest {
    private Visitor tern;
    private FreshClient client;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        client = FreshClient.begin(office, "Undo " + System.nanoTime());
        type("100");
        type("200");
        type("300");
    }

    private void type(String value) {
        tern.post(client.at("return/line"), "key", "1120/10", "value", value, "reason", "typed");
    }

    private long figure() {
        return client.amount("1120/10");
    }

    private String post(String way) {
        return tern.post(client.at(way)).body();
    }

    @Test
    void stepsGoBackAndForwardAgain() {
        post("undo");
        post("undo");
        assertThat(figure()).isEqualTo(100);
        post("redo");
        assertThat(figure()).isEqualTo(200);
        assertThat(post("redo")).contains("Made again: Typed figures");
        assertThat(figure()).isEqualTo(300);
        assertThat(post("redo")).contains("There is nothing to make again");
        assertThat(figure()).isEqualTo(300);
    }

    @Test
    void whatWasMadeAgainCanBeTakenBackAgain() {
        post("undo");
        post("redo");
        assertThat(post("undo")).contains("Taken back: Typed figures");
        assertThat(figure()).isEqualTo(200);
    }

    @Test
    void aNewChangeEndsTheWayForward() {
        post("undo");
        type("250");
        assertThat(post("redo")).contains("There is nothing to make again");
        assertThat(figure()).isEqualTo(250);
        post("undo");
        assertThat(figure()).isEqualTo(200);
    }
}
