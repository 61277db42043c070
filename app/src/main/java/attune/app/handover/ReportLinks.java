package attune.app.handover;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Base64;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Links a customer opens their report with: 256 random bits, good for a while, to be taken back.
 * The token is shown once and kept only as its SHA-256.
 */
@Service
@Transactional
class ReportLinks {
  private static final Phrases PHRASES = Phrases.of(ReportLinks.class);

  private static final int TOKEN_BYTES = 32;
  private static final int MOST_DAYS = 400;
  private static final String GONE = PHRASES.say("this-link-is-not-good");

  /**
   * A link.
   *
   * @param path where it leads, only just after it was made
   */
  record LinkView(
      UUID id,
      LocalDateTime createdAt,
      LocalDateTime expiresAt,
      boolean good,
      @Nullable String path) {}

  private final ReportLinkRepository links;
  private final HandoverService handover;
  private final ReportPdfs reports;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  ReportLinks(
      ReportLinkRepository links, HandoverService handover, ReportPdfs reports, Clock clock) {
    this.reports = reports;
    this.links = links;
    this.handover = handover;
    this.clock = clock;
  }

  /**
   * Makes a link to a job's report.
   *
   * @param days it is good for, 1 to 400
   */
  LinkView make(UUID jobId, int days) {
    if (days < 1 || days > MOST_DAYS) {
      throw new InvalidInputException(
          "/days", String.valueOf(days), PHRASES.say("1-to", MOST_DAYS));
    }
    handover.view(jobId);
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    ReportLinkEntity link =
        links.saveAndFlush(
            new ReportLinkEntity(jobId, DigestUtils.sha256Hex(token), now(), now().plusDays(days)));
    return view(link, "/report/" + token);
  }

  @Transactional(readOnly = true)
  List<LinkView> of(UUID jobId) {
    return links.findByJobIdOrderByCreatedAtDesc(jobId).stream()
        .map(link -> view(link, null))
        .toList();
  }

  /** Takes a link back. */
  List<LinkView> revoke(UUID jobId, UUID linkId) {
    links
        .findById(linkId)
        .filter(link -> link.jobId().equals(jobId))
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-link")))
        .revoke();
    links.flush();
    return of(jobId);
  }

  /** The one report a token opens. */
  @Transactional(readOnly = true)
  HandoverView open(String token) {
    return links
        .findByTokenHash(DigestUtils.sha256Hex(token))
        .filter(link -> link.isGood(now()))
        .map(link -> handover.view(link.jobId()))
        .orElseThrow(() -> new NoSuchElementException(GONE));
  }

  /** A photo of the one report a token opens. */
  @Transactional(readOnly = true)
  Resource picture(String token, UUID photoId) {
    return handover.picture(open(token).jobId(), photoId);
  }

  /** The same report on paper. */
  @Transactional(readOnly = true)
  byte[] pdf(String token, String paper) {
    return reports.write(open(token).jobId(), paper);
  }

  private LinkView view(ReportLinkEntity link, @Nullable String path) {
    return new LinkView(link.id(), link.createdAt(), link.expiresAt(), link.isGood(now()), path);
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }
}
