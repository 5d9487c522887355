package ojala.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.zip.GZIPOutputStream;
import ojala.wire.FileReceipt;
import ojala.wire.Json;
import ojala.wire.Receipt;
import org.testng.annotations.Test;

/** What is wrong is told, with its place; nothing is half stored, and nothing else in the delivery is lost. */
public class BadInputTest {
    private static Harbour harbour() {
        return House.get().harbour().begin(Harbour.GATE);
    }

    private static Receipt receipt(Ran sent) {
        return Json.read(sent.out(), Receipt.class);
    }

    private static FileReceipt file(Receipt receipt, String name) {
        return receipt.files().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void brokenFilesAreRefusedEachWithItsPlaceAndTheOthersCount() throws IOException {
        Harbour harbour = harbour();
        harbour.test("good.info");
        harbour.write("cut.info", "TN:\nSF:src/berths.js\nDA:1,1\nDA:2");
        harbour.write("noend.info", "TN:\nSF:src/berths.js\nDA:1,1\n");
        harbour.write("empty.info", "");
        harbour.write("climbs.info", "SF:../../../etc/passwd\nDA:1,1\nend_of_record\n");
        Files.write(harbour.folder().resolve("picture.info"), new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        try (OutputStream bomb =
                new GZIPOutputStream(Files.newOutputStream(harbour.folder().resolve("bomb.info.gz")))) {
            byte[] zeros = "DA:1,1\n".repeat(150_000).getBytes(StandardCharsets.UTF_8);
            bomb.write("TN:\nSF:a.js\n".getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < 30; i++) {
                bomb.write(zeros);
            }
        }
        Ran sent = harbour.send(
                "--json",
                "--wait",
                "90",
                "good.info",
                "cut.info",
                "noend.info",
                "empty.info",
                "climbs.info",
                "picture.info",
                "bomb.info.gz");
        assertThat(sent.exit()).isEqualTo(2);
        Receipt receipt = receipt(sent);
        assertThat(file(receipt, "good.info").state()).isEqualTo("read");
        assertThat(file(receipt, "good.info").lines().covered()).isPositive();
        assertThat(file(receipt, "cut.info").problems())
                .singleElement()
                .asString()
                .contains("line 4", "too few fields");
        assertThat(file(receipt, "noend.info").problems())
                .singleElement()
                .asString()
                .contains("line 3", "end_of_record");
        assertThat(file(receipt, "empty.info").problems())
                .singleElement()
                .asString()
                .contains("empty");
        assertThat(file(receipt, "picture.info").problems())
                .singleElement()
                .asString()
                .contains("PNG picture");
        assertThat(file(receipt, "bomb.info.gz").problems())
                .singleElement()
                .asString()
                .contains("byte 20971520", "limit");
        assertThat(file(receipt, "climbs.info").unmatched().get(0).why()).contains("climbs out of the repository");
        assertThat(receipt.doubts()).extracting("kind").contains("broken-report", "cut-off", "nothing-matched");
    }

    @Test
    public void aHugeDeclaredSizeIsRefusedBeforeItIsSent() throws IOException {
        Harbour harbour = harbour();
        URI service = URI.create(harbour.house().service().url());
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), service.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream()
                    .write(("POST /api/v1/projects/" + harbour.key() + "/deliveries HTTP/1.1\r\nHost: localhost\r\n"
                                    + "Authorization: Bearer "
                                    + harbour.client().environment().get("OJALA_TOKEN")
                                    + "\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 3221225472\r\n\r\n")
                            .getBytes(StandardCharsets.UTF_8));
            byte[] buffer = new byte[4096];
            String answer = new String(buffer, 0, socket.getInputStream().read(buffer), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 413").contains("3221225472 bytes", "urn:ojala:problem:too-large");
        }
    }

    @Test
    public void aConnectionCutHalfwayStoresNothing() throws IOException {
        Harbour harbour = harbour();
        String head = harbour.git("rev-parse", "HEAD");
        String manifest = "{\"measured\":{\"id\":\"" + head + "\",\"tree\":\"" + harbour.git("rev-parse", "HEAD^{tree}")
                + "\",\"parents\":[]},\"head\":\"" + head
                + "\",\"build\":\"1\",\"attempt\":1,\"suite\":\"unit\",\"part\":\"\"}";
        String begun = "--x\r\nContent-Disposition: form-data; name=\"manifest\"\r\n\r\n" + manifest
                + "\r\n--x\r\nContent-Disposition: form-data; name=\"report\"; filename=\"a.info\"\r\n\r\nTN:\nSF:src/berths.js\nDA:1,";
        URI service = URI.create(harbour.house().service().url());
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), service.getPort())) {
            socket.getOutputStream()
                    .write(("POST /api/v1/projects/" + harbour.key() + "/deliveries HTTP/1.1\r\nHost: localhost\r\n"
                                    + "Authorization: Bearer "
                                    + harbour.client().environment().get("OJALA_TOKEN")
                                    + "\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 100000\r\n\r\n"
                                    + begun)
                            .getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
        }
        await().during(Duration.ofSeconds(2)).atMost(Duration.ofSeconds(6)).until(() -> status(harbour, head) == 404);
    }

    private static int status(Harbour harbour, String head) {
        return harbour.house()
                .send(HttpRequest.newBuilder(
                        URI.create(harbour.house().service().url() + "/api/v1/projects/" + harbour.key() + "/commits/"
                                + head + "/verdicts")))
                .statusCode();
    }

    @Test
    public void aCommitThatComesLaterIsWaitedFor() {
        Harbour harbour = harbour();
        harbour.git("checkout", "-q", "-b", "feature/late");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Not pushed yet");
        harbour.test("lcov.info");
        Ran sent = harbour.send("--wait", "2", "--target", "main", "--json");
        assertThat(receipt(sent).state()).isEqualTo("waiting-for-commit");
        assertThat(receipt(sent).message()).contains("is not in", "looked for again");
        harbour.push("feature/late");
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().verdict()).isEqualTo("fail");
        assertThat(judged.document().doubts()).isEmpty();
    }

    @Test
    public void aCommitThatNeverComesIsDoubted() {
        Harbour harbour = harbour();
        harbour.git("checkout", "-q", "-b", "feature/never");
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Never pushed");
        harbour.test("lcov.info");
        Ran sent = harbour.send("--target", "main", "--json");
        assertThat(receipt(sent).state()).isEqualTo("read");
        Client.Judged judged = harbour.verdict();
        assertThat(judged.exit()).isEqualTo(3);
        assertThat(judged.document().verdict()).isEqualTo("undecided");
        assertThat(judged.document().doubts()).extracting("kind").containsExactly("commit-unknown");
    }

    @Test
    public void aRepositoryThatDoesNotAnswerIsNamed() {
        Harbour harbour = harbour();
        Client administrator = new Client(harbour.house().service().url(), House.ADMINISTRATOR);
        String address = "http://127.0.0.1:" + Server.freePort() + "/gone.git";
        administrator
                .run(harbour.folder(), "project", "add", harbour.key() + "-gone", "--repository", address)
                .ok();
        harbour.test("lcov.info");
        Ran sent = administrator.run(
                harbour.folder(),
                "send",
                "--suite",
                "unit",
                "--project",
                harbour.key() + "-gone",
                "--json",
                "--wait",
                "3");
        assertThat(receipt(sent).state()).isEqualTo("waiting-for-commit");
        assertThat(receipt(sent).message()).contains(address, "does not answer");
    }

    @Test
    public void aWrongTokenIsRefusedWithFour() {
        Harbour harbour = harbour();
        harbour.test("lcov.info");
        Ran sent = new Client(harbour.house().service().url(), "ojala_wrong")
                .run(harbour.folder(), "send", "--suite", "unit", "--project", harbour.key());
        assertThat(sent.exit()).isEqualTo(4);
        assertThat(sent.err()).contains("token is not valid");
        Harbour other = House.get().harbour().begin("");
        Ran foreign = other.client().run(harbour.folder(), "send", "--suite", "unit", "--project", harbour.key());
        assertThat(foreign.exit()).isEqualTo(4);
        assertThat(foreign.err()).contains("its own project");
        Ran down = new Client("http://127.0.0.1:" + Server.freePort(), "x").run(harbour.folder(), "project", "list");
        assertThat(down.exit()).isEqualTo(4);
        assertThat(down.err()).contains("can't be reached", "OJALA_URL");
    }

    @Test
    public void aRevokedTokenIsRefused() {
        Harbour harbour = harbour();
        Client administrator = new Client(harbour.house().service().url(), House.ADMINISTRATOR);
        String made = administrator
                .run(harbour.folder(), "token", "create", "--project", harbour.key(), "--json")
                .ok();
        Client another = new Client(
                harbour.house().service().url(),
                Json.mapper().readTree(made).path("secret").asString());
        harbour.test("lcov.info");
        assertThat(another.run(harbour.folder(), "send", "--suite", "unit").exit())
                .isZero();
        String id = Json.mapper().readTree(made).path("id").asString();
        administrator
                .run(harbour.folder(), "token", "revoke", "--project", harbour.key(), id)
                .ok();
        assertThat(another.run(harbour.folder(), "send", "--suite", "unit").exit())
                .isEqualTo(4);
    }

    @Test
    public void abrokenSettingsFileOnTheHeadFailsWithItsPlace() {
        Harbour harbour = harbour();
        harbour.testAndSend();
        harbour.git("checkout", "-q", "-b", "feature/broken");
        harbour.write("ojala.yaml", "version: 1\ngaet: {}\n");
        harbour.commit("Break the settings");
        harbour.push("feature/broken");
        harbour.openPullRequest("Break the settings", "feature/broken", "main");
        harbour.testAndSend();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.exit()).isEqualTo(1);
        assertThat(judged.document().rules().get(0).remark()).contains("line 2, column 1", "did you mean “gate”?");
    }

    @Test
    public void aBrokenSettingsFileOnTheTargetLeavesTheLastReadableOneInForce() {
        Harbour harbour = harbour();
        String readable = harbour.git("rev-parse", "HEAD");
        harbour.write("ojala.yaml", "version: 1\ngate: [\n");
        harbour.commit("Break the settings on main");
        harbour.push("main");
        harbour.git("checkout", "-q", "-b", "feature/hazard", readable);
        harbour.append("src/berths.js", Harbour.HAZARD);
        harbour.commit("Keep hazardous cargo outside");
        harbour.push("feature/hazard");
        harbour.openPullRequest("Berths", "feature/hazard", "main");
        harbour.testAndSend();
        Client.Judged judged = harbour.verdict();
        assertThat(judged.document().verdict()).isEqualTo("fail");
        assertThat(judged.document().settings().commit()).isEqualTo(readable);
        assertThat(judged.document().doubts()).singleElement().satisfies(doubt -> {
            assertThat(doubt.kind()).isEqualTo("settings-unreadable");
            assertThat(doubt.message()).contains("line 3");
        });
    }

    @Test
    public void anUnsignedCallOfTheCodeHostIsRefused() {
        Harbour harbour = harbour();
        HttpResponse<String> answer = harbour.house()
                .send(HttpRequest.newBuilder(
                                URI.create(harbour.house().service().url() + "/api/v1/projects/" + harbour.key()
                                        + "/code-host/events"))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{}")));
        assertThat(answer.statusCode()).isEqualTo(401);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
        assertThat(answer.body()).contains("not signed");
    }

    @Test
    public void aCommandUsedWronglyEndsWithTwo() {
        Harbour harbour = harbour();
        assertThat(harbour.client().run(harbour.folder(), "send").exit()).isEqualTo(2);
        Ran nowhere = harbour.client().run(Path.of("/"), "send", "--suite", "unit");
        assertThat(nowhere.exit()).isEqualTo(2);
        assertThat(nowhere.err()).contains("in no git repository");
        Ran file = harbour.send("nothing.info");
        assertThat(file.exit()).isEqualTo(2);
        assertThat(file.err()).contains("there is no file nothing.info");
    }
}
