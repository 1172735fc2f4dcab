<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\Span;

/** An amount in the cook's own words and in grams; the grams are what counts, and how sure they are widens the readings. */
final readonly class Amount
{
    /** A limit of ours (definition). */
    public const MOST_GRAMS = 50000.0;

    /**
     * @param  float|null  $leastGrams  of 8 kitchens in 10, where the words do not tell it exactly; null where it was weighed
     * @param  float|null  $mostGrams  the same, at most
     */
    public function __construct(
        #[Text(1, 80)] public string $words,
        #[Number(0, self::MOST_GRAMS, 'g')] public float $grams,
        #[Number(0, self::MOST_GRAMS, 'g')] public ?float $leastGrams = null,
        #[Number(0, self::MOST_GRAMS, 'g')] public ?float $mostGrams = null,
    ) {
    }

    public static function spoken(string $words, Span $span): self
    {
        return $span->isExact() ? new self($words, $span->value) : new self($words, $span->value, $span->least, $span->most);
    }

    /** At least so many grams, and at most, in 8 kitchens of 10. */
    public function span(): Span
    {
        return Span::of($this->grams, $this->leastGrams ?? $this->grams, $this->mostGrams ?? $this->grams);
    }

    /** An amount the core worked out: whole pieces where the food has them and they fit, grams otherwise. */
    public static function of(float $grams, ?Food $food = null, ?string $piece = null): self
    {
        $pieceGrams = $food?->pieces[$piece ?? ''] ?? null;
        if ($pieceGrams !== null && abs($grams / $pieceGrams - round($grams / $pieceGrams)) < 1e-6) {
            return new self(sprintf('%d %s', (int) round($grams / $pieceGrams), $piece), $grams);
        }

        return new self(Figures::grams($grams), $grams);
    }

    /** The piece word the cook used ("5 large"), or null where they weighed. */
    public function piece(Food $food): ?string
    {
        foreach (array_keys($food->pieces) as $piece) {
            if (preg_match('/^\d+ '.preg_quote($piece, '/').'/iu', $this->words) === 1) {
                return $piece;
            }
        }

        return null;
    }

    /** In whole pieces where the cook counted and they come out whole, in grams otherwise. */
    public function scaled(float $factor, Food $food): self
    {
        $scaled = self::of($this->grams * $factor, $food, $this->piece($food));

        return self::spoken($scaled->words, $this->span()->times($factor));
    }
}
