package drumnest.server.album;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import drumnest.core.fit.FitQuestion;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.stock.HouseRules;
import org.springframework.stereotype.Component;

/** How photos go into openings, remembered from one answer to the next under the same rules. */
@Component
class FitCache implements FitQuestion.Answers {

  private static final int MOST = 40_000;

  private record Remembered(HouseRules rules, Cache<FitQuestion, PrintInPocket> answers) {

    static Remembered nothing(HouseRules rules) {
      return new Remembered(rules, Caffeine.newBuilder().maximumSize(MOST).build());
    }
  }

  private volatile Remembered remembered = Remembered.nothing(HouseRules.defaults());

  @Override
  public PrintInPocket to(FitQuestion question, HouseRules rules) {
    Remembered now = remembered;
    if (now.rules() != rules) {
      now = Remembered.nothing(rules);
      remembered = now;
    }
    return now.answers().get(question, asked -> asked.answer(rules));
  }
}
