<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\NotSimulated;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Safety\Lethality;
use Hojaldre\Core\Safety\WarmingLimits;
use Hojaldre\Core\Statement\Statement;

/** Why a pie is called safe, or not. Minutes are told as they stand beside them: rounded outwards, to the digit. */
final readonly class SafeReasons
{
    /** @return list<Statement> */
    public static function of(Weights $weights, SimulatedBake $bake, Verdict $verdict): array
    {
        return [...self::verdict($weights, $bake, $verdict), ...self::countsAsRaw($weights)];
    }

    /** @return list<Statement> */
    private static function verdict(Weights $weights, SimulatedBake $bake, Verdict $verdict): array
    {
        [$value, $high] = [$bake->minute(BakeEvent::Safe), $bake->safeByMinute()];
        $wanted = $bake->input->safeCelsius;
        if ($verdict === Verdict::NotSimulated) {
            return array_map(static fn (NotSimulated $one): Statement => new Statement("safe.not-simulated-$one->value", ['ovenCelsius' => NotSimulated::LEAST_OVEN_CELSIUS, 'safeCelsius' => $wanted]), NotSimulated::of($weights, $high));
        }
        if ($verdict === Verdict::WarmsTooSlowly) {
            return [new Statement('safe.warms-too-slowly', ['limitMinutes' => WarmingLimits::minutes($bake->input->isReheated)])];
        }
        if (! is_finite($value)) {
            return [new Statement('safe.never', ['safeCelsius' => $wanted])];
        }
        $out = $weights->pie->bake->minutes();

        return [
            new Statement('safe.when', ['safeCelsius' => $wanted, 'safeMinutes' => $value, 'heldMinutes' => Lethality::REFERENCE_MINUTES, 'heldCelsius' => Lethality::REFERENCE_CELSIUS]),
            ...($bake->input->hasRawRoots && is_finite($bake->minute(BakeEvent::Tender)) ? [new Statement('safe.tender', ['tenderMinutes' => $bake->minute(BakeEvent::Tender)])] : []),
            self::against($verdict, $out, $high),
        ];
    }

    /** To spare, or short, against the late end of the range as it is told: 37.4 is told as 38. */
    private static function against(Verdict $verdict, float $out, float $high): Statement
    {
        return match ($verdict) {
            Verdict::Safe => new Statement('safe.to-spare', ['outMinutes' => $out, 'spareMinutes' => max(0.0, floor($out) - $high)]),
            Verdict::SafeWhenSet => new Statement('safe.when-set'),
            Verdict::LikelySafe => new Statement('safe.likely', ['outMinutes' => $out, 'spareMinutes' => max(1.0, $high - floor($out))]),
            default => new Statement('safe.too-early', ['outMinutes' => $out, 'highMinutes' => $high, 'spareMinutes' => max(1.0, $high - floor($out))]),
        };
    }

    /** @return list<Statement> flesh that something was done to which does not say that it was cooked */
    private static function countsAsRaw(Weights $weights): array
    {
        $said = [];
        foreach ($weights->pie->solids() as $layer) {
            if ($layer->isRaw() && $layer->steps !== []) {
                $said[] = new Statement('safe.counts-as-raw', ['food' => $layer->food->name, 'words' => self::words($layer)]);
            }
        }

        return $said;
    }

    private static function words(SolidLayer $layer): string
    {
        return implode(', ', array_filter(array_map(static fn ($step): string => trim($step->preparation), $layer->steps), static fn (string $one): bool => $one !== ''));
    }
}
