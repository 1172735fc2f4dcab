<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogKind;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

#[Schema('OvenEventWish')]
final readonly class EventWish
{
    private const UUID = '^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$';

    /**
     * @param  string  $id  uuid given by the device: what is sent twice is stored once
     * @param  string  $what  the act, the item of the gate, the event that is undone
     * @param  string  $answer  what was seen
     * @param  float|null  $value  minutes later; how wide the picture trembled, mm
     * @param  int  $at  ms since 1970, by the clock of the device
     */
    public function __construct(
        #[Text(36, 36, self::UUID)] public string $id,
        public LogKind $kind,
        public LegName $leg,
        #[Text(0, 40)] public string $what,
        #[Text(0, 30)] public string $answer,
        #[Number(-600, 2000, 'min or mm')] public ?float $value,
        #[Whole(946_684_800_000, 4_102_444_800_000)] public int $at,
    ) {
    }
}
