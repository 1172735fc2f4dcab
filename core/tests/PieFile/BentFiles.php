<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\PieFile;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\RandomPie;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pie files bent and broken by chance: each must be refused with a mend, or taken and forecast. */
final class BentFiles
{
    /** @return array{taken: int, refused: int} */
    public static function run(int $count, int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $files = array_map(PieFile::write(...), RandomPie::many(40, $seed));
        $seen = ['taken' => 0, 'refused' => 0];
        for ($i = 0; $i < $count; $i++) {
            $bytes = self::bent($files[$dice->getInt(0, count($files) - 1)], $dice);
            try {
                json_encode(Forecast::of(PieFile::read($bytes))->readings, JSON_THROW_ON_ERROR);
                $seen['taken']++;
            } catch (Refused) {
                $seen['refused']++;
            }
        }

        return $seen;
    }

    private static function bent(string $bytes, Randomizer $dice): string
    {
        for ($times = $dice->getInt(1, 2); $times > 0; $times--) {
            $at = $dice->getInt(0, max(0, strlen($bytes) - 1));
            $bytes = match ($dice->getInt(0, 11)) {
                0 => substr($bytes, 0, $at),
                1 => substr($bytes, 0, $at).$dice->getBytes(1).substr($bytes, $at + 1),
                2 => substr($bytes, 0, $at).substr($bytes, $at + $dice->getInt(1, 40)),
                3 => (string) preg_replace_callback('/\d+(\.\d+)?/', static fn (array $m): string => $dice->getInt(0, 30) === 0 ? self::number($dice) : $m[0], $bytes),
                4 => (string) preg_replace('/"[a-z-]+"/', '"leeks"', $bytes, $dice->getInt(1, 3)),
                5, 6, 7, 8, 9, 10 => self::nudged($bytes, $dice),
                default => (string) preg_replace('/(null|\[\]|\{\})/', ['null', '[]', '{}', '0', '""'][$dice->getInt(0, 4)], $bytes, $dice->getInt(1, 4)),
            };
        }

        return $bytes;
    }

    /** One number a little more or less: mostly still a pie. */
    private static function nudged(string $bytes, Randomizer $dice): string
    {
        $which = $dice->getInt(0, 200);
        $factor = $dice->getInt(80, 120) / 100;

        return (string) preg_replace_callback('/(?<=: )\d+(\.\d+)?/', static function (array $m) use (&$which, $factor): string {
            return $which-- === 0 ? (string) json_encode((float) $m[0] * $factor) : $m[0];
        }, $bytes);
    }

    private static function number(Randomizer $dice): string
    {
        return ['0', '-1', '1e9', '1e-9', '0.5', '99', '1e400', '000', '-0', '149.9'][$dice->getInt(0, 9)];
    }
}
