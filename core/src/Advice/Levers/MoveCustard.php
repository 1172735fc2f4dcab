<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** More or less of the custard as it is mixed. */
final readonly class MoveCustard implements Lever
{
    /** @param  int  $sign +1 makes more, -1 pours less */
    public function __construct(private CustardLayer $custard, private int $sign)
    {
    }

    public function id(): string
    {
        return $this->sign > 0 ? 'more-custard' : 'less-custard';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        $grams = $this->custard->grams();

        return match (true) {
            $grams < 1 => 0.0,
            $this->sign > 0 => max(2000.0, $grams * 2),
            default => floor($grams * 0.8),
        };
    }

    public function step(Pie $pie): float
    {
        return 10.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withLayer($this->custard->scaled(1 + $this->sign * $by / $this->custard->grams()));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement($this->sign > 0 ? 'act.more-custard' : 'act.less-custard', ['amountGrams' => $by]);
    }
}
