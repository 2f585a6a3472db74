package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A window for Swing as it reads: its parts are those of the frame, each asked and set by its own methods. */
class SwingCodeTest {

    private static String source() {
        return PartsFixture.source(Toolkit.SWING);
    }

    @Test
    void each_kind_of_part_is_a_class_of_the_frame() {
        assertThat(source())
                .contains("final TextField guestName = TextField.of(this, \"guestName\");")
                .contains("final TextField word = TextField.hidden(this, \"word\");")
                .contains("final TextArea notes = new TextArea(this, \"notes\");")
                .contains("final TypedField<Long> nights = TypedField.ofWhole(this, \"nights\");")
                .contains("final Choice board = new Choice(this, \"board\", List.of(\"none\", \"full\"), \"\");")
                .contains("final TickBox paid = new TickBox(this, \"paid\");")
                .contains("final Caption titleOfIt = new Caption(this, \"titleOfIt\");")
                .contains("final Link more = new Link(this, \"more\");")
                .contains("final MenuCommand bold = MenuCommand.ticking(this, \"bold\");")
                .contains("final MenuCommand quit = MenuCommand.of(this, \"quit\");")
                .contains("new RowTable<>(this, \"guests\", List.of(\"name\"), false,")
                .contains("import frame.Face;")
                .doesNotContain("javafx")
                .doesNotContain("javax.swing");
    }

    @Test
    void what_a_part_starts_with_is_said_in_the_constructor() {
        assertThat(source())
                .contains("guestName.label(text(\"desk.guestNameLabel\"));")
                .contains("guestName.longest(12);")
                .contains("guestName.text(text(\"desk.guestName\"));")
                .contains("notes.readOnly(true);")
                .contains("paid.ticked(true);")
                .contains("titleOfIt.times(1.3f);")
                .contains("titleOfIt.colour(\"#2f5d50\");")
                .contains("quit.shortcut(\"Ctrl+Q\");")
                .contains("guestName.on(this::guestNameChanged);")
                .contains("more.on(this::moreFollowed);")
                .contains("guests.onDelete(() -> guests.removeSelected(ignored -> true));")
                .contains("menu(text(\"desk.menu\"), bold, null, quit);")
                .contains("row(guestName);");
    }

    @Test
    void live_texts_are_brought_up_to_date_and_scripts_ask_and_set() {
        assertThat(source())
                .contains("titleOfIt.text(text(\"desk.titleOfIt\", app.n));")
                .contains("app.n = Values.size(guestName.text());")
                .contains("board.choose(\"full\");")
                .contains("nights.value(Math.addExact(nights.value(), 1L));")
                .contains("paid.ticked(board.chosen().equals(\"none\"));")
                .contains("go.enabled(false);")
                .contains("guests.selectNumber(1);")
                .contains("guestName.requestFocus();")
                .contains("title(\"x\");")
                .contains("app.follow(text(\"desk.moreAddress\"));");
    }

    @Test
    void the_application_starts_on_the_thread_of_swing_and_says_so_where_it_cannot() {
        String application = Handover.write(PartsFixture.design(), Toolkit.SWING).stream()
                .filter(f ->
                        f.text().contains("public static void main") && f.text().contains("new OwnTasks()"))
                .findFirst()
                .orElseThrow()
                .text();
        assertThat(application)
                .contains("EventQueue.invokeLater(() -> {")
                .contains("Gate.install();")
                .contains("(new SwingLoop(), new Background(), new OwnTasks(), new OwnHoldings(),")
                .contains("app.browser(new Browser());")
                .contains("System.exit(1);");
    }

    @Test
    void the_project_needs_no_library_and_shares_the_rules_with_that_for_javafx() {
        List<WrittenFile> swing = Handover.write(PartsFixture.design(), Toolkit.SWING);
        List<WrittenFile> javafx = Handover.write(PartsFixture.design(), Toolkit.JAVAFX);
        assertThat(swing.stream().filter(f -> f.path().startsWith("src/main/java/desk/")))
                .isNotEmpty()
                .containsExactlyElementsOf(javafx.stream()
                        .filter(f -> f.path().startsWith("src/main/java/desk/"))
                        .toList());
        assertThat(swing.stream().filter(f -> f.path().equals("pom.xml")))
                .singleElement()
                .satisfies(f -> assertThat(f.text())
                        .contains("<artifactId>junit-jupiter</artifactId>")
                        .doesNotContain("openjfx")
                        .doesNotContain("@"));
        assertThat(swing.stream().filter(f -> f.path().equals("README.md")))
                .singleElement()
                .satisfies(f ->
                        assertThat(f.text()).contains("A program for Swing").doesNotContain("JavaFX"));
    }
}
