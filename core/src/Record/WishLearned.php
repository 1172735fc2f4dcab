<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Compared;

/**
 * What a cook likes, from what was called too little, right or too much: the middle of what is right, on a net of values, with what is
 * common. Salt in per cent of the filling, colour in brownness where 1 is golden. 8 in 10 lie between low and high.
 */
final readonly class WishLearned
{
    /** Of the net of values (numerics). */
    private const STEPS = 60;

    /** A word is wrong now and then (judgement). */
    private const SLIP = 0.03;

    private function __construct(public float $value, public float $low, public float $high, public int $bakes)
    {
    }

    /** @param  list<array{float, SaltWord}>  $bakes  salt of the filling, %, and the word for it */
    public static function salt(array $bakes): self
    {
        return self::of(array_map(static fn (array $one): array => [$one[0], match ($one[1]) {
            SaltWord::Bland => -1,
            SaltWord::Enough => 0,
            SaltWord::Salty => 1,
        }], $bakes), 1.15, 0.3, 0.3, 0.12);
    }

    /** @param  list<array{float, ColourWord}>  $bakes  brownness and the word for it */
    public static function colour(array $bakes): self
    {
        return self::of(array_map(static fn (array $one): array => [$one[0], match ($one[1]) {
            ColourWord::Pale => -1,
            ColourWord::Golden => 0,
            ColourWord::Dark => 1,
        }], $bakes), 1.15, 0.45, 0.5, 0.25);
    }

    /**
     * @param  list<array{float, int}>  $told  value, and -1 too little, 0 right, 1 too much
     * @param  float  $usual  and how far cooks differ from it, one standard deviation (judgement)
     * @param  float  $halfWidth  of what is still right, and how unsure a tongue or an eye is (judgement)
     */
    private static function of(array $told, float $usual, float $differ, float $halfWidth, float $unsure): self
    {
        $values = $log = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $value = $usual + $differ * (6 * $i / self::STEPS - 3);
            $sum = -(($value - $usual) / $differ) ** 2 / 2;
            foreach ($told as [$had, $way]) {
                $little = Compared::normal(($value - $halfWidth - $had) / $unsure);
                $much = Compared::normal(($had - $value - $halfWidth) / $unsure);
                $sum += log(self::SLIP + (1 - self::SLIP) * ($way < 0 ? $little : ($way > 0 ? $much : max(0.0, 1 - $little - $much))));
            }
            [$values[], $log[]] = [$value, $sum];
        }
        $most = max($log);
        $weights = array_map(static fn (float $one): float => exp($one - $most), $log);
        $all = array_sum($weights);
        $mean = array_sum(array_map(static fn (float $value, float $weight): float => $value * $weight, $values, $weights)) / $all;
        $at = static function (float $share) use ($values, $weights, $all): float {
            $sum = 0.0;
            foreach ($weights as $i => $weight) {
                $sum += $weight / $all;
                if ($sum >= $share) {
                    return $values[$i];
                }
            }

            return $values[count($values) - 1];
        };

        return new self($mean, $at(0.1), $at(0.9), count($told));
    }
}
