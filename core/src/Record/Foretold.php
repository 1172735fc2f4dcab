<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Document\MayBeMissing;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\SafeWhenSet;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Pastry\BaseVerdict;

/** What the forecast said of a bake before it went in; kept with the bake, so that it can be held against what came out. */
final readonly class Foretold
{
    /**
     * @param  BaseVerdict|null  $underside  null where there is no base
     * @param  float|null  $setsAtCelsius  null where nothing has to set
     * @param  float|null  $overCelsius  from which it weeps
     * @param  float|null  $safeMinute  null where it never is
     * @param  bool  $safeWhenSet  a custard that is safe when it is taken out by its sign
     * @param  float|null  $hotMinute  on the rack below 57 °C, min since it came out
     */
    public function __construct(
        public ?BaseVerdict $underside,
        public SliceWord $slice,
        public ColourWord $colour,
        public SaltWord $salt,
        #[Number(0, 2000, 'min')] public float $minutes,
        #[Number(0, 10, 'g per g')] public ?float $baseRatio,
        #[Number(0, 20, '1 is golden')] public float $topIndex,
        #[Number(0, 30, '%')] public float $saltPercent,
        #[Number(0, 100, '°C')] public ?float $setsAtCelsius,
        #[Number(0, 120, '°C')] public ?float $overCelsius,
        #[Number(0, 100, '°C')] public float $safeCelsius,
        #[Number(0, 2000, 'min')] public ?float $safeMinute,
        #[Number(0, 2000, 'min')] public ?float $safeHighMinute,
        #[Number(0, 2000, 'min')] public ?float $goldenMinute,
        #[Number(0, 2000, 'min')] public ?float $hotMinute,
        #[Number(0, 2000, 'min')] public ?float $warmMinute,
        #[Number(0, 2000, 'min')] public ?float $coldMinute,
        #[MayBeMissing] public bool $safeWhenSet = false,
    ) {
    }

    /** In nine bakes of ten it is safe when it comes out then. */
    public function isSafeAt(float $minute): bool
    {
        return $this->safeHighMinute !== null && $minute >= $this->safeHighMinute - self::TO_THE_SECOND_MINUTES;
    }

    /** A press may come a little early (definition). */
    private const TO_THE_SECOND_MINUTES = 0.25;

    /** From so many K above set a custard is on its way to weep (docs/model.md#the-bake). */
    private const OVER_KELVINS = 9.0;

    /** Null while there is nothing to bake. */
    public static function of(Forecast $forecast): ?self
    {
        $bake = $forecast->bake;
        if ($bake === null) {
            return null;
        }
        $finite = static fn (float $value): ?float => is_finite($value) ? round($value, 2) : null;
        $result = $bake->result;
        $top = $bake->topIndex();
        // what is not simulated, or warms too slowly, is safe at no minute
        $never = in_array($forecast->reading(ReadingName::Safe)?->verdict, [Verdict::NotSimulated, Verdict::WarmsTooSlowly], true);
        $salt = $forecast->weights->isEmpty() ? 0.0 : $forecast->weights->salt()->percent();

        return new self(
            is_nan($bake->base()) ? null : BaseVerdict::of($bake->base(), $result->baseBakedShare),
            SliceWord::foretold($forecast->reading(ReadingName::Set)?->verdict), ColourWord::of($top, $forecast->pie->bake->colour), SaltWord::of($salt),
            $forecast->pie->bake->minutes(), is_nan($bake->base()) ? null : round($bake->base(), 4), round($top, 3), round($salt, 3),
            $bake->input->setsAtCelsius, $bake->input->setsAtCelsius === null ? null : $bake->input->setsAtCelsius + self::OVER_KELVINS, $bake->input->safeCelsius,
            $never ? null : $finite($bake->minute(BakeEvent::Safe)), $never ? null : $finite($bake->safeByMinute()), $finite($bake->minute(BakeEvent::Golden)),
            $result->cooling->hotMinutes, $result->cooling->warmMinutes, $result->cooling->coldMinutes, ! $never && SafeWhenSet::isOf($bake),
        );
    }
}
