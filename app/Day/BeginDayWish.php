<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

#[Schema('BeginDay')]
final readonly class BeginDayWish
{
    /**
     * @param  string|null  $batch  uuid of a batch, all of whose pies are wanted
     * @param  string|null  $pie  uuid of one pie that is wanted
     * @param  int  $count  of that pie
     * @param  int  $atMinute  when they are wanted, minutes from midnight
     * @param  string  $date  year, month and day
     */
    public function __construct(
        #[Text(36, 36, BatchLine::UUID)] public ?string $batch,
        #[Text(36, 36, BatchLine::UUID)] public ?string $pie,
        #[Whole(1, BatchLine::MOST_PIECES)] public int $count,
        #[Whole(0, 1439)] public int $atMinute,
        #[Text(10, 10, '^[0-9]{4}-[0-9]{2}-[0-9]{2}$')] public string $date,
    ) {
    }
}
