<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\MayBeMissing;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Label\SoldAs;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;

#[Schema('LabelWish')]
final readonly class LabelWish implements Judged
{
    private const UUID = '^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$';

    /**
     * @param  string  $madeOn  date on which it was baked, or made: 2026-11-27
     * @param  string|null  $bake  uuid of the bake that it is for; null where it is none of the book
     * @param  bool  $cooledInPortions  cut, or on a rack and shallow, so that it was cold in time
     */
    public function __construct(public Pie $design, public SoldAs $soldAs, #[Text(10, 10, '^\d{4}-\d{2}-\d{2}$')] public string $madeOn, #[MayBeMissing, Text(36, 36, self::UUID)] public ?string $bake = null, #[MayBeMissing] public bool $cooledInPortions = false)
    {
    }

    public function refusals(): array
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->madeOn));

        return checkdate($month, $day, $year) ? [] : [new Refusal('no-such-date', '/madeOn')];
    }
}
