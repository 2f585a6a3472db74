package bivouac.handover.wording;

import bivouac.design.Wording;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
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

    private TextTable() {}

    public static String write(List<Wording> texts) {
        var out = new StringWriter().append(MARK);
        try (var table = new CSVPrinter(out, CSVFormat.RFC4180)) {
            table.printRecord(KEY, WHERE, TEXT, NEW);
            for (Wording text : texts) {
                table.printRecord(text.key(), text.where(), text.text(), "");
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
                String after = row.get(NEW);
                returned.add(new Returned(row.get(KEY), row.get(TEXT), after.isEmpty() ? row.get(TEXT) : after));
            }
            return List.copyOf(returned);
        } catch (CSVException | UncheckedIOException | IllegalArgumentException e) {
            throw new NotTexts("This is no table in CSV: " + e.getMessage());
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory was not read", e);
        }
    }
}
