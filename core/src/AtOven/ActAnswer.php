<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Statement\Statement;

/** What may be seen at an act, and what follows. */
final readonly class ActAnswer
{
    /**
     * @param  string  $code  of what is seen
     * @param  float|null  $againMinutes  the same act comes again so much later, and all after it; null where it is done
     * @param  float  $movesOutMinutes  how much later it comes out
     * @param  bool  $takesOut  it comes out now
     */
    public function __construct(
        public string $code,
        public Statement $title,
        public Statement $says,
        public ?float $againMinutes = null,
        public float $movesOutMinutes = 0.0,
        public bool $takesOut = false,
    ) {
    }
}
