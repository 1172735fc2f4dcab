<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Oven\OvenMode;

/** An oven of the day: one temperature at a time, so many shelves. */
final readonly class DayOven
{
    /** What a domestic oven takes (common practice, no source). */
    public const USUAL_SHELVES = 2;

    public const USUAL_WIDTH_MM = 440.0;

    public const USUAL_DEPTH_MM = 360.0;

    /** Two pies that want heats no further apart may share (common practice, no source). */
    public const USUAL_TOLERANCE_KELVINS = 5.0;

    /** A fan oven set so much lower bakes as a static one (common practice, no source). */
    private const FAN_KELVINS = 20.0;

    /**
     * @param  float  $runsByKelvins  measured inside less what the dial says
     * @param  int  $shelves  that are used at a time
     * @param  float  $widthMm  of a shelf
     * @param  float  $depthMm  of a shelf
     */
    public function __construct(
        #[Text(1, 40, '^[a-z0-9-]+$')] public string $id,
        #[Text(1, 60)] public string $name,
        public OvenMode $mode,
        #[Number(-60, 60, 'K')] public float $runsByKelvins,
        #[Whole(1, 12)] public int $shelves,
        #[Number(200, 1200, 'mm')] public float $widthMm,
        #[Number(200, 1200, 'mm')] public float $depthMm,
        #[Number(0, 25, 'K')] public float $toleranceKelvins,
    ) {
    }

    /** What it is to be inside for a stage that was designed for the one or the other mode, whole °C. */
    public function celsius(float $stageCelsius, OvenMode $mode): int
    {
        return (int) round($stageCelsius + ($mode === $this->mode ? 0.0 : ($this->mode === OvenMode::Fan ? -self::FAN_KELVINS : self::FAN_KELVINS)));
    }

    /** How many pieces of a size lie on one shelf, the better way round. */
    public function aShelf(float $lengthMm, float $wideMm): int
    {
        return max(
            (int) (floor($this->widthMm / $lengthMm) * floor($this->depthMm / $wideMm)),
            (int) (floor($this->widthMm / $wideMm) * floor($this->depthMm / $lengthMm)),
        );
    }

    public function withShelves(int $shelves): self
    {
        return new self($this->id, $this->name, $this->mode, $this->runsByKelvins, $shelves, $this->widthMm, $this->depthMm, $this->toleranceKelvins);
    }
}
