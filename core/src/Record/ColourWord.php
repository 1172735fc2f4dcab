<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Oven\ColourWish;

/** The colour of top and rim against what was wanted. */
enum ColourWord: string
{
    case Pale = 'pale';
    case Golden = 'golden';
    case Dark = 'dark';

    /** @param  float  $topIndex  1 is golden */
    public static function of(float $topIndex, ColourWish $wish): self
    {
        [$from, $to] = $wish->limits();

        return $topIndex < $from ? self::Pale : ($topIndex > $to ? self::Dark : self::Golden);
    }
}
