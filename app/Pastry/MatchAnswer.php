<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Pastry\Match\DoughAndFilling;
use Hojaldre\Core\Pastry\Match\MatchVerdict;
use Hojaldre\Core\Pastry\Match\WayToEven;
use Hojaldre\Core\Statement\Statement;

/** Whether dough and filling of folded pieces come out even. */
#[Schema('DoughAndFilling')]
final readonly class MatchAnswer
{
    /**
     * @param  int  $discs  that the dough gives
     * @param  float  $fills  pieces that the filling is enough for
     * @param  float  $leastGrams  of filling in each: below, it is hollow
     * @param  float  $mostGrams  above, it does not close
     * @param  string  $spoons  of filling in each
     * @param  string  $says  the word: even, or how much is over or short
     * @param  list<WayToEvenAnswer>  $ways
     */
    private function __construct(
        public int $wanted,
        public int $discs,
        public float $fills,
        public float $fillingGrams,
        public float $eachGrams,
        public float $leastGrams,
        public float $mostGrams,
        public string $spoons,
        public MatchVerdict $verdict,
        public string $says,
        public string $settled,
        public array $ways,
    ) {
    }

    public static function of(DoughAndFilling $match, FoldChoice $fold, Words $words): self
    {
        $filling = $match->filling($match->discMm);
        $over = $match->overGrams();

        return new self(
            $match->wanted, $match->discs(), round($match->fills(), 2), round($match->fillingGrams, 1), round($match->eachGrams(), 1),
            round($filling->leastGrams, 1), round($filling->mostGrams, 1), $words->say(new Statement('match.spoons', ['spoons' => $filling->heapedSpoons($match->eachGrams())])),
            $match->verdict(), $words->say(new Statement('match.'.$match->verdict()->value, ['moreGrams' => abs($over)])),
            $fold->settled === null ? '' : $words->word('settled', $fold->settled),
            array_map(static fn (WayToEven $way): WayToEvenAnswer => WayToEvenAnswer::of($way, $match, $words), $match->ways()),
        );
    }
}
