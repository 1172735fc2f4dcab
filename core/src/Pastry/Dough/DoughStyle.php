<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

/** What family a dough is of: it says how much fat and water pass without a word, and how the dough rests. All ranges: common practice, no source. */
enum DoughStyle: string
{
    case Short = 'short';
    case Patty = 'patty';
    case Folded = 'folded';
    case HotWater = 'hot-water';
    case Oil = 'oil';
    case GlutenFree = 'gluten-free';

    /** @return array{float, float} per cent of the flour that pass without a word */
    public function fatPercents(): array
    {
        return match ($this) {
            self::Short, self::GlutenFree => [42.0, 92.0],
            self::Patty => [60.0, 100.0],
            self::Folded => [60.0, 105.0],
            self::HotWater => [25.0, 60.0],
            self::Oil => [25.0, 55.0],
        };
    }

    /**
     * Water that is added, that of egg and dairy with it; the water in butter is not counted, as no recipe counts it.
     *
     * @return array{float, float} per cent of the flour
     */
    public function waterPercents(): array
    {
        return match ($this) {
            self::Short, self::Patty => [18.0, 32.0],
            self::Folded => [32.0, 60.0],
            self::HotWater => [30.0, 52.0],
            self::Oil => [18.0, 45.0],
            self::GlutenFree => [15.0, 50.0],
        };
    }

    /** Whether it has gluten that tightens when it is worked, and lets go when it rests. */
    public function tightens(): bool
    {
        return $this !== self::GlutenFree;
    }
}
