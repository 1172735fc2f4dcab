<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** What a cook saw at the oven door, beside the picture of how wide the middle trembles. */
final readonly class Seen
{
    /**
     * @param  float  $minute  since it went in
     * @param  float  $pictureMm  how wide the picture trembles
     */
    public function __construct(public float $minute, public float $pictureMm, public Compared $compared)
    {
    }
}
