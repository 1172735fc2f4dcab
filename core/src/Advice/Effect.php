<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;

/** What a change of the design does to one reading. */
final readonly class Effect
{
    public ReadingName $name;

    public function __construct(public Reading $before, public Reading $after)
    {
        $this->name = $before->name;
    }

    /**
     * @param  list<Reading>  $before
     * @param  list<Reading>  $after
     * @return list<self> of the readings that apply both before and after
     */
    public static function between(array $before, array $after): array
    {
        $effects = [];
        foreach ($before as $reading) {
            $other = Readings::named($after, $reading->name);
            if ($other !== null) {
                $effects[] = new self($reading, $other);
            }
        }

        return $effects;
    }
}
