<?php

declare(strict_types=1);

namespace App\AtOven;

use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;

/** The handful of simulated bakes as they are kept with a bake: to a tenth of a degree, a millimetre, a hundredth of a minute. */
final readonly class KeptPossible
{
    /** @return list<array<string, mixed>> */
    public static function write(PossibleBakes $possible): array
    {
        return array_map(static fn (PossibleBake $one): array => [
            'celsius' => array_map(static fn (float $value): float => round($value, 1), $one->celsius), 'tremble' => array_map(static fn (float $mm): int => (int) round($mm), $one->trembleMm),
            'ready' => round($one->readyMinute, 2), 'golden' => round($one->goldenMinute, 2),
        ], $possible->bakes);
    }

    /** @param  list<array<string, mixed>>  $kept */
    public static function read(array $kept): PossibleBakes
    {
        $bakes = array_map(static fn (array $one): PossibleBake => new PossibleBake(self::list($one['celsius'] ?? null), self::list($one['tremble'] ?? null), self::list([$one['ready'] ?? 0])[0], self::list([$one['golden'] ?? 0])[0]), $kept);

        return $bakes === [] ? throw new \LogicException('A bake that was kept has lost its forecast.') : new PossibleBakes($bakes);
    }

    /** @return list<float> */
    private static function list(mixed $kept): array
    {
        return array_map(static fn (mixed $one): float => is_int($one) || is_float($one) ? (float) $one : 0.0, is_array($kept) ? array_values($kept) : []);
    }
}
