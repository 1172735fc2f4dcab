<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\BandAnswer;
use App\AtOven\TracePointAnswer;
use App\Contract\Schema;
use App\Prep\KitchenLeftover;
use App\Prep\LeftoverAnswer;
use App\Wording\Words;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Record\DoneBake;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Statement\Statement;

/** One bake of the book, whole. */
#[Schema('BakeRecord')]
final readonly class BakeAnswer
{
    private const MOST_POINTS = 240;

    /**
     * @param  int|null  $inAt  ms since 1970
     * @param  list<WeightRow>  $weights
     * @param  float|null  $shellDesignedMinutes  null where the shell is not baked by itself
     * @param  float|null  $restMinutes  until it was cut
     * @param  float|null  $ovenReadsCelsius  measured at the gate
     * @param  list<FaultName>  $faults
     * @param  string  $words  in the cook's own words
     * @param  string|null  $judgedAt  date and time, ISO 8601
     * @param  list<TracePointAnswer>  $trace
     * @param  list<BandAnswer>  $band  at each minute
     * @param  float|null  $behindMinutes  that the probe ran behind the forecast
     * @param  string  $hotEnough  whether its middle was, by probe and judgement, in words
     * @param  bool  $isDoubtful  it was not; then it is neither sold nor put away as it is
     * @param  list<PhotoAnswer>  $photos
     * @param  list<LeftoverAnswer>  $kept  what of it lies in the fridge or frozen
     */
    private function __construct(
        public BakeRow $bake,
        public Pie $design,
        public ?int $inAt,
        public array $weights,
        public ?float $shellDesignedMinutes,
        public ?float $shellDoneMinutes,
        public ?float $restMinutes,
        public ?float $ovenReadsCelsius,
        public array $faults,
        public string $words,
        public ?string $judgedBy,
        public ?string $judgedAt,
        public array $trace,
        public array $band,
        public ?float $behindMinutes,
        public string $hotEnough,
        public bool $isDoubtful,
        public array $photos,
        public array $kept,
    ) {
    }

    public static function of(RecordedBake $recorded, Words $words): self
    {
        $stored = $recorded->stored;
        $done = $recorded->doneBake();
        $possible = $stored->possibleBakes();
        $shell = $recorded->legs[0]->leg->name->value === 'shell' ? $recorded->legs[0] : null;
        $faults = array_map(FaultName::from(...), $stored->faults);
        $hot = $recorded->hotEnough();
        $most = $recorded->trace->isEmpty() ? 0.0 : max([0.0, ...$recorded->trace->celsius]);
        $reads = $done->ovenCelsius === null ? null : $done->ovenCelsius + $recorded->designed->bake->first()->ovenCelsius;

        return new self(
            BakeRow::of($stored, BakeRow::section($stored, $words), $words), $recorded->designed, $stored->in_at === null ? null : (int) $stored->in_at->getTimestampMs(), self::weights($recorded, $done),
            $shell === null ? null : array_sum(array_map(static fn ($stage): float => $stage->minutes, $recorded->designed->crust->shell)), $shell?->outMinute() === null ? null : round($shell->outMinute(), 1),
            $done->restMinutes === null ? null : round($done->restMinutes, 1), $reads, $faults, $stored->words, $stored->judged_by, $stored->judged_at?->toIso8601String(),
            self::points($recorded->trace), array_map(static fn (int $minute): BandAnswer => new BandAnswer(array_map(static fn (float $celsius): float => round($celsius, 1), $possible->band($minute))), range(0, $possible->followedMinutes())),
            $done->behindMinutes === null ? null : round($done->behindMinutes, 1),
            $words->say(new Statement("hot-enough.$hot->value", ['mostCelsius' => $most, 'safeCelsius' => $stored->foretold()->safeCelsius, 'highMinutes' => $stored->foretold()->safeHighMinute ?? 0.0])), $hot->isDoubtful(), array_map(PhotoAnswer::of(...), BakePhoto::of($stored)),
            array_map(static fn (KitchenLeftover $one): LeftoverAnswer => LeftoverAnswer::of($one, $words), KitchenLeftover::ofBake($stored->kitchen_id, $stored->id)),
        );
    }

    /** @return list<WeightRow> */
    private static function weights(RecordedBake $recorded, DoneBake $done): array
    {
        $by = array_column($recorded->stored->weighed ?? [], 'grams', 'layer');

        return array_values(array_map(static fn (Layer $layer): WeightRow => new WeightRow($layer->id(), self::name($layer), round(DoneBake::grams($done->designed, $layer->id()), 1), $by[$layer->id()] ?? null), $recorded->designed->layers));
    }

    private static function name(Layer $layer): string
    {
        return $layer instanceof CustardLayer ? 'Custard' : explode(',', $layer->ingredients()[0]->food->name ?? '')[0];
    }

    /** @return list<TracePointAnswer> */
    private static function points(Trace $trace): array
    {
        $all = count($trace->minutes);
        $every = max(1, (int) ceil($all / self::MOST_POINTS));
        $kept = array_filter(array_keys($trace->minutes), static fn (int $i): bool => $i % $every === 0 || $i === $all - 1);

        return array_values(array_map(static fn (int $i): TracePointAnswer => new TracePointAnswer(round($trace->minutes[$i], 2), round($trace->celsius[$i], 1)), $kept));
    }
}
