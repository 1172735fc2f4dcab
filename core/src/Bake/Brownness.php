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

    /** At these the events of the same name are there (fitted). */
    public const LIGHT_GOLD_INDEX = 0.7;

    public const GOLDEN_INDEX = 1.0;

    public const DARK_INDEX = 2.0;

    /** Up to where each word holds (fitted). */
    private const UP_TO_INDEX = ['pale' => 0.3, 'straw' => 0.6, 'light-gold' => 0.85, 'golden' => 1.5, 'dark' => 3.0];

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
