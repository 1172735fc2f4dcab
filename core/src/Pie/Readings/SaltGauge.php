<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Pie\Balance;
use Hojaldre\Core\Seasoning\Salt;

/** Is the whole filling seasoned? Salt, % of its weight. */
final readonly class SaltGauge implements Gauge
{
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

    public function value(Balance $balance): float
    {
        return $balance->isEmpty() ? NAN : $balance->salt()->percent();
    }

    public function limits(Balance $balance): Limits
    {
        return new Limits(Salt::LEAST_PERCENT, 'bland', Salt::MOST_PERCENT, 'salty');
    }

    public function scale(Balance $balance): array
    {
        return [0.4, 1.9];
    }

    public function needsWholeRange(): bool
    {
        return false;
    }

    public function verdict(Balance $balance, float $value, float $low, float $high): string
    {
        return match (true) {
            is_nan($value) => 'nothing poured',
            $value < Salt::LEAST_PERCENT - 1e-9 => 'bland',
            $value > Salt::MOST_PERCENT + 1e-9 => 'salty',
            default => 'enough',
        };
    }

    public function reason(Balance $balance, float $value, float $low, float $high): string
    {
        if (is_nan($value)) {
            return 'Pour the first layer, and its salt can be added up.';
        }
        $salt = $balance->salt();
        $sources = array_filter($salt->gramsBySource, static fn (float $grams): bool => $grams >= 0.05);
        arsort($sources);
        $most = array_map(
            static fn (string $name, float $grams): string => Say::grams($grams).' from '.mb_strtolower(explode(',', $name)[0]),
            array_keys($sources), $sources,
        );
        if ($most === []) {
            return 'Nothing in the filling brings salt.';
        }

        return sprintf('%s of salt in %s of filling: %s.', Say::grams($salt->grams()), Say::grams($salt->fillingGrams), Say::list(array_slice($most, 0, 3)));
    }
}
