<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Schema;
use App\Forecast\SectionAnswer;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Record\ColourWord;
use Hojaldre\Core\Record\Foretold;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\SliceWord;

/** A bake as the book lists it. */
#[Schema('BakeRow')]
final readonly class BakeRow
{
    /**
     * @param  string  $id  uuid
     * @param  string|null  $pie  uuid
     * @param  int|null  $outAt  when it came out, ms since 1970; null while it is not out
     * @param  float  $topIndex  how brown it was to be, 1 is golden
     * @param  float  $designedMinutes  in the oven
     * @param  float  $lowMinutes  of what was foretold, 8 in 10
     * @param  float|null  $doneMinutes  null while it is not out
     * @param  BaseVerdict|null  $underside  as judged
     * @param  list<string>  $wrong  of "underside", "slice", "colour", "salt": what came out other than well
     * @param  list<string>  $faults  in words
     */
    private function __construct(
        public string $id,
        public ?string $pie,
        public string $name,
        public string $oven,
        public int $count,
        public ?int $outAt,
        public SectionAnswer $section,
        public float $topIndex,
        public float $designedMinutes,
        public float $lowMinutes,
        public float $highMinutes,
        public ?float $doneMinutes,
        public ?BaseVerdict $underside,
        public ?SliceWord $slice,
        public ?ColourWord $colour,
        public ?SaltWord $salt,
        public array $wrong,
        public array $faults,
        public string $nextTime,
        public Foretold $foretold,
    ) {
    }

    public static function section(StoredBake $bake, Words $words): SectionAnswer
    {
        return SectionAnswer::of(Section::of(Weights::of($bake->pie())), $words);
    }

    public static function of(StoredBake $bake, SectionAnswer $section, Words $words): self
    {
        $foretold = $bake->foretold();

        return new self(
            $bake->id, $bake->pie_id, $bake->name, $bake->oven, $bake->count, $bake->out_at === null ? null : (int) $bake->out_at->getTimestampMs(), $section,
            $foretold->topIndex, $bake->designed_minutes, $bake->low_minutes, $bake->high_minutes,
            $bake->out_at === null || $bake->in_at === null ? null : round($bake->in_at->diffInSeconds($bake->out_at, true) / 60, 1),
            $bake->underside === null ? null : BaseVerdict::from($bake->underside), $bake->slice === null ? null : SliceWord::from($bake->slice), $bake->colour === null ? null : ColourWord::from($bake->colour), $bake->salt === null ? null : SaltWord::from($bake->salt),
            self::wrong($bake), array_map(static fn (string $fault): string => $words->word('fault', $fault), $bake->faults), $bake->next_time, $foretold,
        );
    }

    /** @return list<string> */
    private static function wrong(StoredBake $bake): array
    {
        return array_values(array_filter(array_keys(Book::TROUBLES), static fn (string $tap): bool => in_array($bake->getAttribute($tap), Book::TROUBLES[$tap], true)));
    }
}
