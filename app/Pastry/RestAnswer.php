<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Pastry\Rest\Shrinkage;
use Hojaldre\Core\Statement\Statement;

/** One rest of a dough, and the price of skipping it. */
#[Schema('RestShown')]
final readonly class RestAnswer
{
    /** From here on a side that is lower is worth saying, mm (judgement). */
    private const WORTH_MM = 0.5;

    /**
     * @param  string  $says  what it is, such as "fridge"
     * @param  int  $times  between folds once each
     * @param  string  $price  what skipping it costs
     * @param  float  $lowerMm  sides end so much lower without it
     */
    private function __construct(
        public RestName $name,
        public string $says,
        public float $leastMinutes,
        public float $usualMinutes,
        public float $mostMinutes,
        public int $times,
        public bool $isSkipped,
        public string $price,
        public float $lowerMm,
    ) {
    }

    public static function of(Rest $rest, bool $isSkipped, Words $words): self
    {
        return new self(
            $rest->name, $words->word('rest', $rest->name), $rest->leastMinutes, $rest->usualMinutes, $rest->mostMinutes, $rest->times, $isSkipped,
            $words->say(self::price($rest)), round($rest->lowerMm, 1),
        );
    }

    private static function price(Rest $rest): Statement
    {
        $from = 1 - Shrinkage::RANGE;
        $to = 1 + Shrinkage::RANGE;

        return match (true) {
            $rest->lowerMm >= self::WORTH_MM => new Statement('skip.lower', [
                'fromMm' => $rest->lowerMm * $from, 'toMm' => $rest->lowerMm * $to, 'fromMl' => $rest->lessMl * $from, 'toMl' => $rest->lessMl * $to, 'tougher' => $rest->isTougher ? 'yes' : 'no',
            ]),
            $rest->crackInTen > 0 => new Statement('skip.cracks', ['cracks' => $rest->crackInTen, 'fold' => $rest->name === RestName::BetweenFolds ? 'yes' : 'no']),
            $rest->isTougher => new Statement('skip.tougher'),
            default => new Statement('skip.nothing'),
        };
    }
}
