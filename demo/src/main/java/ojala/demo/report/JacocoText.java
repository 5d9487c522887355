package ojala.demo.report;

import java.util.Map;
import java.util.SortedMap;
import java.util.StringJoiner;
import java.util.TreeMap;
import ojala.demo.program.Program;
import ojala.demo.program.Statement;
import ojala.demo.reach.SourceReach;

/** A JaCoCo XML report of a test run: package and file names only, instructions and branches by line. */
final class JacocoText {
    private static final String ROOT = "src/main/java/";

    private JacocoText() {}

    static String of(SortedMap<String, SourceReach> reached, Map<String, Program> programs, String session) {
        StringJoiner text = new StringJoiner(
                "\n",
                "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?><!DOCTYPE report PUBLIC "
                        + "\"-//JACOCO//DTD Report 1.1//EN\" \"report.dtd\">\n",
                "\n");
        text.add("<report name=\"berthing\"><sessioninfo id=\"" + session + "\" start=\"1\" dump=\"2\"/>");
        byPackage(reached).forEach((name, sources) -> {
            text.add("<package name=\"" + name + "\">");
            sources.forEach((path, reach) -> type(text, name, path, programs.get(path), reach));
            sources.forEach((path, reach) -> file(text, path, programs.get(path), reach));
            text.add("</package>");
        });
        return text.add("</report>").toString();
    }

    private static SortedMap<String, SortedMap<String, SourceReach>> byPackage(SortedMap<String, SourceReach> reached) {
        SortedMap<String, SortedMap<String, SourceReach>> packages = new TreeMap<>();
        reached.forEach((path, reach) -> {
            String below = path.substring(path.indexOf(ROOT) + ROOT.length());
            packages.computeIfAbsent(below.substring(0, below.lastIndexOf('/')), key -> new TreeMap<>())
                    .put(path, reach);
        });
        return packages;
    }

    private static String name(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    private static void type(StringJoiner text, String packageName, String path, Program program, SourceReach reach) {
        String type = name(path).replace(".java", "");
        text.add("<class name=\"" + packageName + "/" + type + "\" sourcefilename=\"" + name(path) + "\">");
        for (Statement function : program.functions()) {
            boolean ran = reach.functions().get(function.name()) > 0;
            int complexity = Complexity.of(function);
            int missed = ran ? 0 : complexity;
            text.add("<method name=\"" + function.name() + "\" desc=\"()V\" line=\""
                    + function.body().get(0).line() + "\"><counter type=\"COMPLEXITY\" missed=\"" + missed
                    + "\" covered=\"" + (complexity - missed) + "\"/><counter type=\"METHOD\" missed=\"" + (ran ? 0 : 1)
                    + "\" covered=\"" + (ran ? 1 : 0) + "\"/></method>");
        }
        text.add("</class>");
    }

    private static void file(StringJoiner text, String path, Program program, SourceReach reach) {
        Map<Integer, Statement> statements = new TreeMap<>();
        Program.measured(program.statements()).forEach(one -> statements.put(one.line(), one));
        text.add("<sourcefile name=\"" + name(path) + "\">");
        reach.hits().forEach((line, hits) -> {
            SourceReach.Sides sides = reach.branches().get(line);
            int taken = sides == null ? 0 : sides.taken();
            int all = sides == null ? 0 : 2;
            int instructions = instructions(statements.get(line).text());
            text.add("<line nr=\"" + line + "\" mi=\"" + (hits > 0 ? 0 : instructions) + "\" ci=\""
                    + (hits > 0 ? instructions : 0) + "\" mb=\"" + (all - taken) + "\" cb=\"" + taken + "\"/>");
        });
        text.add("</sourcefile>");
    }

    /** About as many as a compiler makes of the text. */
    private static int instructions(String statement) {
        return 2 + statement.length() / 7;
    }
}
