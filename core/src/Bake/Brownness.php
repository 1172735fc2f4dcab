<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The word for how brown pastry or a top is, on the scale where 1 is golden (words of the trade, figures fitted). */
enum Brownness: string
{
    case Pale = 'pale';
    case Straw = 'straw';
    case LightGold = 'light-gold';
    case Golden = 'golden';
    case Dark = 'dark';
    case Burnt = 'burnt';

    /** Past golden the eye tells ratios: each e-fold of browning adds so much (fitted to shells, lids and pasties of practice). */
    private const PAST_GOLDEN = 0.9;

    /** At these the events of the same name are there (fitted). */
    public const LIGHT_GOLD_INDEX = 0.7;

    public const GOLDEN_INDEX = 1.0;

    public const DARK_INDEX = 2.0;

    /** Up to where each word holds (fitted). */
    private const UP_TO_INDEX = ['pale' => 0.3, 'straw' => 0.6, 'light-gold' => 0.85, 'golden' => 1.5, 'dark' => 3.0];

    /** On the scale of the words: as it has browned up to golden, by ratios past it. @param  float  $browning 1 is golden */
    public static function index(float $browning): float
    {
        return $browning <= self::GOLDEN_INDEX ? $browning : self::GOLDEN_INDEX + self::PAST_GOLDEN * log($browning);
    }

    /** @return list<array{self, float|null}> each word and up to which index it holds */
    public static function scale(): array
    {
        return array_map(static fn (self $one): array => [$one, self::UP_TO_INDEX[$one->value] ?? null], self::cases());
    }

    /** The browning that an index stands for: the inverse of `index`. */
    public static function browning(float $index): float
    {
        return $index <= self::GOLDEN_INDEX ? $index : exp(($index - self::GOLDEN_INDEX) / self::PAST_GOLDEN);
    }

    public static function of(float $brownIndex): self
    {
        foreach (self::UP_TO_INDEX as $word => $to) {
            if ($brownIndex < $to) {
                return self::from($word);
            }
        }

        return self::Burnt;
    }
}
