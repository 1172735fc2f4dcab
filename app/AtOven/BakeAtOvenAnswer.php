<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Forecast\SectionAnswer;
use App\Wording\Words;
use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;

/** A pie at the oven: all that does not change while it bakes. */
#[Schema('BakeAtOven')]
final readonly class BakeAtOvenAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string|null  $pie  uuid
     * @param  string  $oven  its name; empty where none is chosen
     * @param  int|null  $plannedAt  when it is to go in, ms since 1970
     * @param  string  $nextTime  what the last bake of this pie left to be thought of; empty where nothing
     * @param  list<LegAnswer>  $legs
     * @param  float|null  $setsAtCelsius  null where nothing has to set
     * @param  float|null  $overCelsius  from which it weeps
     * @param  bool  $asksProbe  raw meat or fish is in it: the core is to be measured
     * @param  float|null  $safeMinute  by the forecast; null where it is never safe
     * @param  list<BandAnswer>  $band  at each minute
     * @param  list<float>  $trembleMm  how wide the middle trembles at each minute
     * @param  float  $readyTrembleMm  when it may come out
     */
    private function __construct(
        public string $id,
        public ?string $pie,
        public string $name,
        public int $count,
        public string $oven,
        public ?int $plannedAt,
        public string $nextTime,
        public SectionAnswer $section,
        public array $legs,
        public ?float $setsAtCelsius,
        public ?float $overCelsius,
        public float $safeCelsius,
        public bool $asksProbe,
        public ?float $safeMinute,
        public array $band,
        public array $trembleMm,
        public float $readyTrembleMm,
    ) {
    }

    public static function of(StoredBake $bake, string $nextTime, Words $words): self
    {
        $pie = $bake->pie();
        $foretold = $bake->foretold();
        $possible = $bake->possibleBakes();

        return new self(
            $bake->id, $bake->pie_id, $bake->name, $bake->count, $bake->oven, $bake->planned_at === null ? null : (int) $bake->planned_at->getTimestampMs(), $nextTime,
            SectionAnswer::of(Section::of(Weights::of($pie)), $words), array_map(static fn (Leg $leg): LegAnswer => LegAnswer::of($leg, $words), $bake->legsOf()),
            $foretold->setsAtCelsius, $foretold->overCelsius, $foretold->safeCelsius,
            self::asksProbe($pie),
            $foretold->safeMinute, self::band($possible), array_map(static fn (int $minute): float => round($possible->trembleMm($minute)), range(0, $possible->followedMinutes())), round($possible->readyTrembleMm()),
        );
    }

    /** @return list<BandAnswer> */
    private static function band(PossibleBakes $possible): array
    {
        return array_map(static fn (int $minute): BandAnswer => new BandAnswer(array_map(static fn (float $celsius): float => round($celsius, 1), $possible->band($minute))), range(0, $possible->followedMinutes()));
    }

    /** Raw flesh gives no sign: its core is measured. */
    public static function asksProbe(Pie $pie): bool
    {
        return Weights::of($pie)->hasRawFlesh();
    }
}
