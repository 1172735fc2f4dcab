<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard;

/** The cook's own choice of firmness, as a band of liquid to an egg (common practice, no source). */
enum CustardStyle: string
{
    case Firm = 'firm';
    case Sliceable = 'sliceable';
    case Tender = 'tender';
    case Trembling = 'trembling';

    /** Least liquid to an egg of 50 g before it eats firmer than wanted, g. */
    public function leastGrams(): float
    {
        return match ($this) {
            self::Firm => 40,
            self::Sliceable => 55,
            self::Tender => 75,
            self::Trembling => 100,
        };
    }

    /** Most liquid to an egg of 50 g before it no longer holds as wanted, g. */
    public function mostGrams(): float
    {
        return match ($this) {
            self::Firm => 65,
            self::Sliceable => 85,
            self::Tender => 110,
            self::Trembling => 135,
        };
    }

    public function verdict(float $gramsPerEgg): CustardVerdict
    {
        return match (true) {
            $gramsPerEgg > $this->mostGrams() + 1e-9 => CustardVerdict::Loose,
            $gramsPerEgg < $this->leastGrams() - 1e-9 => CustardVerdict::Firm,
            default => CustardVerdict::Holds,
        };
    }

    /** What to aim at for it: the middle of its band, g liquid to an egg. */
    public function aimGrams(): float
    {
        return ($this->leastGrams() + $this->mostGrams()) / 2;
    }
}
