package bivouac.handover.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Wording;
import bivouac.format.DesignFile;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.xml.sax.InputSource;

class TextsTest {

    private static final TextFile.Languages ENGLISH = new TextFile.Languages("en", Optional.of("pt-BR"));

    @TempDir
    Path folder;

    private static Design hut() throws Exception {
        return DesignFile.read(Path.of(System.getProperty("bivouac.examples"), "ridge-hut.bivouac"));
    }

    /** One window with a text of each kind that a face has. */
    private static Design face() {
        Design design = Design.startingWith("Kiln {app.name}");
        return design.changingFace("Kiln {app.name}", w -> w.withMenus(
                        List.of(new Menu("&Kiln", List.of(Part.MenuCommand.of("fire", "&Fire", "")))))
                .withRows(List.of(
                        new Row(List.of(Part.Button.of("cool", "&Cool")), "Shelf"),
                        new Row(List.of(Part.Button.of("stack", "&Stack")), "Shelf"))));
    }

    private static Map<String, String> texts(Design design) {
        return Wording.of(design).stream().collect(java.util.stream.Collectors.toMap(Wording::key, Wording::text));
    }

    @Test
    void every_text_that_people_read_has_a_key_and_a_place() throws Exception {
        assertThat(texts(face()).values()).contains("&Kiln", "&Fire", "&Cool", "&Stack", "Shelf");
        assertThat(texts(face()).values()).filteredOn("Shelf"::equals).hasSize(1);
        Design hut = hut();
        for (var window : hut.windows()) {
            if (!window.title().isEmpty()) {
                assertThat(texts(hut)).containsEntry(window.name().expression() + ".title", window.title());
            }
            if (window instanceof MessageBox box) {
                assertThat(texts(hut)).containsEntry(box.name().expression() + ".text", box.text());
                assertThat(texts(hut).values())
                        .containsAll(box.answers().stream()
                                .map(MessageBox.Answer::text)
                                .toList());
            }
            if (window instanceof FacedWindow face) {
                assertThat(Wording.of(hut))
                        .filteredOn(w -> w.key().startsWith(face.name().expression() + "."))
                        .allMatch(w -> w.where().endsWith("of “" + face.name().shown() + "”"));
            }
        }
    }

    @Test
    void a_group_stays_one_when_its_text_changes_and_a_design_with_the_same_texts_is_the_same() throws Exception {
        String key = texts(face()).entrySet().stream()
                .filter(e -> e.getValue().equals("Shelf"))
                .findFirst()
                .orElseThrow()
                .getKey();
        Design other = Wording.changed(face(), Map.of(key, "Rack"));
        var rows = ((FacedWindow) other.windows().getFirst()).rows();
        assertThat(rows).extracting(Row::group).containsExactly("Rack", "Rack");
        assertThat(Wording.changed(hut(), texts(hut()))).isEqualTo(hut());
    }

    @ParameterizedTest
    @ValueSource(strings = {"texts.xlf", "texts.csv"})
    void what_goes_out_comes_back_as_it_went(String name) throws Exception {
        var file = new TextFile(folder.resolve(name));
        List<Wording> texts = Wording.of(hut());
        file.write(texts, "ridge-hut.bivouac", ENGLISH);
        assertThat(file.read())
                .containsExactlyElementsOf(texts.stream()
                        .map(w -> new Returned(w.key(), w.text(), w.text()))
                        .toList());
        assertThat(TextChanges.of(hut(), file.read())).isEqualTo(new TextChanges(List.of(), List.of()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a, \"b\"; c\nd",
                "<b> & ]]> --> &amp;",
                "{{ {app.name} }} {1 + 2} {app.name}",
                "\u0001\r\n\t bell\u0007",
                " edges ",
                "{'<' + app.name}",
                "ナイトハット 𝄞",
                "lone } and {never closed"
            })
    void awkward_texts_come_back_in_both_formats(String text) throws Exception {
        List<Wording> texts = List.of(new Wording("hut.title", "title of “<Hut> \u0002”", text));
        for (String name : List.of("t.xlf", "t.csv")) {
            var file = new TextFile(folder.resolve(name));
            file.write(texts, "a&b.bivouac", ENGLISH);
            Returned back = file.read().getFirst();
            assertThat(back.key()).isEqualTo("hut.title");
            // two closing braces are one that is read (P3), and may come back as either
            assertThat(Braces.normal(back.after())).as(name).isEqualTo(Braces.normal(text));
        }
    }

    @Test
    void what_stands_in_braces_is_a_placeholder_that_a_translation_tool_keeps() throws Exception {
        String xliff = Xliff.write(
                List.of(new Wording("hut.title", "title", "{app.name}: {1 + 1} of & {{2")),
                "a",
                "en",
                Optional.of("de"));
        var builder = DocumentBuilderFactory.newInstance();
        builder.setNamespaceAware(true);
        var root = builder.newDocumentBuilder()
                .parse(new InputSource(new StringReader(xliff)))
                .getDocumentElement();
        assertThat(root.getAttribute("version")).isEqualTo("2.1");
        assertThat(root.getAttribute("trgLang")).isEqualTo("de");
        var source = root.getElementsByTagName("source").item(0);
        assertThat(source.getTextContent()).isEqualTo(":  of & {2");
        assertThat(root.getElementsByTagName("ph").getLength()).isEqualTo(2);
        assertThat(root.getElementsByTagName("data").item(1).getTextContent()).isEqualTo("{1 + 1}");
    }

    private static List<Returned> translated(String target) throws NotTexts {
        String xliff = Xliff.write(
                List.of(new Wording("kiln.title", "title", "Kiln {app.name}")), "a", "en", Optional.empty());
        return read(xliff.replace("</source>", "</source><target>" + target + "</target>"));
    }

    @Test
    void a_target_is_read_with_its_placeholders_in_its_own_order() throws Exception {
        assertThat(translated("<ph id=\"1\" dataRef=\"d1\"/> <mrk id=\"m\">Ofen</mrk>&#x7b;"))
                .containsExactly(new Returned("kiln.title", "Kiln {app.name}", "{app.name} Ofen{{"));
    }

    @Test
    void a_unit_that_a_tool_has_parted_is_put_together_again() throws Exception {
        String xliff = Xliff.write(List.of(new Wording("k", "w", "One. Two.")), "a", "en", Optional.empty())
                .replace(
                        "<source xml:space=\"preserve\">One. Two.</source></segment>",
                        "<source>One. </source><target>Um. </target></segment><ignorable><source>-</source></ignorable>"
                                + "<segment><source>Two.</source><target>Dois.</target></segment>");
        assertThat(read(xliff)).containsExactly(new Returned("k", "One. -Two.", "Um. -Dois."));
    }

    @Test
    void changes_are_told_before_they_are_taken_and_what_does_not_fit_is_not_taken() {
        Design design = face();
        String title = "Kiln {app.name}";
        var key = Wording.of(design).stream()
                .filter(w -> w.text().equals(title))
                .findFirst()
                .orElseThrow()
                .key();
        var fits = TextChanges.of(design, List.of(new Returned(key, title, "{app.name}: Ofen")));
        assertThat(fits.notTaken()).isEmpty();
        assertThat(((FacedWindow) fits.applied(design).windows().getFirst()).title())
                .isEqualTo("{app.name}: Ofen");
        var not = TextChanges.of(
                design,
                List.of(
                        new Returned(key, title, "Ofen"),
                        new Returned(key, title, "{app.name} {app.name}"),
                        new Returned(key, title, "{app.name} {"),
                        new Returned(key, "Oven {app.name}", "{app.name}: Ofen"),
                        new Returned("gone.title", "Gone", "Weg"),
                        new Returned(key, title, title)));
        assertThat(not.changes()).isEmpty();
        assertThat(not.notTaken()).hasSize(5);
        assertThat(not.notTaken().get(0))
                .contains("{app.name} is missing in “Ofen”")
                .startsWith("The title of ");
        assertThat(not.notTaken().get(1)).contains("{app.name} in “{app.name} {app.name}” does not stand in");
        assertThat(not.notTaken().get(2)).contains("is not closed");
        assertThat(not.notTaken().get(3)).contains("has changed since the file was written");
        assertThat(not.notTaken().get(4)).isEqualTo("“Weg” has no place: the design has no text “gone.title”.");
    }

    @Test
    void a_text_with_a_lone_brace_is_no_other_one_when_it_comes_back() throws Exception {
        Design design = Design.startingWith("Kiln }");
        String before = Wording.of(design).getFirst().text();
        String xliff = Xliff.write(Wording.of(design), "a", "en", Optional.empty())
                .replace("</source>", "</source><target>Ofen }</target>");
        var changes = TextChanges.of(design, read(xliff));
        assertThat(before).isEqualTo("Kiln }");
        assertThat(changes.notTaken()).isEmpty();
        assertThat(changes.changes().getFirst().after()).isEqualTo("Ofen }}");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "key,text",
                "<html/>",
                "<xliff version=\"2.1\" xmlns=\"urn:oasis:names:tc:xliff:document:2.0\"><file><unit/></file></xliff>",
                "<xliff version=\"2.1\" xmlns=\"urn:oasis:names:tc:xliff:document:2.0\"><unit name=\"a\"><source>"
                        + "<cp hex=\"zz\"/></source></unit></xliff>",
                "<!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/hostname\">]><xliff>&e;</xliff>",
                "<xliff version=\"2.1\" xmlns=\"urn:oasis:names:tc:xliff:document:2.0\"><unit name=\"a\">"
            })
    void a_file_of_something_else_is_refused_with_a_sentence(String file) {
        assertThatThrownBy(() -> read(file))
                .isInstanceOf(NotTexts.class)
                .message()
                .matches("(?s)[A-Z].*\\.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "key;text;new text\na;b;c", "key,text,new text\na,\"b", "key,text,new text\na,b", "key,key\n"
            })
    void a_table_of_something_else_is_refused_with_a_sentence(String file) {
        assertThatThrownBy(() -> TextTable.read(file)).isInstanceOf(NotTexts.class);
    }

    @Test
    void a_file_that_is_not_there_or_has_another_ending_is_refused() throws Exception {
        assertThatThrownBy(() -> new TextFile(folder.resolve("none.xlf")).read())
                .isInstanceOf(NotTexts.class);
        assertThatThrownBy(() -> new TextFile(folder.resolve("texts.doc")).write(List.of(), "a", ENGLISH))
                .hasMessageContaining("texts.doc is neither");
        Files.writeString(folder.resolve("broken.csv"), "key");
        assertThatThrownBy(() -> new TextFile(folder.resolve("broken.csv")).read())
                .hasMessageStartingWith("broken.csv: The first row has to name");
    }

    private static List<Returned> read(String xliff) throws NotTexts {
        return Xliff.read(xliff.getBytes(StandardCharsets.UTF_8));
    }

    // What comes back from elsewhere

    private static final List<Wording> SOME = Wording.of(face());

    @ParameterizedTest
    @ValueSource(strings = {"0000", "D83C", "DFFF", "110000", "zz", ""})
    void what_is_no_character_is_refused_with_its_line(String hex) {
        String xliff = Xliff.write(SOME, "x", "en", Optional.empty())
                .replaceFirst("</source>", "</source><target>a<cp hex=\"" + hex + "\"/></target>");
        assertThatThrownBy(() -> read(xliff)).isInstanceOf(NotTexts.class).hasMessageContaining("Line ");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16", "UTF-16LE", "UTF-16BE"})
    void xliff_is_read_in_whichever_encoding_it_says_it_is(String encoding) throws Exception {
        String xliff = Xliff.write(SOME, "x", "en", Optional.empty()).replace("UTF-8", encoding);
        String text = encoding.length() > "UTF-16".length() ? "\uFEFF" + xliff : xliff;
        assertThat(Xliff.read(text.getBytes(encoding))).hasSameSizeAs(SOME);
    }

    @Test
    void a_spreadsheet_finds_no_formula_and_the_texts_come_back_as_they_went() throws Exception {
        for (String text : List.of("=1+1", "+5", "-x", "@a", "'=quoted", "''-", "'tis", "plain", "\t=")) {
            Design design = Design.startingWith("Kiln");
            Design named = design.changingFace("Kiln", w -> w.titled(text));
            String table = TextTable.write(Wording.of(named));
            assertThat(table.lines().flatMap(l -> java.util.Arrays.stream(l.split(","))))
                    .noneMatch(cell -> cell.matches("\"?[=+@\\t-].*"));
            assertThat(TextTable.read(table)).extracting(Returned::before).contains(text);
            assertThat(TextTable.read(table)).allMatch(r -> r.before().equals(r.after()));
        }
    }

    @Test
    void a_table_that_is_none_is_told_in_a_sentence() {
        assertThatThrownBy(() -> TextTable.read("key,text,text,new text\r\na,b,c,d\r\n"))
                .hasMessage("The first row names the column “text” twice; keep one of them.");
        assertThatThrownBy(() -> TextTable.read("key,text,new text\r\na,b,\"c\r\n"))
                .hasMessageContaining("a quote is opened and not closed");
        assertThatThrownBy(() -> TextTable.read("key,text,new text\r\na,\"b\"x\",c\"\r\n"))
                .isInstanceOf(NotTexts.class)
                .hasMessageEndingWith(".");
    }

    @ParameterizedTest
    @ValueSource(strings = {"texts.xlf", "texts.csv"})
    void what_a_translator_wrote_is_not_written_over(String name) throws Exception {
        Path file = folder.resolve(name);
        var texts = new TextFile(file);
        texts.write(SOME, "x", ENGLISH);
        texts.write(SOME, "x", ENGLISH);
        String went = Files.readString(file);
        String back = name.endsWith("xlf")
                ? went.replaceFirst("</source>", "</source><target>neu</target>")
                : went.replaceFirst(",\r\n(.*),\r\n", ",\r\n$1,neu\r\n");
        Files.writeString(file, back);
        assertThatThrownBy(() -> texts.write(SOME, "x", ENGLISH))
                .isInstanceOf(NotTexts.class)
                .hasMessageContaining("would be lost");
        assertThat(file).hasContent(back);
        Files.writeString(file, "something else");
        assertThatThrownBy(() -> texts.write(SOME, "x", ENGLISH)).hasMessageContaining("is there already");
        assertThat(file).hasContent("something else");
    }
}
