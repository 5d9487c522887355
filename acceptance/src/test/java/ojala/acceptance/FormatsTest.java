package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import ojala.core.format.Format;
import ojala.core.format.Formats;
import ojala.wire.Json;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Reports of every format through the command line and the service: read, matched, shown, converted, refused. */
public class FormatsTest {
    private static final Path SAMPLES = Server.CHECKOUT.resolve("core/src/test/resources/samples");

    /** These commands need no service. */
    private static final Client CLIENT = new Client("http://127.0.0.1:1", "none");

    private static Path sample(Format format) {
        try (Stream<Path> samples = Files.list(SAMPLES.resolve(format.name()))) {
            return samples.sorted().findFirst().orElseThrow();
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }

    private static Ran ojala(Path folder, String... arguments) {
        return CLIENT.run(folder, arguments);
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory(Server.CHECKOUT.resolve("acceptance/target"), "formats");
        } catch (IOException failure) {
            throw new java.io.UncheckedIOException(failure);
        }
    }

    /** One sample of each format, made into something else, each in a file that is named after the format alone. */
    private static Path each(UnaryOperator<byte[]> made) throws IOException {
        Path folder = folder();
        for (Format format : Formats.ALL) {
            Files.write(folder.resolve(format.name() + ".txt"), made.apply(Files.readAllBytes(sample(format))));
        }
        return folder;
    }

    private static Ran inspect(Path folder, String... options) {
        List<String> command = new ArrayList<>(List.of("inspect"));
        command.addAll(List.of(options));
        Formats.ALL.forEach(format -> command.add(format.name() + ".txt"));
        return ojala(folder, command.toArray(String[]::new));
    }

    @Test
    public void aReportIsKnownByItsContentWhateverItIsCalled() throws IOException {
        Ran ran = inspect(each(bytes -> bytes));
        assertThat(ran.exit()).as(ran.out()).isZero();
        assertThat(Formats.ALL)
                .allSatisfy(format -> assertThat(ran.out()).contains(format.name() + ".txt: " + format.name() + ", "));
    }

    @Test
    public void aReportThatWasCutInTheMiddleIsRefusedWithItsPlaceOrHasANote() throws IOException {
        Ran ran = inspect(each(bytes -> Arrays.copyOf(bytes, bytes.length / 2)));
        assertThat(ran.exit()).isEqualTo(2);
        for (Format format : Formats.ALL) {
            String name = format.name() + ".txt: " + format.name() + ", ";
            assertThat(ran.out()).as(format.name()).contains(name);
            boolean refused = ran.out().contains(name + "refused\n  line ");
            boolean lineByLine = List.of("lcov", "goprofile", "gcovtext").contains(format.name());
            assertThat(refused || lineByLine).as(format.name()).isTrue();
        }
    }

    @Test
    public void aReportOfAnotherEncodingIsRefusedWithItsPlaceOrReadAlike() throws IOException {
        Ran ran = inspect(each(bytes -> new String(bytes, StandardCharsets.UTF_8)
                .replaceFirst("berth|level|unit|tide|roster|Tug|datum|ais", "ñ")
                .getBytes(StandardCharsets.ISO_8859_1)));
        assertThat(ran.exit()).isEqualTo(2);
        for (String format : List.of("gcov", "llvm", "istanbul", "v8", "coveragepy", "simplecov", "ruby", "exchange")) {
            assertThat(ran.out()).contains(format + ".txt: ").doesNotContain(format + ".txt: " + format + ", 1 file");
        }
        assertThat(ran.out()).contains("another encoding");
    }

    @Test
    public void aReportThatIsToldToBeOfAnotherFormatIsRefusedAsThat() throws IOException {
        for (String wrong : List.of("jacoco", "gcov", "lcov")) {
            Ran ran = inspect(each(bytes -> bytes), "--format", wrong);
            assertThat(ran.exit()).isEqualTo(2);
            for (Format format : Formats.ALL) {
                String state = format.name().equals(wrong) ? "\\d+ files?" : "refused\\R  line \\d+";
                assertThat(ran.out()).containsPattern("(?m)^" + format.name() + "\\.txt: " + wrong + ", " + state);
            }
        }
    }

    @Test
    public void aFormatThatIsNoneIsAnsweredWithThoseThatAre() {
        Ran ran = ojala(
                folder(),
                "inspect",
                "--format",
                "pdf",
                sample(Formats.ALL.get(0)).toString());
        assertThat(ran.exit()).isEqualTo(2);
        assertThat(ran.err()).contains("there is no format “pdf”", "lcov, goprofile");
        assertThat(ojala(
                                folder(),
                                "convert",
                                "--to",
                                "pdf",
                                sample(Formats.ALL.get(0)).toString())
                        .err())
                .contains("--to is one of lcov, cobertura, exchange, csv");
    }

    @Test
    public void reportsOfAllFormatsAreConvertedIntoOneAndWhatIsLostIsTold() throws IOException {
        Path folder = folder();
        List<String> command = new ArrayList<>(List.of("convert", "--output", "all.info", "--to", "lcov"));
        Formats.ALL.forEach(format -> command.add(sample(format).toString()));
        Ran ran = ojala(folder, command.toArray(String[]::new));
        assertThat(ran.exit()).as(ran.err()).isZero();
        assertThat(ran.err())
                .contains("can't say: statements", "can't say: instructions", "can't say: complexity of functions");
        assertThat(Files.readString(folder.resolve("all.info"))).contains("SF:", "MCDC:", "BRDA:");
        assertThat(folder.toFile().list()).as("nothing else is left there").containsExactly("all.info");

        command.set(2, "all.ndjson");
        command.set(4, "exchange");
        Ran exchange = ojala(folder, command.toArray(String[]::new));
        assertThat(exchange.exit()).isZero();
        assertThat(exchange.err()).doesNotContain("can't say");
        JsonNode before = inspected(folder, "all.ndjson");
        JsonNode lines = inspected(folder, "all.info").path("counts").path("lines");
        assertThat(before.path("counts").path("lines")).isEqualTo(lines);

        Ran csv = ojala(folder, "convert", "--to", "csv", "all.ndjson");
        assertThat(csv.out()).startsWith("file,lines covered,lines total");
        assertThat(csv.out().lines().count()).isEqualTo(before.path("sources").size() + 1L);
    }

    private static JsonNode inspected(Path folder, String file) {
        Ran ran = ojala(folder, "inspect", "--json", file);
        assertThat(ran.exit()).as(ran.err()).isZero();
        return Json.mapper().readTree(ran.out());
    }

    @Test
    public void convertKeepsTheReadableRestAndAFileThatStandsThereUntilTheNewOneIsWhole() throws IOException {
        Path folder = folder();
        Files.writeString(folder.resolve("cut.info"), "SF:a.js\nDA:1");
        Files.writeString(folder.resolve("whole.info"), "SF:b.js\nDA:1,4\nend_of_record\n");
        Ran ran = ojala(folder, "convert", "--to", "csv", "cut.info", "whole.info");
        assertThat(ran.exit()).isEqualTo(2);
        assertThat(ran.out()).contains("b.js,1,1");
        assertThat(ran.err()).contains("cut.info: line 2");
        assertThat(ojala(folder, "convert", "--to", "csv", "whole.info", "--output", "no/such/folder.csv")
                        .err())
                .contains("there is no folder");
    }

    /** Package names, import paths, a folder of the compiler, a URL with offsets: each finds its file in the commit. */
    @Test
    public void theServiceMatchesEveryKindOfPathAndSaysHow() {
        Harbour harbour = House.get().harbour().begin("");
        harbour.write("berthing/src/main/java/candela/berths/Berth.java", "class Berth {\n}\n".repeat(20));
        harbour.write("tariff/src/main/java/candela/berths/Berth.java", "class Berth {\n}\n".repeat(20));
        harbour.write("tariff/src/main/java/Main.java", "class Main {\n}\n".repeat(20));
        harbour.write("beacon/go.mod", "module harbour.example/port/beacon\n");
        harbour.write("beacon/track.go", "package beacon\n".repeat(30));
        harbour.write("gauge/level.c", "int level;\n".repeat(30));
        harbour.write("quayside/src/tides.js", "let level = 1; rise(level);\n".repeat(10));
        harbour.commit("Five languages");
        harbour.push("main");
        harbour.write(
                "reports/v8.json",
                "{\"result\":[{\"scriptId\":\"1\",\"url\":\"file:///ci/harbour/quayside/src/tides.js\","
                        + "\"functions\":[{\"functionName\":\"\",\"ranges\":[{\"startOffset\":0,\"endOffset\":280,\"count\":1},"
                        + "{\"startOffset\":28,\"endOffset\":56,\"count\":0}]}]}]}");
        Ran sent = harbour.send(
                "--json",
                SAMPLES.resolve("jacoco/groups.xml").toString(),
                SAMPLES.resolve("goprofile/set.out").toString(),
                SAMPLES.resolve("gcov/conditions.json").toString(),
                "reports/v8.json");
        assertThat(sent.exit()).as(sent.out() + sent.err()).isZero();
        JsonNode files = Json.mapper().readTree(sent.out()).path("files");
        assertThat(files)
                .extracting(file -> file.path("format").asString())
                .containsExactly("jacoco", "goprofile", "gcov", "v8");
        assertThat(files.get(0).path("ways").toString()).contains("without berthing/, below berthing/src/main/java/");
        assertThat(files.get(1).path("ways").toString()).contains("in the module of beacon/");
        assertThat(files.get(2).path("ways").toString()).contains("without /ci/harbour/");
        assertThat(files.get(2).path("unmatched").get(0).path("reportedAs").asString())
                .isEqualTo("/usr/include/stdio.h");
        assertThat(files.get(3).path("lines").path("total").asInt()).isEqualTo(10);
        assertThat(files.get(3).path("lines").path("covered").asInt()).isEqualTo(9);

        JsonNode source = House.get()
                .read("/projects/" + harbour.key() + "/commits/" + harbour.git("rev-parse", "HEAD")
                        + "/source?path=gauge/level.c");
        assertThat(source.path("counts").path("mcdc").path("total").asInt()).isEqualTo(6);
        assertThat(source.path("conditions")).hasSize(6);
        JsonNode line = source.path("lines").get(0);
        assertThat(line.path("ways")).hasSize(2);
        assertThat(line.path("calls").path("total").asInt()).isEqualTo(2);
        assertThat(source.path("functions")
                        .get(0)
                        .path("counts")
                        .path("lines")
                        .path("total")
                        .asInt())
                .isEqualTo(4);
    }

    @Test
    public void sendTakesAFormatForTheFilesThatAreNamed() {
        Harbour harbour = House.get().harbour().begin("");
        harbour.write("odd.info", "DA:1,4\n");
        Ran wrong = harbour.send("--format", "lcov", "--json", "odd.info");
        assertThat(wrong.exit()).isEqualTo(2);
        JsonNode file = Json.mapper().readTree(wrong.out()).path("files").get(0);
        assertThat(file.path("format").asString()).isEqualTo("lcov");
        assertThat(file.path("problems").get(0).asString()).contains("line 1", "outside a section");
        assertThat(harbour.send("--format", "lcov").err()).contains("name them too");
    }
}
