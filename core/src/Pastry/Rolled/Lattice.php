<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

/**
 * Strips laid both ways over a pie. With strips w wide and gaps g between them, g/(w + g) is open each way, and the square of
 * it both ways; so g = w s/(1 - s), s the root of the open share (elementary geometry).
 */
final readonly class Lattice
{
    /** A gap that is less than this is none (definition). */
    private const LEAST_GAP_MM = 1.0;

    /** @param  list<float>  $lengthsMm  of each strip, both ways */
    private function __construct(public float $stripMm, public float $gapMm, public array $lengthsMm)
    {
    }

    /** @param  float  $openShare  0 to 0.8 */
    public static function over(TinProfile $tin, float $stripMm, float $openShare): self
    {
        $s = sqrt($openShare);
        $gap = max(self::LEAST_GAP_MM, $stripMm * $s / (1 - $s));
        $lengths = [...self::across($tin, $tin->rimWidthMm, $tin->rimLengthMm, $stripMm, $gap), ...self::across($tin, $tin->rimLengthMm, $tin->rimWidthMm, $stripMm, $gap)];

        return new self($stripMm, $gap, $lengths);
    }

    public function areaMm2(): float
    {
        return $this->stripMm * array_sum($this->lengthsMm);
    }

    public function longestMm(): float
    {
        return $this->lengthsMm === [] ? 0.0 : max($this->lengthsMm);
    }

    /**
     * Strips side by side over a width, the row of them in the middle; in a round tin each as long as the tin is there at most.
     *
     * @return list<float>
     */
    private static function across(TinProfile $tin, float $widthMm, float $lengthMm, float $stripMm, float $gapMm): array
    {
        $strips = max(1, (int) floor(($widthMm + $gapMm) / ($stripMm + $gapMm)));
        $first = -($strips - 1) / 2 * ($stripMm + $gapMm);
        $lengths = [];
        for ($i = 0; $i < $strips; $i++) {
            $inner = max(0.0, abs($first + $i * ($stripMm + $gapMm)) - $stripMm / 2);
            $lengths[] = $tin->isRound ? 2 * sqrt(max(0.0, ($widthMm / 2) ** 2 - $inner ** 2)) : $lengthMm;
        }

        return $lengths;
    }
}
