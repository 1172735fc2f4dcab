<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Statement\Statement;

/** Salt into the custard, or left out of it: straight to a good middle, since nobody salts to the edge of bland. */
final readonly class MoveSalt implements Lever
{
    /** A level teaspoon of 5 ml of fine salt (common practice, no source). */
    private const GRAMS_PER_TEASPOON = 6.0;

    /**
     * @param  int  $sign +1 adds, -1 leaves out
     * @param  float  $aimPercent  of the filling, that is salted to
     */
    public function __construct(private int $sign, private float $aimPercent = Salt::AIM_PERCENT)
    {
    }

    public function id(): string
    {
        return $this->sign > 0 ? 'add-salt' : 'leave-out-salt';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        $salt = Weights::of($pie)->salt();
        $wanted = $this->sign > 0
            ? $salt->gramsToReach($this->aimPercent)
            : min($this->added($pie)?->grams() ?? 0.0, max(0.0, -$salt->gramsToReach(Salt::MOST_PERCENT - 0.1)));

        return max(0.0, ceil($wanted * 10) / 10);
    }

    public function step(Pie $pie): float
    {
        return max(0.1, $this->most($pie));
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $added = $this->added($pie);
        $grams = max(0.0, ($added?->grams() ?? 0.0) + $this->sign * $by);
        $new = new Ingredient($added->food ?? Pantry::food('salt'), Amount::of(round($grams, 1)));
        $others = array_filter($pie->seasonings, static fn (Ingredient $one): bool => $one !== $added);

        return $pie->withSeasonings([...array_values($others), ...($grams > 0.04 ? [$new] : [])]);
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement($this->sign > 0 ? 'act.add-salt' : 'act.leave-out-salt', ['saltGrams' => $by, 'quarterTeaspoons' => (int) round(4 * $by / self::GRAMS_PER_TEASPOON)]);
    }

    private function added(Pie $pie): ?Ingredient
    {
        foreach ($pie->seasonings as $seasoning) {
            if ($seasoning->food->per100g->salt > 50) {
                return $seasoning;
            }
        }

        return null;
    }
}
