<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

#[Schema('SaveDay')]
final readonly class DayToSave
{
    /**
     * @param  int  $basedOn  number of the revision that was changed; 0 for a new day
     * @param  string|null  $batch  uuid of the batch that it bakes; null for none
     * @param  list<Pin>  $told  when each task of its plan begins, as people are told
     */
    public function __construct(#[Whole(0, 1000000)] public int $basedOn, #[Text(36, 36, BatchLine::UUID)] public ?string $batch, public Day $day, #[ListOf(Pin::class, 3000)] public array $told)
    {
    }
}
