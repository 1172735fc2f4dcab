<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;

/** Who works, and what there is to work with. */
final readonly class DayKitchen implements Judged
{
    /**
     * @param  list<Cook>  $cooks
     * @param  list<DayOven>  $ovens
     * @param  int  $rings  of the hob
     * @param  int  $mixers  and processors
     * @param  int  $fridgeTins  tins and trays that find room in the fridge
     * @param  int  $rackTins  tins and trays that find room on racks to cool
     */
    public function __construct(
        #[ListOf(Cook::class, 8, 1)] public array $cooks,
        #[ListOf(DayOven::class, 8, 1)] public array $ovens,
        #[Whole(1, 20)] public int $rings,
        #[Whole(1, 10)] public int $mixers,
        #[Whole(1, 400)] public int $fridgeTins,
        #[Whole(1, 400)] public int $rackTins,
    ) {
    }

    public function refusals(): array
    {
        $refusals = $ids = [];
        foreach ($this->ovens as $index => $oven) {
            if (isset($ids[$oven->id])) {
                $refusals[] = new Refusal('oven-twice', "/ovens/$index/id");
            }
            $ids[$oven->id] = true;
        }

        return $refusals;
    }

    /** @param  list<DayOven>  $ovens */
    public function withOvens(array $ovens): self
    {
        return new self($this->cooks, $ovens, $this->rings, $this->mixers, $this->fridgeTins, $this->rackTins);
    }

    /** @param  list<Cook>  $cooks */
    public function withCooks(array $cooks): self
    {
        return new self($cooks, $this->ovens, $this->rings, $this->mixers, $this->fridgeTins, $this->rackTins);
    }
}
