<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('TriedPie')]
final readonly class TrialPieAnswer
{
    /**
     * @param  string  $letter  that the tasters are told: A, B, C, D
     * @param  string|null  $bake  uuid
     * @param  float  $meanPlace  1 is best
     * @param  int  $firsts  how many put it first
     */
    public function __construct(public string $letter, public string $name, public ?string $bake, public float $meanPlace, public int $firsts)
    {
    }
}
