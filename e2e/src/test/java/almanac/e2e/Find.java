package almanac.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Finding things on a page as somebody does who listens to it. */
final class Find {
  private Find() {}

  static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, named(name));
  }

  static Locator button(Locator part, String name) {
    return part.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, named(name));
  }

  static Locator link(Locator part, String name) {
    return part.getByRole(
        AriaRole.LINK, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  static Locator region(Page page, String name) {
    return page.getByRole(AriaRole.REGION, named(name));
  }

  static Locator group(Page page, String name) {
    return page.getByRole(AriaRole.GROUP, named(name));
  }

  static Locator entry(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  static Locator entry(Locator part, String label) {
    return part.getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  /** What a search found, by some of its words. */
  static Locator option(Page page, String words) {
    return with(page.getByRole(AriaRole.OPTION), words);
  }

  /** Of several parts, those in which a text stands. */
  static Locator with(Locator parts, String text) {
    return parts.filter(new Locator.FilterOptions().setHasText(text));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }
}
