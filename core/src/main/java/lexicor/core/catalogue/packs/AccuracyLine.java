package lexicor.core.catalogue.packs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lexicor.core.catalogue.published.AccuracyRow;
import lexicor.core.catalogue.published.AccuracyRow.Kind;
import lexicor.core.catalogue.published.Figures;
import lexicor.core.document.Numeral;
import lexicor.core.document.Problem;
import lexicor.core.document.Table;

/** Reads one row of an accuracy table. Everything that is wrong with it is said at once, by what stands there. */
final class AccuracyLine {
    private static final double MOST_PEOPLE = 1e7;
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;
    private static final int LONGEST_TEXT = 400;
    private static final int LONGEST_NOTE = 2000;

    private final Table.Line line;
    private final Optional<Character> decimal;
    private final List<Problem> problems = new ArrayList<>();

    /** @param decimal what the table has before the decimals of a number, where it shows that */
    AccuracyLine(Table.Line line, Optional<Character> decimal) {
        this.line = line;
        this.decimal = decimal;
    }

    AccuracyTable.Line read() {
        if (line.beyond() > 0) {
            problems.add(line.problem(
                    "", "cells stand beyond the last column; a text that holds the separator stands in quotes"));
        }
        AccuracyRow row = row();
        return new AccuracyTable.Line(
                line.number(), problems.isEmpty() ? Optional.of(row) : Optional.empty(), List.copyOf(problems));
    }

    /** Goes through every column; what is wrong has a stand-in. */
    private AccuracyRow row() {
        Kind kind = Kind.withId(cell("kind")).orElseGet(() -> {
            wrong("kind", "expected study, pooled, sensitivity-only or judgement");
            return Kind.STUDY;
        });
        OptionalDouble sensitivity = share("sensitivity");
        OptionalDouble specificity = share("specificity");
        if (cell("sensitivity").isEmpty()) {
            wrong("sensitivity", "expected a number from 0 to 1, such as 0.72 or 72 %");
        }
        boolean noSpecificity = cell("specificity").isEmpty();
        if (kind == Kind.SENSITIVITY_ONLY && !noSpecificity) {
            wrong("specificity", "expected none in a sensitivity-only row");
        } else if (kind != Kind.SENSITIVITY_ONLY && noSpecificity) {
            wrong("specificity", "expected a number from 0 to 1, such as 0.72 or 72 %, or the kind sensitivity-only");
        }
        boolean judged = kind == Kind.JUDGEMENT;
        Figures figures = new Figures(
                sensitivity.orElse(0),
                specificity,
                people("diseased", "with the condition", judged),
                people("healthy", "without it", judged),
                judged ? OptionalDouble.empty() : people("people", "in all", false));
        if (judged && !cell("people").isEmpty()) {
            wrong("people", "expected none in a judgement");
        }
        if (figures.people().isPresent()
                && figures.diseased().orElse(0) + figures.healthy().orElse(0)
                        > figures.people().getAsDouble()) {
            wrong("people", "expected at least as many as with and without the condition");
        }
        return new AccuracyRow(
                required("criterion", "a criterion, such as neer/pain").strip(),
                required("condition", "a condition, such as subacromial-pain").strip(),
                kind,
                figures,
                text("source", required("source", "authors and journal"), LONGEST_TEXT),
                year(),
                text("reference_standard", line.get("reference_standard"), LONGEST_TEXT),
                text("population", line.get("population"), LONGEST_TEXT),
                oneOf("bias", AccuracyRow.BIASES),
                oneOf("confidence", AccuracyRow.CONFIDENCES),
                text("note", line.get("note"), LONGEST_NOTE));
    }

    private int year() {
        String expected = "expected a year from " + FIRST_YEAR + " to " + LAST_YEAR;
        OptionalDouble year = Numeral.parse(cell("year"), Optional.of('.'));
        boolean fits = year.isPresent()
                && year.getAsDouble() == Math.rint(year.getAsDouble())
                && year.getAsDouble() >= FIRST_YEAR
                && year.getAsDouble() <= LAST_YEAR;
        if (!fits) {
            wrong("year", expected);
        }
        return fits ? (int) year.getAsDouble() : 0;
    }

    private String cell(String column) {
        return line.get(column).strip();
    }

    private String text(String column, String cell, int longest) {
        String text = SpreadsheetText.plain(cell);
        if (text.length() > longest) {
            wrong(column, "expected at most " + longest + " characters");
        }
        return text;
    }

    private String required(String column, String what) {
        String value = line.get(column);
        if (value.isBlank()) {
            wrong(column, "expected " + what);
        }
        return value;
    }

    private String oneOf(String column, List<String> words) {
        String value = cell(column);
        if (!words.contains(value)) {
            wrong(column, "expected one of " + String.join(", ", words));
        }
        return value;
    }

    private OptionalDouble share(String column) {
        String value = cell(column);
        if (value.isEmpty()) {
            return OptionalDouble.empty();
        }
        OptionalDouble share = Numeral.parseShare(value);
        if (share.isEmpty() || !(share.getAsDouble() >= 0 && share.getAsDouble() <= 1)) {
            wrong(column, "expected a number from 0 to 1, such as 0.72 or 72 %");
            return OptionalDouble.empty();
        }
        return share;
    }

    /** @param judged whether they are the people that a judgement counts for */
    private OptionalDouble people(String column, String who, boolean judged) {
        double most = judged ? AccuracyRow.LARGEST_JUDGEMENT : MOST_PEOPLE;
        String expected = judged
                ? "a judgement may count for 1 to " + (long) most + " people " + who
                : "expected how many people, from 1 to " + (long) most + ", or nothing where that is not known";
        String value = cell(column);
        if (value.isEmpty()) {
            if (judged) {
                wrong(column, expected);
            }
            return OptionalDouble.empty();
        }
        OptionalDouble people = Numeral.parse(value, decimal);
        if (people.isEmpty() && Numeral.mayBeThousands(value)) {
            wrong(column, "thousands or decimals? write " + value.replaceAll("[.,]", "") + ", or " + value + "0");
        } else if (people.isEmpty() || !(people.getAsDouble() >= 1 && people.getAsDouble() <= most)) {
            wrong(column, expected);
            return OptionalDouble.empty();
        }
        return people;
    }

    /** @param expected what would do */
    private void wrong(String column, String expected) {
        String found = cell(column);
        problems.add(line.problem(column, found.isEmpty() ? "missing; " + expected : expected + ", found " + found));
    }
}
