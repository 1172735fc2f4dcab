<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tin\FoldedPieces;

/** The same filling in a wider or a narrower tin of the same depth; of folds, in more or fewer of them. */
final readonly class AnotherTin implements Lever
{
    /** As much wider in area as a household has tins for (judgement), by steps. */
    private const MOST_SHARE = 0.8;

    private const STEP_SHARE = 0.1;

    /** @param  int  $sign +1 wider, -1 narrower */
    public function __construct(private int $sign)
    {
    }

    public function id(): string
    {
        return $this->sign > 0 ? 'wider-tin' : 'narrower-tin';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $this->sign > 0 ? self::MOST_SHARE : self::MOST_SHARE / 2;
    }

    public function step(Pie $pie): float
    {
        return self::STEP_SHARE;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withTin($pie->tin->scaledInArea(1 + $this->sign * $by));
    }

    public function act(Pie $pie, float $by): Statement
    {
        $tin = $this->pull($pie, $by)->tin;

        return $tin instanceof FoldedPieces
            ? new Statement('act.other-discs', ['discs' => $tin->pieces])
            : new Statement($this->sign > 0 ? 'act.wider-tin' : 'act.narrower-tin', ['wideCm' => 2 * $tin->radiusMm($tin->depthMm()) / 10, 'deepCm' => $tin->depthMm() / 10]);
    }
}
