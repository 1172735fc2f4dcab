<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Label\SoldAs;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;

#[Schema('LabelWish')]
final readonly class LabelWish implements Judged
{
    /** @param  string  $madeOn  date on which it was baked, or made: 2026-11-27 */
    public function __construct(public Pie $design, public SoldAs $soldAs, #[Text(10, 10, '^\d{4}-\d{2}-\d{2}$')] public string $madeOn)
    {
    }

    public function refusals(): array
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->madeOn));

        return checkdate($month, $day, $year) ? [] : [new Refusal('no-such-date', '/madeOn')];
    }
}
