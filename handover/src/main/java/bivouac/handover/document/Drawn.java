package bivouac.handover.document;

import bivouac.design.AccessKey;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Type;
import java.util.List;
import java.util.stream.Collectors;

/** Windows drawn in a document: what stands where, not how it will look to a pixel. */
final class Drawn {

    private Drawn() {}

    static void face(Html page, FacedWindow face) {
        page.open("div", "class=\"window\"").element("div", face.title(), "class=\"title\"");
        if (!face.menus().isEmpty()) {
            page.element(
                    "div",
                    face.menus().stream()
                            .map(Menu::text)
                            .map(AccessKey::without)
                            .collect(Collectors.joining("   ")),
                    "class=\"menus\"");
        }
        page.open("div", "class=\"face\"");
        for (List<Row> run : Row.runs(face.rows())) {
            String group = run.getFirst().group();
            page.open("div", group.isEmpty() ? "class=\"run\"" : "class=\"run group\"");
            if (!group.isEmpty()) {
                page.element("div", group, "class=\"small\"");
            }
            for (Row row : run) {
                page.open("div", "class=\"row\"");
                row.parts().forEach(p -> part(page, p));
                page.close("div");
            }
            page.close("div");
        }
        page.close("div").close("div");
        menus(page, face);
    }

    private static void menus(Html page, FacedWindow face) {
        for (Menu menu : face.menus()) {
            page.element(
                    "p",
                    AccessKey.without(menu.text()) + ": "
                            + menu.commands().stream()
                                    .map(c -> c.each().after(c.text())
                                            + (c.shortcut().isEmpty() ? "" : " (" + c.shortcut() + ")"))
                                    .collect(Collectors.joining(", ")),
                    "class=\"small\"");
        }
    }

    private static void part(Html page, Part part) {
        switch (part) {
            case Part.Caption c ->
                page.element("span", c.text(), "class=\"" + c.size().word() + "\"");
            case Part.Link l -> page.element("span", l.text(), "class=\"link\"");
            case Part.Picture p -> page.element("span", "picture " + p.file(), "class=\"small\"");
            case Part.Button b ->
                page.element(
                        "span",
                        b.each().after(b.text()),
                        b.isDefault() ? "class=\"button default\"" : "class=\"button\"");
            case Part.TickBox b -> page.element("span", (b.ticked() ? "☑ " : "☐ ") + AccessKey.without(b.text()));
            case Part.MenuCommand m -> {
                // stands in its menu
            }
            case Part.TextField f -> field(page, f.label(), f.starts());
            case Part.ValueField f -> field(page, f.label(), f.starts());
            case Part.Progress p -> field(page, p.label(), "▰▰▰▱▱ " + p.task());
            case Part.Choice c -> field(page, c.label(), c.starts() + " ▾");
            case Part.ListOfRows l -> list(page, l);
        }
    }

    private static void field(Html page, String label, String text) {
        page.element("span", AccessKey.without(label), "class=\"label\"")
                .element("span", text.isEmpty() ? "\u00a0" : text, "class=\"field\"");
    }

    private static void list(Html page, Part.ListOfRows list) {
        if (!list.label().isEmpty()) {
            page.element("span", AccessKey.without(list.label()), "class=\"label\"");
        }
        page.open("table", "class=\"list\"");
        page.heads(list.columns().stream().map(Type.Column::name).toArray(String[]::new));
        list.first().forEach(r -> page.row(r.toArray(String[]::new)));
        page.close("table");
    }

    static void box(Html page, MessageBox box) {
        page.open("div", "class=\"window box\"").element("div", box.title(), "class=\"title\"");
        page.open("div", "class=\"face\"").element("p", box.text()).open("div", "class=\"row answers\"");
        for (MessageBox.Answer answer : box.answers()) {
            boolean usual = box.byDefault().filter(answer.ending()::equals).isPresent();
            page.element(
                    "span", AccessKey.without(answer.text()), usual ? "class=\"button default\"" : "class=\"button\"");
        }
        page.close("div").close("div").close("div");
        page.element(
                "p",
                box.severity().word()
                        + box.escapeEnding()
                                .map(e -> "; close box and Escape: " + e)
                                .orElse("; only a button ends it"),
                "class=\"small\"");
    }
}
