<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\PaperWarning;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Recipe\RecipeReader;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** Nothing that leaves the bench gives fewer minutes than are safe without saying so first. */
final class PaperWarningTest extends TestCase
{
    private static function of(Pie $pie): PaperWarning
    {
        return PaperWarning::of(Forecast::of($pie));
    }

    public function test_too_few_minutes_are_told_with_those_that_are_safe(): void
    {
        $safe = Forecast::of(TroutQuiche::withRawFish())->reading(ReadingName::Safe)->high ?? 0.0;
        $pie = TroutQuiche::withRawFish();
        $short = self::of($pie->withBake($pie->bake->withMinutes($safe - 2)));
        self::assertSame([true, $safe, 'paper.not-safe'], [$short->isUnsafe, $short->safeMinutes, $short->says[0]->code]);
        $enough = self::of($pie->withBake($pie->bake->withMinutes($safe)));
        self::assertSame([false, []], [$enough->isUnsafe, $enough->says]);
    }

    public function test_what_is_not_simulated_names_no_minutes(): void
    {
        $pie = TroutQuiche::pie();
        $low = self::of($pie->withBake($pie->bake->withStages([$pie->bake->first()->with(ovenCelsius: 120, minutes: 200)])));
        self::assertSame([true, null, 'paper.not-known'], [$low->isUnsafe, $low->safeMinutes, $low->says[0]->code]);
    }

    /** An ordinary quiche as cooks write it down (common practice, no source) is told without alarm. */
    public function test_an_ordinary_quiche_comes_out_clean(): void
    {
        $recipe = "Quiche\n\n1 shortcrust pastry case, 23 cm, blind baked\n3 large eggs\n300 ml double cream\n150 g gruyere, grated\n200 g bacon, fried until crisp\n\nBlind bake the case at 190 °C for 15 minutes with weights and 8 without. Whisk eggs and cream, scatter bacon and cheese, pour over. Bake at 175 °C for 35 to 40 minutes until the edge is set and the middle trembles.";
        $pie = RecipeReader::read($recipe, Names::with([]), null, EggSizing::Us)->pie;
        $forecast = Forecast::of($pie);
        self::assertSame([], PaperWarning::of($forecast)->says);
        self::assertNotSame(ReadingState::Outside, $forecast->reading(ReadingName::Safe)?->state);
        self::assertNotSame(ReadingState::Outside, $forecast->reading(ReadingName::Set)?->state);
    }
}
