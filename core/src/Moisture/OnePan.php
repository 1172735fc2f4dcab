<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** Several foods cooked in one pan and weighed together: what each of them has left of the one weight. */
final readonly class OnePan
{
    /** Weights nearer than this are the same, g (numerics). */
    private const SAME_GRAMS = 1e-6;

    /**
     * Each food has its share of what the pan has lost: as much as it commonly loses against the others (leeks lose half, bacon a
     * third), but never more than the water and fat it has. What one cannot lose the others lost.
     *
     * @param  non-empty-list<float>  $beforeGrams  before the pan
     * @param  non-empty-list<float>  $commonlyLostGrams  of each when cooked alone
     * @param  non-empty-list<float>  $losableGrams  water and fat of each
     * @param  float  $nowGrams  all of them, now; between what is left when all that can go is gone and all there was
     * @return non-empty-list<float> grams of each, now; their sum is what the pan weighs
     */
    public static function shares(array $beforeGrams, array $commonlyLostGrams, array $losableGrams, float $nowGrams): array
    {
        $lost = array_fill(0, count($beforeGrams), 0.0);
        $open = array_keys($beforeGrams);
        $left = array_sum($beforeGrams) - $nowGrams;
        while ($left > self::SAME_GRAMS && $open !== []) {
            $wanted = self::weights($open, $commonlyLostGrams, $losableGrams, $lost);
            $all = array_sum($wanted);
            $stillOpen = [];
            $taken = 0.0;
            foreach ($open as $at) {
                $more = $all > 0 ? min($left * $wanted[$at] / $all, $losableGrams[$at] - $lost[$at]) : 0.0;
                $lost[$at] += $more;
                $taken += $more;
                if ($losableGrams[$at] - $lost[$at] > self::SAME_GRAMS) {
                    $stillOpen[] = $at;
                }
            }
            $left -= $taken;
            if ($taken <= self::SAME_GRAMS) {
                break;
            }
            $open = $stillOpen;
        }

        return array_map(static fn (float $before, float $gone): float => $before - $gone, $beforeGrams, $lost);
    }

    /**
     * What counts for each that has still something to lose; where none of them commonly loses anything, what it could lose.
     *
     * @param  list<int>  $open
     * @param  list<float>  $commonlyLostGrams
     * @param  list<float>  $losableGrams
     * @param  array<int, float>  $lost
     * @return array<int, float>
     */
    private static function weights(array $open, array $commonlyLostGrams, array $losableGrams, array $lost): array
    {
        $common = array_intersect_key($commonlyLostGrams, array_flip($open));

        return array_sum($common) > self::SAME_GRAMS ? $common : array_map(static fn (int $at): float => $losableGrams[$at] - $lost[$at], array_combine($open, $open));
    }
}
