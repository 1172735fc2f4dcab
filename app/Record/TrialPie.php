<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Document\Text;

/** One of the pies of a trial. */
#[Schema('TrialPie')]
final readonly class TrialPie
{
    /**
     * @param  string  $name  what is tried in it: "lard and butter"
     * @param  string|null  $bake  uuid, where it is in the book
     */
    public function __construct(#[Text(1, 60)] public string $name, #[Text(36, 36, BatchLine::UUID)] public ?string $bake)
    {
    }
}
