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

    /**
     * Pairs of less and more, one cause a pair.
     *
     * @return list<array{self, self}>
     */
    public static function pairs(): array
    {
        return [
            [new self(weepFactor: 0.7), new self(weepFactor: 1.3)],
            [new self(eggFactor: 0.94), new self(eggFactor: 1.06)],
            [new self(saltFactor: 0.95), new self(saltFactor: 1.05)],
            [new self(volumeFactor: 0.97), new self(volumeFactor: 1.03)],
        ];
    }
}
