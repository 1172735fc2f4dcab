<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;
use App\Forecast\SectionAnswer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;

/** What a kind of pie commonly begins as. */
#[Schema('Beginning')]
final readonly class BeginningAnswer
{
    /**
     * @param  string  $name  as it is shown
     * @param  string  $sign  what tells it from the others
     * @param  string  $sets  tin, dough, stages, as they are read out
     * @param  SectionAnswer  $section  with something common in it
     */
    public function __construct(public PieKind $kind, public string $name, public string $sign, public string $sets, public Pie $design, public SectionAnswer $section)
    {
    }
}
