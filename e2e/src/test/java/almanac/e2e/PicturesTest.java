package almanac.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Photographs: taken with a look, found in the timeline, set beside each other and measured on. */
class PicturesTest {
  @RegisterExtension static final RunningDemo ALMANAC = new RunningDemo();

  /** Drawn to scale: its rim of 120 mm is 540 pixels wide, its longest root 55 mm long. */
  private static final String MEASURED_PLANT = "Cattleya Weir Song";

  private static FilePayload picture(String name) {
    var out = new ByteArrayOutputStream();
    try {
      ImageIO.write(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB), "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new FilePayload(name, "image/jpeg", out.toByteArray());
  }

  private static FilePayload text(String name) {
    return new FilePayload(name, "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void severalPicturesGoWithOneLook() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      browsing.plant("Vanda Kite String");
      var page = browsing.page();
      page.keyboard().press("i");
      page.getByText("tap what you see").waitFor();
      var files = page.locator("form input[type=file]");
      files.setInputFiles(
          new FilePayload[] {picture("base.jpg"), text("notes.jpg"), picture("leaf.jpg")});
      assertThat(page.locator(".pick img")).hasCount(3);
      files.setInputFiles(picture("wrong.jpg"));
      Find.button(page, "Leave out wrong.jpg").click();
      assertThat(page.locator(".pick img")).hasCount(3);
      Find.group(page, "How it stands")
          .getByLabel("firm", new Locator.GetByLabelOptions().setExact(true))
          .check();
      Find.button(page, "Save and judge").click();

      assertThat(page.getByText("notes.jpg: This is no picture that can be read")).isVisible();
      var look = Find.with(AtWork.journal(page).locator("li"), "How it stands: firm").first();
      assertThat(look.locator("img")).hasCount(2);
      Find.button(AtWork.journal(page), "pictures").click();
      assertThat(AtWork.journal(page).locator("li")).hasCount(1);
      browsing.expectedRefusal();
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void aPictureAddedLaterStandsByItsDay() {
    try (var browsing = Browsing.phone(ALMANAC.address())) {
      browsing.plant("Sobralia Towpath Rose");
      var page = browsing.page();
      var own = Find.region(page, "Photographs");
      own.locator("input").setInputFiles(new FilePayload[] {picture("one.jpg"), text("two.jpg")});
      assertThat(own.locator("ul img")).hasCount(1);
      assertThat(own).containsText("two.jpg: This is no picture that can be read");
      assertThat(AtWork.journal(page).locator("li").first()).containsText("15 May");
      assertThat(AtWork.journal(page).locator("li").first().locator("img")).hasCount(1);
      browsing.fitsTheScreen();

      own.locator("ul a").click();
      Find.button(page, "Remove it").click();
      Find.button(page.getByRole(AriaRole.ALERTDIALOG), "Remove it").click();
      assertThat(page.getByText("No photograph yet")).isVisible();
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  @Test
  void twoDaysLieBesideEachOtherUnderASlider() {
    try (var browsing = Browsing.desk(ALMANAC.address())) {
      browsing.plant(MEASURED_PLANT);
      var page = browsing.page();
      page.getByText("All 2, side by side, measure").click();
      Find.button(page, "beside").click();
      var earlier = page.locator(".pair .over");
      assertThat(earlier).hasAttribute("alt", "Taken 24 Apr");
      assertThat(earlier).hasAttribute("style", "clip-path: inset(0px 50% 0px 0px);");
      var slider = page.locator("input[type=range]");
      slider.focus();
      page.keyboard().press("End");
      assertThat(earlier).hasAttribute("style", "clip-path: inset(0px 0% 0px 0px);");
      assertThat(browsing.violations()).isEmpty();
      assertThat(browsing.complaints()).isEmpty();
    }
  }

  private static void set(Page page, double x, double y) {
    var box = page.locator(".picture svg").boundingBox();
    page.mouse().click(box.x + x / 1200 * box.width, box.y + y / 900 * box.height);
  }

  @Test
  void aRootIsMeasuredByTheRimAndGoesIntoALook() {
    try (var browsing = Browsing.lamp(ALMANAC.address())) {
      browsing.plant(MEASURED_PLANT);
      var page = browsing.page();
      page.setViewportSize(1280, 1400);
      page.getByText("All 2, side by side, measure").click();
      page.locator(".picture img").waitFor();
      set(page, 330, 600);
      set(page, 870, 600);
      Find.entry(page, "Known length").fill("120");
      set(page, 570, 596);
      set(page, 570 - 55 * 4.5, 596);
      var read = page.locator(".read");
      read.waitFor();
      double mm = Double.parseDouble(read.locator("b").innerText().replaceAll("[^\\d.]", ""));
      assertThat(mm).as(read.innerText()).isBetween(53.0, 57.0);
      assertThat(read).containsText("±");

      Find.entry(page, "Known length").fill("0");
      assertThat(page.getByText("The known length goes from 1 to 3000 mm.")).isVisible();
      Find.entry(page, "Known length").fill("120");
      read.waitFor();
      Find.link(page, "newest roots").click();
      double taken = Double.parseDouble(page.getByLabel("Newest roots: longest").inputValue());
      assertThat(taken).isEqualTo(mm);
      browsing.expectedRefusal();
      assertThat(browsing.complaints()).isEmpty();
    }
  }
}
