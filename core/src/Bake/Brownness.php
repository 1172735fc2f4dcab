<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The word for how brown pastry or a top is, on the scale where 1 is golden (words of the trade, figures fitted). */
final readonly class Brownness
{
    private const WORDS = ['pale' => 0.3, 'straw' => 0.6, 'light gold' => 0.85, 'golden' => 1.5, 'dark' => 3.0];

    public static function word(float $brown): string
    {
        foreach (self::WORDS as $word => $to) {
            if ($brown < $to) {
                return $word;
            }
        }

        return 'burnt';
    }
}
