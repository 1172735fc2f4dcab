<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Seasoning\Salt;

/** Is the whole filling seasoned? Salt, % of its weight. */
final readonly class SaltGauge implements Gauge
{
    /** From here on a food salts what it lies in: cured and smoked things, feta, blue and hard cheese, olives (common practice, no source). */
    private const SALTY_PERCENT = 1.5;

    public function name(): string
    {
        return 'salt';
    }

    public function unit(): string
    {
        return '%';
    }

    public function decimals(): int
    {
        return 2;
    }

    public function value(Weights $weights): float
    {
        return $weights->isEmpty() ? NAN : $weights->salt()->percent();
    }

    public function limits(Weights $weights): Limits
    {
        return new Limits(Salt::LEAST_PERCENT, 'bland', Salt::MOST_PERCENT, 'salty');
    }

    public function scale(Weights $weights): array
    {
        return [0.4, 1.9];
    }

    public function needsWholeRange(): bool
    {
        return false;
    }

    public function verdict(Weights $weights, float $value, float $low, float $high): string
    {
        return match (true) {
            is_nan($value) => 'nothing poured',
            $value < Salt::LEAST_PERCENT - 1e-9 => 'bland',
            $value > Salt::MOST_PERCENT + 1e-9 => 'salty',
            default => 'enough',
        };
    }

    public function reason(Weights $weights, float $value, float $low, float $high): string
    {
        if (is_nan($value)) {
            return 'Pour the first layer, and its salt can be added up.';
        }
        $salt = $weights->salt();
        $sources = array_filter($salt->gramsBySource, static fn (float $grams): bool => $grams >= 0.05);
        arsort($sources);
        $most = array_map(
            static fn (string $name, float $grams): string => Figures::grams($grams).' from '.mb_strtolower(explode(',', $name)[0]),
            array_keys($sources), $sources,
        );
        if ($most === []) {
            return 'Nothing in the filling brings salt.';
        }

        return sprintf('%s of salt in %s of filling: %s.', Figures::grams($salt->grams()), Figures::grams($salt->fillingGrams), Figures::list(array_slice($most, 0, 3)))
            .$this->saltOnSalt($weights->pie);
    }

    /** A warning where salt is added beside two or more foods that are salty already. */
    private function saltOnSalt(Pie $pie): string
    {
        $added = array_sum(array_map(static fn (Ingredient $one): float => $one->food->saltGrams($one->grams()), $pie->seasonings));
        $salty = array_filter($pie->solids(), static fn (SolidLayer $layer): bool => $layer->food->per100g->salt >= self::SALTY_PERCENT && $layer->now->grams > 0);
        if ($added < 0.5 || count($salty) < 2) {
            return '';
        }
        $names = array_map(static fn (SolidLayer $layer): string => mb_strtolower(explode(',', $layer->food->name)[0]), array_values($salty));

        return sprintf(' Salt on salt: %s are salty already, taste before you add more.', Figures::list($names));
    }
}
