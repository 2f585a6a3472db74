package bivouac.expression;

import static dev.cel.common.CelFunctionDecl.newFunctionDeclaration;
import static dev.cel.common.CelOverloadDecl.newGlobalOverload;
import static dev.cel.common.types.SimpleType.BOOL;
import static dev.cel.common.types.SimpleType.DOUBLE;
import static dev.cel.common.types.SimpleType.INT;
import static dev.cel.common.types.SimpleType.STRING;

import dev.cel.checker.CelStandardDeclarations;
import dev.cel.checker.CelStandardDeclarations.StandardFunction;
import dev.cel.common.CelFunctionDecl;
import dev.cel.common.CelOverloadDecl;
import java.util.ArrayList;
import java.util.List;

/** The functions that expressions can call, as declared to CEL's checker (V3). What they do is in {@link Calls}. */
final class Functions {

    /** CEL's own functions that our values have a use for; the others are unknown names here. */
    static final CelStandardDeclarations OF_CEL = CelStandardDeclarations.newBuilder()
            .includeFunctions(
                    StandardFunction.IN,
                    StandardFunction.NOT_STRICTLY_FALSE,
                    StandardFunction.CONDITIONAL,
                    StandardFunction.LOGICAL_NOT,
                    StandardFunction.LOGICAL_OR,
                    StandardFunction.LOGICAL_AND,
                    StandardFunction.EQUALS,
                    StandardFunction.NOT_EQUALS,
                    StandardFunction.ADD,
                    StandardFunction.SUBTRACT,
                    StandardFunction.MULTIPLY,
                    StandardFunction.DIVIDE,
                    StandardFunction.MODULO,
                    StandardFunction.NEGATE,
                    StandardFunction.INDEX,
                    StandardFunction.SIZE,
                    StandardFunction.INT,
                    StandardFunction.DOUBLE,
                    StandardFunction.STRING,
                    StandardFunction.MATCHES,
                    StandardFunction.CONTAINS,
                    StandardFunction.ENDS_WITH,
                    StandardFunction.STARTS_WITH,
                    StandardFunction.LESS,
                    StandardFunction.LESS_EQUALS,
                    StandardFunction.GREATER,
                    StandardFunction.GREATER_EQUALS)
            .build();

    private static final List<String> ARITHMETIC = List.of("_+_", "_-_", "_*_", "_/_");
    private static final List<String> ORDER = List.of("_<_", "_<=_", "_>_", "_>=_");
    private static final List<String> EQUALITY = List.of("_==_", "_!=_");

    private Functions() {}

    static List<CelFunctionDecl> ours() {
        var all = new ArrayList<CelFunctionDecl>();
        all.add(function("blank", newGlobalOverload("blank_text", BOOL, STRING)));
        all.add(function("isWhole", newGlobalOverload("isWhole_text", BOOL, STRING)));
        all.add(function("isNumber", newGlobalOverload("isNumber_text", BOOL, STRING)));
        all.add(function("isDate", newGlobalOverload("isDate_text", BOOL, STRING)));
        all.add(function("whole", newGlobalOverload("whole_text", INT, STRING)));
        all.add(function("number", newGlobalOverload("number_text", DOUBLE, STRING)));
        all.add(function("date", newGlobalOverload("date_text", CelTypes.DATE, STRING)));
        all.add(function(
                "shown",
                newGlobalOverload("shown_number", STRING, DOUBLE),
                newGlobalOverload("shown_whole", STRING, INT),
                newGlobalOverload("shown_text", STRING, STRING),
                newGlobalOverload("shown_yesno", STRING, BOOL),
                newGlobalOverload("shown_date", STRING, CelTypes.DATE),
                newGlobalOverload("shown_number_whole", STRING, DOUBLE, INT),
                newGlobalOverload("shown_whole_whole", STRING, INT, INT)));
        all.add(function("year", newGlobalOverload("year_date", INT, CelTypes.DATE)));
        all.add(function("days", newGlobalOverload("days_date_date", INT, CelTypes.DATE, CelTypes.DATE)));
        all.add(function("fileName", newGlobalOverload("fileName_file", STRING, STRING)));
        all.add(function("fileExtension", newGlobalOverload("fileExtension_file", STRING, STRING)));
        all.add(function("isOpen", newGlobalOverload("isOpen_window", BOOL, CelTypes.WINDOW)));
        all.addAll(whereWholeMeetsNumber());
        return all;
    }

    private static List<CelFunctionDecl> whereWholeMeetsNumber() {
        var all = new ArrayList<CelFunctionDecl>();
        for (String operator : ARITHMETIC) {
            all.add(function(
                    operator,
                    newGlobalOverload("whole_number" + operator, DOUBLE, INT, DOUBLE),
                    newGlobalOverload("number_whole" + operator, DOUBLE, DOUBLE, INT)));
        }
        for (String operator : ORDER) {
            all.add(function(
                    operator,
                    newGlobalOverload("whole_number" + operator, BOOL, INT, DOUBLE),
                    newGlobalOverload("number_whole" + operator, BOOL, DOUBLE, INT),
                    newGlobalOverload("date_date" + operator, BOOL, CelTypes.DATE, CelTypes.DATE)));
        }
        for (String operator : EQUALITY) {
            all.add(function(
                    operator,
                    newGlobalOverload("whole_number" + operator, BOOL, INT, DOUBLE),
                    newGlobalOverload("number_whole" + operator, BOOL, DOUBLE, INT)));
        }
        return all;
    }

    private static CelFunctionDecl function(String name, CelOverloadDecl... overloads) {
        return newFunctionDeclaration(name, overloads);
    }
}
