<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;
use App\Forecast\SectionAnswer;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tin\FoldedPieces;

/** A pie as the list shows it: its section, and the word of each reading. */
#[Schema('PieSummary')]
final readonly class PieSummary
{
    /**
     * @param  string  $id  uuid
     * @param  int|null  $pieces  of folded pies, as many as the design makes; null where it is one tin
     * @param  list<PieVerdict>|null  $verdicts  null while they are worked out
     */
    private function __construct(
        public string $id,
        public string $name,
        public bool $archived,
        public RevisionAnswer $revision,
        public string $tinLabel,
        public int $portions,
        public ?int $pieces,
        public SectionAnswer $section,
        public ?array $verdicts,
    ) {
    }

    public static function of(StoredPie $stored, PieRevision $revision, Words $words): self
    {
        $pie = $revision->pie();
        $verdicts = $stored->verdictsOf($revision->number);

        return new self(
            $stored->id, $stored->name, $stored->archived_at !== null, RevisionAnswer::of($revision), $words->say(TinWords::label($pie->tin)), $pie->portions, $pie->tin instanceof FoldedPieces ? $pie->tin->pieces : null,
            SectionAnswer::of(Section::of(Weights::of($pie)), $words),
            $verdicts === null ? null : array_map(static fn (array $one): PieVerdict => PieVerdict::of($one, $words), $verdicts),
        );
    }
}
