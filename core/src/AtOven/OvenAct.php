<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Statement\Statement;

/** One act at the oven, and what is looked for then. */
final readonly class OvenAct
{
    /**
     * @param  string  $id  alone in its leg
     * @param  float  $minute  since the leg went in; of what comes after it is out, since then
     * @param  list<Statement>  $says  why, and with what care
     * @param  list<ActAnswer>  $answers  to what is seen; none where it is done and that is all
     */
    public function __construct(
        public string $id,
        public ActName $name,
        public float $minute,
        public bool $isAfterOut,
        public Statement $title,
        public array $says,
        public array $answers = [],
        public ?CueName $cue = null,
    ) {
    }
}
