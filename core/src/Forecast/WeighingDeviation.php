<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

/**
 * One way in which a kitchen differs from the forecast. Each spread covers about 8 bakes in 10
 * (judgement; replaced by what a kitchen's own bakes teach).
 */
final readonly class WeighingDeviation
{
    private function __construct(
        public float $weepFactor = 1.0,
        public float $eggFactor = 1.0,
        public float $saltFactor = 1.0,
        public float $volumeFactor = 1.0,
    ) {
    }

    public static function none(): self
    {
        return new self;
    }

    /** Each cause: what it turns, and by how much 8 bakes in 10 differ at most. */
    private const SPREADS = ['weepFactor' => 0.3, 'eggFactor' => 0.06, 'saltFactor' => 0.05, 'volumeFactor' => 0.03];

    /** Of a normal spread, 8 in 10 lie within so many standard deviations (a table of the normal distribution). */
    private const EIGHT_IN_TEN = 1.2816;

    /**
     * Pairs of less and more, one cause a pair.
     *
     * @return list<array{self, self}>
     */
    public static function pairs(): array
    {
        return array_map(static fn (string $what, float $spread): array => [new self(...[$what => 1 - $spread]), new self(...[$what => 1 + $spread])], array_keys(self::SPREADS), array_values(self::SPREADS));
    }

    /** @return list<self> kitchens drawn with all causes at once, the same for the same seed */
    public static function drawn(int $count, int $seed): array
    {
        $random = new Normal($seed);

        return array_map(static fn (): self => new self(...array_map(static fn (float $spread): float => 1 + $spread / self::EIGHT_IN_TEN * $random->next(), self::SPREADS)), range(1, $count));
    }
}
