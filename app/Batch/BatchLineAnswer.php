<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Schema;
use App\Forecast\SectionAnswer;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;

/** One pie of a batch as the screen shows it. */
#[Schema('BatchLineShown')]
final readonly class BatchLineAnswer
{
    /**
     * @param  string  $pie  its uuid
     * @param  string  $doughFood  id of its dough
     * @param  bool  $isFolded  counted in pieces and not in tins
     */
    private function __construct(
        public string $pie,
        public string $name,
        public string $tinLabel,
        public bool $isFolded,
        public float $portions,
        public string $dough,
        public string $doughFood,
        public SectionAnswer $section,
    ) {
    }

    public static function of(PieOfBatch $one, Words $words): self
    {
        return new self(
            $one->line->pie, $one->pie->name, $words->say(TinWords::label($one->pie->tin)), $one->folded() !== null, round($one->portions(), 1), $one->pie->crust->dough->name, $one->pie->crust->dough->id,
            SectionAnswer::of(Section::of(Weights::of($one->pie)), $words),
        );
    }
}
