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
        public float $weep = 1.0,
        public float $egg = 1.0,
        public float $saltiness = 1.0,
        public float $volume = 1.0,
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
            [new self(weep: 0.7), new self(weep: 1.3)],
            [new self(egg: 0.94), new self(egg: 1.06)],
            [new self(saltiness: 0.95), new self(saltiness: 1.05)],
            [new self(volume: 0.97), new self(volume: 1.03)],
        ];
    }
}
