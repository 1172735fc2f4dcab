<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\FridgeDairy;
use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Pie\Pie;

#[Schema('GapWish')]
final readonly class GapWish
{
    /**
     * @param  int  $eggs  whole eggs in the fridge
     * @param  int  $yolks  spare yolks
     * @param  list<FridgeDairy>  $dairies
     * @param  float|null  $fatPercent  richness to aim at; null: as the custard is now
     */
    public function __construct(
        public Pie $design,
        #[Whole(0, CustardSolver::MOST_EGGS)] public int $eggs,
        #[Whole(0, CustardSolver::MOST_YOLKS)] public int $yolks,
        #[ListOf(FridgeDairy::class, CustardSolver::MOST_DAIRIES)] public array $dairies,
        #[Number(0, 60, '%')] public ?float $fatPercent,
    ) {
    }
}
