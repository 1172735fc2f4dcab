<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tin\FoldedPieces;

#[Schema('DayPie')]
final readonly class DayPieAnswer
{
    /**
     * @param  string  $pie  its uuid
     * @param  bool  $isFolded  counted in pieces and not in tins
     */
    private function __construct(public string $pie, public string $name, public bool $isFolded)
    {
    }

    public static function of(string $id, Pie $pie): self
    {
        return new self($id, $pie->name, $pie->tin instanceof FoldedPieces);
    }
}
