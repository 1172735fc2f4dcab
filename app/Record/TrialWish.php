<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;

#[Schema('TrialWish')]
final readonly class TrialWish
{
    /**
     * @param  string  $name  what is asked: "Which dough for the pasties"
     * @param  list<TrialPie>  $pies
     */
    public function __construct(#[Text(1, 120)] public string $name, #[ListOf(TrialPie::class, 4, 2)] public array $pies)
    {
    }
}
