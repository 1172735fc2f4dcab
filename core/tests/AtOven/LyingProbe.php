<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\AtOven\ProbeCheck;
use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Safety\Lethality;

/** A probe in a bake that only the test knows, honest or lying in one of twelve ways; read every ten seconds. */
final readonly class LyingProbe
{
    public const WAYS = [
        'from-another-pie', 'loose-contact', 'falls-into-the-air', 'falls-onto-the-tin', 'rubbish', 'dated-before', 'dated-ahead', 'stands-still', 'fahrenheit', 'into-a-hotter-pie', 'silent-then-air', 'bursts',
    ];

    private const EACH_MINUTES = 1 / 6;

    private const OVEN_CELSIUS = 185.0;

    /** @return list<array{float, float}> minute and °C */
    public static function readings(PossibleBake $true, string $way, float $untilMinute, Normal $draw): array
    {
        $off = max(-1.0, min(1.0, $draw->next()));
        $when = (0.35 + 0.4 * self::share($draw)) * $untilMinute;
        $readings = [];
        for ($minute = 0.0; $minute <= $untilMinute; $minute += self::EACH_MINUTES) {
            $honest = $true->celsiusAt($minute) + $off + 0.3 * $draw->next();
            $since = $minute - $when;
            $readings[] = [$minute, match (true) {
                // it takes its time to get from 80 to what is there
                $way === 'from-another-pie' => $honest + (80 - $true->celsiusAt(0)) * exp(-$minute / 0.6),
                $way === 'loose-contact' && fmod($minute, 7) < 0.17 => 100.0,
                $way === 'falls-into-the-air' && $since > 0 => self::OVEN_CELSIUS - (self::OVEN_CELSIUS - $true->celsiusAt($when)) * exp(-$since / 1.5),
                $way === 'falls-onto-the-tin' && $since > 0 => 105 - (105 - $true->celsiusAt($when)) * exp(-$since / 2.5),
                $way === 'rubbish' => 130 * self::share($draw),
                $way === 'stands-still' && $since > 0 => $true->celsiusAt($when),
                $way === 'fahrenheit' => 32 + 1.8 * $honest,
                $way === 'into-a-hotter-pie' && $since > 0 => 82 + 0.2 * $draw->next() - (82 - $true->celsiusAt($when)) * exp(-$since / 0.4),
                $way === 'silent-then-air' && $since > 8 => self::OVEN_CELSIUS,
                $way === 'bursts' && fmod($minute, 5) < 0.5 => $honest + 15 * $draw->next(),
                default => $honest,
            }];
        }

        return match ($way) {
            'dated-before' => [...array_map(static fn (int $n): array => [-30.0 + $n / 6, 85.0], range(0, 60)), ...$readings],
            'dated-ahead' => [...$readings, ...array_map(static fn (int $n): array => [$untilMinute + 30 + $n / 6, 90.0], range(0, 30))],
            'silent-then-air' => array_values(array_filter($readings, static fn (array $one): bool => $one[0] < $when || $one[0] > $when + 8)),
            default => $readings,
        };
    }

    /** The first minute at which it is called safe by the probe, looked at every minute as the bake goes on; INF where it never is. */
    public static function calledSafe(PossibleBakes $possible, PossibleBake $true, string $way, float $safeCelsius, Normal $draw): float
    {
        $last = count($true->celsius) - 1.0;
        $all = self::readings($true, $way, $last, $draw);
        for ($now = 1.0; $now <= $last; $now++) {
            $known = array_values(array_filter($all, static fn (array $one): bool => $one[0] <= $now || $way === 'dated-ahead' && $one[0] > $last));
            if (Safety::of(ProbeCheck::sift($known, $possible, $now, null), $safeCelsius, INF, $now)->state === SafetyState::Measured) {
                return $now;
            }
        }

        return INF;
    }

    /** When its middle really is: hot, or held for long enough. */
    public static function isSafe(PossibleBake $true, float $safeCelsius): float
    {
        $lethal = 0.0;
        foreach ($true->celsius as $minute => $celsius) {
            $lethal += Lethality::minutesWorth($celsius);
            if ($celsius >= $safeCelsius || $lethal >= Lethality::REFERENCE_MINUTES) {
                return (float) $minute;
            }
        }

        return INF;
    }

    private static function share(Normal $draw): float
    {
        return 0.5 + 0.5 * tanh(0.8 * $draw->next());
    }
}
