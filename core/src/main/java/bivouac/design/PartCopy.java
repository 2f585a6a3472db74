package bivouac.design;

/** A part with other values in what all parts have; the one place where a changed part is put together. */
final class PartCopy {

    private PartCopy() {}

    /** @param script of its trigger; left out where its kind has none */
    static Part of(Part part, Name name, Script script, Setting on, Setting seen) {
        return switch (part) {
            case Part.Caption p -> new Part.Caption(name, p.text(), p.size(), on, seen);
            case Part.Picture p -> new Part.Picture(name, p.file(), on, seen);
            case Part.Link p -> new Part.Link(name, p.text(), p.address(), script, on, seen);
            case Part.TextField p ->
                new Part.TextField(name, p.label(), p.starts(), p.longest(), p.entry(), script, on, seen);
            case Part.ValueField p -> new Part.ValueField(name, p.label(), p.holds(), p.starts(), script, on, seen);
            case Part.Choice p -> new Part.Choice(name, p.label(), p.items(), p.starts(), script, on, seen);
            case Part.ListOfRows p -> new Part.ListOfRows(name, p.label(), p.columns(), p.first(), script, on, seen);
            case Part.TickBox p -> new Part.TickBox(name, p.text(), p.ticked(), script, on, seen);
            case Part.Button p -> new Part.Button(name, p.text(), p.isDefault(), script, on, seen);
            case Part.MenuCommand p ->
                new Part.MenuCommand(name, p.text(), p.shortcut(), p.ticking(), script, on, seen);
        };
    }
}
