package bivouac.handover.wording;

import bivouac.design.Wording;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Texts as a table in CSV (RFC 4180), for spreadsheets: one row a text, the new text in the last column. */
public final class TextTable {

    private static final String KEY = "key";
    private static final String WHERE = "where";
    private static final String TEXT = "text";
    private static final String NEW = "new text";

    /** Spreadsheets tell by it that the file is UTF-8. */
    private static final String MARK = "\uFEFF";

    /** What a spreadsheet would take for a formula, and run. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final String APOSTROPHE = "'";

    private TextTable() {}

    /** An apostrophe in front says to a spreadsheet that it is a text; one that stood there already is not mistaken for it. */
    private static String asText(String text) {
        return FORMULA.matcher(text).matches() ? APOSTROPHE + text : text;
    }

    private static String fromText(String cell) {
        return cell.startsWith(APOSTROPHE) && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    public static String write(List<Wording> texts) {
        var out = new StringWriter().append(MARK);
        try (var table = new CSVPrinter(out, CSVFormat.RFC4180)) {
            table.printRecord(KEY, WHERE, TEXT, NEW);
            for (Wording text : texts) {
                table.printRecord(asText(text.key()), asText(text.where()), asText(text.text()), "");
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A table was not written", e);
        }
        return out.toString();
    }

    /** The texts of a table that came back; one whose last column is empty came back as it went. */
    public static List<Returned> read(String file) throws NotTexts {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get();
        String text = file.startsWith(MARK) ? file.substring(1) : file;
        try (CSVParser rows = CSVParser.parse(new StringReader(text), format)) {
            List<String> twice = rows.getHeaderNames().stream()
                    .filter(n -> Collections.frequency(rows.getHeaderNames(), n) > 1)
                    .distinct()
                    .toList();
            if (!twice.isEmpty()) {
                throw new NotTexts(
                        "The first row names the column “" + twice.getFirst() + "” twice; keep one of them.");
            }
            if (!rows.getHeaderNames().containsAll(List.of(KEY, TEXT, NEW))) {
                throw new NotTexts("The first row has to name the columns “" + KEY + "”, “" + TEXT + "” and “" + NEW
                        + "”; it names: " + String.join(", ", rows.getHeaderNames()) + ". Were they parted by commas?");
            }
            var returned = new ArrayList<Returned>();
            for (CSVRecord row : rows) {
                if (!row.isConsistent()) {
                    throw new NotTexts("Row " + (row.getRecordNumber() + 1) + " has " + row.size() + " columns, not "
                            + rows.getHeaderNames().size() + ".");
                }
                String before = fromText(row.get(TEXT));
                String after = fromText(row.get(NEW));
                returned.add(new Returned(fromText(row.get(KEY)), before, after.isEmpty() ? before : after));
            }
            return List.copyOf(returned);
        } catch (CSVException | UncheckedIOException | IllegalArgumentException noTable) {
            throw notRead(text);
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory was not read", e);
        }
    }

    /** In a table every quote is one of two. */
    private static NotTexts notRead(String text) {
        boolean open = text.chars().filter(c -> c == '"').count() % 2 == 1;
        return new NotTexts(
                open
                        ? "This is no table in CSV: a quote is opened and not closed; look at the last cell that begins with one."
                        : "This is no table in CSV: a quote stands in the middle of a cell; write it twice, and the cell in"
                                + " quotes.");
    }
}
