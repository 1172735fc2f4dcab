<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Statement\Statement;

/** What a cook should know of a formula before the flour is weighed. Common practice, no source. */
final readonly class DoughRemarks
{
    /** Yolk and soft fat bind more water, per cent of the flour. */
    private const SOFT_WATER_PERCENT = 40.0;

    private const SALT_WARNED_PERCENT = 2.5;

    /** @return list<Statement> a reason for each figure that is out of what passes without a word */
    public static function of(Formula $formula): array
    {
        $said = [];
        [$leastFat, $mostFat] = $formula->style->fatPercents();
        [$leastWater, $mostWater] = self::waterPercents($formula);
        $fat = $formula->fatPercent();
        $water = $formula->waterPercent();
        if ($fat < $leastFat) {
            $said[] = new Statement('dough.fat-low', ['fatPercent' => $fat, 'leastPercent' => $leastFat]);
        } elseif ($fat > $mostFat) {
            $said[] = new Statement('dough.fat-high', ['fatPercent' => $fat, 'mostPercent' => $mostFat]);
        }
        if ($water < $leastWater) {
            $said[] = new Statement('dough.water-low', ['waterPercent' => $water, 'leastPercent' => $leastWater]);
        } elseif ($water > $mostWater) {
            $said[] = new Statement('dough.water-high', ['waterPercent' => $water, 'mostPercent' => $mostWater]);
        }
        if ($formula->saltPercent > self::SALT_WARNED_PERCENT) {
            $said[] = new Statement('dough.salt-high', ['saltPercent' => $formula->saltPercent, 'usualPercent' => 2.0]);
        }
        if ($formula->style === DoughStyle::Folded && $formula->fatLayers() === 0) {
            $said[] = new Statement('dough.not-folded');
        }

        return $said;
    }

    /** @return array{float, float} per cent of the flour that pass without a word */
    public static function waterPercents(Formula $formula): array
    {
        [$least, $most] = $formula->style->waterPercents();

        return [$least, $formula->eggs !== [] || $formula->method->isSoft() ? max($most, self::SOFT_WATER_PERCENT) : $most];
    }
}
