<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** The water ledger at the pan: what the scale reads, less the pan and all that goes in beside the food, is the food. All in grams. */
final readonly class PanLedger
{
    /**
     * @param  float  $rawGrams  of food, before
     * @param  float  $stopGrams  of food, to stop at
     * @param  float  $tareGrams  of the pan, with oil and salt in it
     * @param  float  $readsGrams  on the scale
     * @param  float  $minutes  that all of it commonly takes
     */
    public function __construct(
        public float $rawGrams,
        public float $stopGrams,
        public float $tareGrams,
        public float $readsGrams,
        private float $minutes,
    ) {
    }

    /** "Stop when the pan reads so much." */
    public function stopReadsGrams(): float
    {
        return $this->tareGrams + $this->stopGrams;
    }

    public function nowGrams(): float
    {
        return $this->readsGrams - $this->tareGrams;
    }

    /** Less than nothing where it was driven too far. */
    public function toDriveOffGrams(): float
    {
        return $this->nowGrams() - $this->stopGrams;
    }

    public function drivenOffGrams(): float
    {
        return $this->rawGrams - $this->nowGrams();
    }

    /** By the share of the water that is still to go. */
    public function minutesMore(): float
    {
        $all = $this->rawGrams - $this->stopGrams;

        return $all <= 0 ? 0.0 : max(0.0, min(1.0, $this->toDriveOffGrams() / $all)) * $this->minutes;
    }
}
