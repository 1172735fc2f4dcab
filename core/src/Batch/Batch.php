<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** What is made together: pies and how many of each. Entered once; Pastry, Prep and the oven day work on it. */
final readonly class Batch implements Judged
{
    /** A limit of ours (definition). */
    public const MOST_LINES = 80;

    /** A pan of 28 cm takes so much in a layer that still fries (common practice, no source). */
    public const USUAL_PAN_GRAMS = 600.0;

    /** So much of a full pan still goes into it (judgement). */
    private const LITTLE_OVER = 1.15;

    private const NAME = '^\S(?:.*\S)?$';

    /**
     * @param  list<BatchLine>  $lines  each pie once
     * @param  list<DoughChoice>  $doughs  each dough once; a dough that is not there has what is usual
     * @param  float  $kitchenCelsius  over 25 dough is chilled longer
     * @param  float  $panGrams  raw food that the largest pan takes at a time
     */
    public function __construct(
        #[Text(1, 80, self::NAME)] public string $name,
        #[ListOf(BatchLine::class, self::MOST_LINES)] public array $lines,
        #[ListOf(DoughChoice::class, 30)] public array $doughs,
        #[Number(5, 45, '°C')] public float $kitchenCelsius,
        #[Number(100, 20000, 'g')] public float $panGrams = self::USUAL_PAN_GRAMS,
    ) {
    }

    public function refusals(): array
    {
        $refusals = [];
        foreach (self::twice(array_map(static fn (BatchLine $one): string => $one->pie, $this->lines)) as $index) {
            $refusals[] = new Refusal('pie-twice', "/lines/$index/pie");
        }
        foreach (self::twice(array_map(static fn (DoughChoice $one): string => $one->dough, $this->doughs)) as $index) {
            $refusals[] = new Refusal('dough-twice', "/doughs/$index/dough");
        }

        return $refusals;
    }

    /** In how many goes so much raw food is cooked; a little over is no second pan. */
    public function pans(float $grams): int
    {
        return max(1, (int) ceil($grams / $this->panGrams / self::LITTLE_OVER));
    }

    public function doughChoice(string $dough): DoughChoice
    {
        foreach ($this->doughs as $one) {
            if ($one->dough === $dough) {
                return $one;
            }
        }

        return DoughChoice::usual($dough);
    }

    /**
     * @param  list<string>  $ids
     * @return list<int> places of those that were there before
     */
    private static function twice(array $ids): array
    {
        return array_values(array_filter(array_keys($ids), static fn (int $at): bool => array_search($ids[$at], $ids, true) !== $at));
    }
}
