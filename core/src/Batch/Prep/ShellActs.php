<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Moisture\Cooling;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Shells that were baked blind cool before they are filled; how long, by their thickness. */
final readonly class ShellActs
{
    /** A shell that is no hotter does not thicken the custard as it is poured (common practice, no source). */
    private const COOL_CELSIUS = 30.0;

    /** Of baked pastry, W/m K and J/m3 K, and of the tin it lies in, J/m2 K (docs/model.md; steel 0.6 mm thick). */
    private const CONDUCTIVITY = 0.2;

    private const HEAT = 1.5e6;

    private const TIN_HEAT = 2200.0;

    /** Of the air on a rack, W/m2 K above and below (judgement). */
    private const ABOVE = 10.0;

    private const BELOW = 8.0;

    /**
     * @param  list<PieOfBatch>  $pies
     * @return list<PrepAct> one a pie
     */
    public static function of(Batch $batch, array $pies): array
    {
        $acts = [];
        foreach ($pies as $one) {
            $shell = $one->pie->crust->shell;
            if ($shell === []) {
                continue;
            }
            $minutes = self::coolMinutes($one->pie, $batch->kitchenCelsius);
            $grams = $one->pie->crust->grams($one->pie->tin) * $one->times();
            $acts[] = new PrepAct(
                'cool-shell:'.$one->line->pie, ActKind::Cool, new Statement('act.cool-shell', ['pie' => $one->pie->name]), [$one->pie->crust->dough->name], $grams, null, 1, [],
                [new PieShare($one->number, $grams)], [$minutes === null ? new Statement('cool.shell-warm') : new Statement('cool.shell', ['coolMinutes' => ceil($minutes)])], ceil($minutes ?? 0.0),
            );
        }

        return $acts;
    }

    /** Until a shell may be filled; null where it never cools so far in this kitchen. */
    public static function coolMinutes(Pie $pie, float $kitchenCelsius): ?float
    {
        $shell = $pie->crust->shell;
        $fromCelsius = $shell === [] ? $kitchenCelsius : $shell[count($shell) - 1]->ovenCelsius;
        $depth = $pie->crust->thicknessMm / 1000;

        return Cooling::slab($depth, self::CONDUCTIVITY, self::HEAT + self::TIN_HEAT / $depth, $fromCelsius, 0.0, self::COOL_CELSIUS, [$kitchenCelsius, self::ABOVE, self::BELOW])->minutesTo(self::COOL_CELSIUS);
    }
}
