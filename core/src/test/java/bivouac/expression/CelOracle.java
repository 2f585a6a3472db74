package bivouac.expression;

import static dev.cel.common.CelFunctionDecl.newFunctionDeclaration;
import static dev.cel.common.CelOverloadDecl.newGlobalOverload;
import static dev.cel.common.types.SimpleType.BOOL;
import static dev.cel.common.types.SimpleType.DOUBLE;
import static dev.cel.common.types.SimpleType.INT;
import static dev.cel.common.types.SimpleType.STRING;

import bivouac.design.Type;
import dev.cel.checker.CelStandardDeclarations;
import dev.cel.checker.CelStandardDeclarations.StandardFunction;
import dev.cel.common.CelFunctionDecl;
import dev.cel.common.CelOverloadDecl;
import dev.cel.common.CelValidationException;
import dev.cel.common.CelValidationResult;
import dev.cel.common.types.CelType;
import dev.cel.common.types.ListType;
import dev.cel.common.types.OpaqueType;
import dev.cel.common.types.SimpleType;
import dev.cel.compiler.CelCompilerFactory;
import dev.cel.parser.CelStandardMacro;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What CEL's own checker says of an expression, with our functions declared to it: the oracle of {@link Checker}. */
final class CelOracle {

    private final dev.cel.compiler.CelCompiler compiler;

    CelOracle(Map<String, Type> declared) {
        var builder = CelCompilerFactory.standardCelCompilerBuilder()
                .setStandardEnvironmentEnabled(false)
                .setStandardDeclarations(OF_CEL)
                .setStandardMacros(
                        CelStandardMacro.ALL,
                        CelStandardMacro.EXISTS,
                        CelStandardMacro.EXISTS_ONE,
                        CelStandardMacro.MAP,
                        CelStandardMacro.MAP_FILTER,
                        CelStandardMacro.FILTER)
                .addFunctionDeclarations(ours());
        declared.forEach((name, type) -> builder.addVar(name, toCel(type)));
        compiler = builder.build();
    }

    /** The type of an expression, in CEL's eyes; empty if it does not type-check. */
    Optional<CelType> type(String source) {
        CelValidationResult result = compiler.compile(source);
        try {
            return result.hasError()
                    ? Optional.empty()
                    : Optional.of(result.getAst().getResultType());
        } catch (CelValidationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    static final OpaqueType DATE = OpaqueType.create("date");
    /** The type of a window's name as the argument of {@code isOpen}. */
    static final OpaqueType WINDOW = OpaqueType.create("window");

    static CelType toCel(Type type) {
        return switch (type) {
            case Type.Plain plain ->
                switch (plain) {
                    case TEXT, FILE, FONT, COLOUR -> SimpleType.STRING;
                    case WHOLE -> SimpleType.INT;
                    case NUMBER -> SimpleType.DOUBLE;
                    case YESNO -> SimpleType.BOOL;
                    case DATE -> DATE;
                };
            case Type.ChoiceOf choice -> SimpleType.STRING;
            case Type.ListOf list -> ListType.create(toCel(list.of()));
            case Type.RowOf row -> throw new IllegalArgumentException("CEL knows no rows");
            case Type.Unknown unknown -> SimpleType.DYN;
            case Type.WindowOf window -> throw new IllegalArgumentException("CEL knows no windows");
        };
    }

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

    static List<CelFunctionDecl> ours() {
        var all = new ArrayList<CelFunctionDecl>();
        all.add(function("blank", newGlobalOverload("blank_text", BOOL, STRING)));
        all.add(function("isWhole", newGlobalOverload("isWhole_text", BOOL, STRING)));
        all.add(function("isNumber", newGlobalOverload("isNumber_text", BOOL, STRING)));
        all.add(function("isDate", newGlobalOverload("isDate_text", BOOL, STRING)));
        all.add(function("whole", newGlobalOverload("whole_text", INT, STRING)));
        all.add(function("number", newGlobalOverload("number_text", DOUBLE, STRING)));
        all.add(function("date", newGlobalOverload("date_text", DATE, STRING)));
        all.add(function(
                "shown",
                newGlobalOverload("shown_number", STRING, DOUBLE),
                newGlobalOverload("shown_whole", STRING, INT),
                newGlobalOverload("shown_text", STRING, STRING),
                newGlobalOverload("shown_yesno", STRING, BOOL),
                newGlobalOverload("shown_date", STRING, DATE),
                newGlobalOverload("shown_number_whole", STRING, DOUBLE, INT),
                newGlobalOverload("shown_whole_whole", STRING, INT, INT)));
        all.add(function("year", newGlobalOverload("year_date", INT, DATE)));
        all.add(function("days", newGlobalOverload("days_date_date", INT, DATE, DATE)));
        all.add(function("fileName", newGlobalOverload("fileName_file", STRING, STRING)));
        all.add(function("fileExtension", newGlobalOverload("fileExtension_file", STRING, STRING)));
        all.add(function("isOpen", newGlobalOverload("isOpen_window", BOOL, WINDOW)));
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
                    newGlobalOverload("date_date" + operator, BOOL, DATE, DATE)));
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
