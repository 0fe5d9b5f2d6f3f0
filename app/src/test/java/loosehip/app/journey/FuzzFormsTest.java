package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.People;
import loosehip.core.body.Handed;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.UriUtils;

/**
 * Whatever is sent to whatever address, by somebody who is signed in, is answered in words. The
 * same seed sends the same; a longer run is {@code bench/fuzz.sh}.
 */
@Order(2)
class FuzzFormsTest extends FormsTest {
  private static final int REQUESTS = Integer.getInteger("loosehip.fuzz.requests", 400);
  private static final long SEED = Long.getLong("loosehip.fuzz.seed", 18);

  private static final List<String> HOSTILE =
      List.of(
          "",
          " ",
          "0",
          "-1",
          "-0",
          "37,5",
          "1e308",
          "NaN",
          "99999999999999999999",
          "2026-11-20",
          "+999999999-12-31",
          "-999999999-01-01",
          "2026-02-30",
          "yes",
          "on",
          "true",
          "null",
          "'; DROP TABLE golfer; --",
          "<script>alert(1)</script>",
          "${7*7}",
          "{x}",
          "../../etc/passwd",
          "%00",
          "a\0b",
          "line\nbreak\r\nX: y",
          "\u202Egnul\u0000",
          "\uD83C\uDFCC",
          "\uD83C",
          "\uFFFE",
          "＝1+1",
          "=1+1",
          "https://elsewhere.example/",
          "//elsewhere.example/",
          "x".repeat(401),
          "ж".repeat(5_000));

  private static final List<String> KNOWN =
      List.of(
          "left",
          "right",
          "none",
          "clear",
          "slight",
          "top",
          "between",
          "under",
          "asked",
          "more",
          "less",
          "effort",
          "pain",
          "bridge",
          "half-kneel-flexor",
          "sway",
          "early-stop",
          "trail-internal",
          "classic",
          "movement",
          "pressure",
          "face-on",
          "address",
          "a4",
          "letter",
          "inclinometer",
          "give",
          "replan",
          "next",
          "helper",
          "trainer",
          "simulated",
          "phone",
          "hinge-contact",
          "seated-rotation.left",
          "1",
          "2",
          "5",
          "30");

  private static final List<String> TOPICS =
      List.of(
          "who.handed",
          "who.birthDate",
          "who.height",
          "complaint.thin",
          "wish.minutes",
          "wish.days",
          "wish.weeks",
          "wish.start",
          "wish.want",
          "wish.blackout",
          "tool.band",
          "caution.inner-knee",
          "caution-note.inner-knee",
          "warning.night-pain",
          "school",
          "setup.trailFlare",
          "setup.stance",
          "fault.sway",
          "fault.early-stop",
          "habit.upper-first",
          "again.sway",
          "test-note.hinge-contact",
          "skip.hinge-contact",
          "consent");

  /** After so many a fresh golfer: sooner or later a warning sign shuts every door. */
  private static final int FRESH_AFTER = 60;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  RequestMappingHandlerMapping mappings;

  @Autowired People people;
  @Autowired PasswordEncoder passwords;

  private record Address(String verb, String path, HandlerMethod handler) {}

  /**
   * Every address, in an order that does not depend on the day; streams never end by themselves.
   */
  private List<Address> addresses() {
    List<Address> all = new ArrayList<>();
    mappings
        .getHandlerMethods()
        .forEach(
            (info, handler) -> {
              if (handler.getBeanType().getPackageName().startsWith("loosehip") && !streams(info)) {
                for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
                  info.getPatternValues()
                      .forEach(path -> all.add(new Address(verb.name(), path, handler)));
                }
              }
            });
    all.sort(Comparator.comparing(Address::path).thenComparing(Address::verb));
    return all;
  }

  private static boolean streams(RequestMappingInfo info) {
    return info.getProducesCondition()
        .getProducibleMediaTypes()
        .contains(MediaType.TEXT_EVENT_STREAM);
  }

  @BeforeEach
  void somebodyWithAPassword() {
    people.password(wren.account().id(), passwords.encode("larch over the ninth green"));
    wren = new SignedIn(accounts.byId(wren.account().id()).orElseThrow());
  }

  @Test
  void nothingThatIsSentIsAnsweredByAnError() throws Exception {
    List<Address> all = addresses();
    assertThat(all).hasSizeGreaterThan(150);
    List<String> keys =
        Arrays.stream(ScreenTest.values())
            .flatMap(test -> TestCard.of(test, Handed.RIGHT).stream())
            .map(TestCard::key)
            .toList();
    Random random = new Random(SEED);
    Map<Integer, Integer> statuses = new LinkedHashMap<>();
    List<String> wrong = new ArrayList<>();
    for (int i = 0; i < REQUESTS; i++) {
      Address address = all.get(i < all.size() ? i : random.nextInt(all.size()));
      long seed = random.nextLong();
      if (i % FRESH_AFTER == 0 || files.load(wren.account().practiceId(), golfer).isEmpty()) {
        aGolferWhoConsents();
      }
      String sent = address.verb() + " " + address.path() + " seed " + seed;
      try {
        int status = status(address, new Random(seed), keys);
        statuses.merge(status / 100 * 100, 1, Integer::sum);
        if (status >= 500) {
          wrong.add(sent + " answered " + status);
        }
      } catch (Exception e) {
        wrong.add(sent + " threw " + e);
      }
    }
    System.out.println("fuzz: " + REQUESTS + " requests, answers " + statuses);
    assertThat(wrong).isEmpty();
    assertThat(statuses.getOrDefault(200, 0))
        .as("not all of it bounces")
        .isGreaterThan(REQUESTS / 4);
  }

  private String value(Random random, List<String> keys) {
    return switch (random.nextInt(8)) {
      case 0, 1 -> HOSTILE.get(random.nextInt(HOSTILE.size()));
      case 2 -> keys.get(random.nextInt(keys.size()));
      case 3 -> String.valueOf(random.nextInt(200) - 20);
      case 4 ->
          IntStream.range(0, 1 + random.nextInt(30))
              .mapToObj(n -> String.valueOf((char) random.nextInt(0xFFFF)))
              .reduce("", String::concat);
      default -> KNOWN.get(random.nextInt(KNOWN.size()));
    };
  }

  private String variable(String name, Random random, List<String> keys) {
    return switch (name) {
      case "id" -> random.nextInt(8) == 0 ? value(random, keys) : golfer;
      case "topic" ->
          random.nextInt(4) == 0 ? value(random, keys) : TOPICS.get(random.nextInt(TOPICS.size()));
      case "card" ->
          random.nextInt(4) == 0 ? value(random, keys) : keys.get(random.nextInt(keys.size()));
      case "day" -> random.nextInt(4) == 0 ? value(random, keys) : "2026-11-20";
      default -> value(random, keys);
    };
  }

  private int status(Address address, Random random, List<String> keys) throws Exception {
    StringBuilder path = new StringBuilder();
    for (String part : address.path().split("(?<=\\})|(?=\\{)")) {
      path.append(
          part.startsWith("{")
              ? UriUtils.encode(
                  variable(part.substring(1, part.length() - 1), random, keys),
                  StandardCharsets.UTF_8)
              : part);
    }
    URI uri = URI.create(path.toString().isEmpty() ? "/" : path.toString());
    boolean file =
        Arrays.stream(address.handler().getMethodParameters())
            .anyMatch(p -> p.getGenericParameterType().getTypeName().contains("MultipartFile"));
    AbstractMockHttpServletRequestBuilder<?> sent =
        file ? multipart(uri) : request(HttpMethod.valueOf(address.verb()), uri);
    for (MethodParameter parameter : address.handler().getMethodParameters()) {
      fill(sent, parameter, random, keys);
    }
    if (random.nextInt(3) == 0) {
      sent.header("HX-Request", "true").header("HX-Current-URL", ascii(value(random, keys)));
    }
    if (random.nextInt(4) == 0) {
      sent.header("X-Drawn", ascii(value(random, keys)))
          .header("X-Tried", ascii(value(random, keys)));
    }
    return mvc.perform(
            sent.with(user(wren))
                .with(csrf())
                .with(FuzzFormsTest::fromElsewhere)
                .sessionAttr(SaidAgain.AT, Instant.now()))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  private static String ascii(String value) {
    return value.replaceAll("[^ -~]", "?");
  }

  private void fill(
      AbstractMockHttpServletRequestBuilder<?> sent,
      MethodParameter parameter,
      Random random,
      List<String> keys) {
    parameter.initParameterNameDiscovery(
        new org.springframework.core.DefaultParameterNameDiscoverer());
    RequestParam asked = parameter.getParameterAnnotation(RequestParam.class);
    String name = String.valueOf(parameter.getParameterName());
    if (asked != null && !asked.name().isEmpty()) {
      name = asked.name();
    }
    if (parameter
        .getGenericParameterType()
        .getTypeName()
        .contains(MultipartFile.class.getSimpleName())) {
      if (random.nextInt(5) > 0) {
        ((MockMultipartHttpServletRequestBuilder) sent)
            .file(
                new MockMultipartFile(name, value(random, keys), "text/csv", bytes(random, keys)));
      }
    } else if (parameter.hasParameterAnnotation(RequestBody.class)) {
      sent.contentType(MediaType.APPLICATION_JSON).content(bytes(random, keys));
    } else if (asked != null && Map.class.isAssignableFrom(parameter.getParameterType())) {
      for (String key :
          List.of("name", "trailFlare", "leadFlare", "none", "school", "on", "review")) {
        sent.param(key, value(random, keys));
      }
    } else if (asked != null && random.nextInt(6) > 0) {
      sent.param(name, value(random, keys));
    }
  }

  private byte[] bytes(Random random, List<String> keys) {
    byte[] noise = new byte[random.nextInt(400)];
    random.nextBytes(noise);
    return switch (random.nextInt(5)) {
      case 0 -> noise;
      case 1 ->
          ("{\"entries\":[{\"key\":\"" + random.nextInt() + "\"}]}")
              .getBytes(StandardCharsets.UTF_8);
      case 2 ->
          ("golfer,visit_date,test,side,part,try,value_deg\n"
                  + "Isla Brodie,2026-11-20,seated-rotation,left,internal,1,"
                  + value(random, keys))
              .getBytes(StandardCharsets.UTF_8);
      case 3 ->
          ("t,pelvis,thorax,arm\n0,0,0,0\n0.005," + value(random, keys))
              .getBytes(StandardCharsets.UTF_8);
      default -> value(random, keys).getBytes(StandardCharsets.UTF_8);
    };
  }

  /** Guesses at links are counted by where they come from; these are nobody else's. */
  private static MockHttpServletRequest fromElsewhere(MockHttpServletRequest request) {
    request.setRemoteAddr("127.9.9.9");
    return request;
  }
}
