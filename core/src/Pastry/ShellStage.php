<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;

/** One stage of the empty shell in the oven. */
final readonly class ShellStage
{
    /** So many minutes without weights and a shell is baked through (common practice, no source). */
    private const BAKED_THROUGH_MINUTES = 10.0;

    /** @param  float  $ovenCelsius  measured inside */
    public function __construct(
        public ShellSupport $how,
        #[Number(120, 280, '°C')] public float $ovenCelsius,
        public OvenMode $mode,
        #[Number(1, 60, 'min')] public float $minutes,
        public Rack $rack,
    ) {
    }

    /**
     * What cooks commonly do (common practice, no source).
     *
     * @return list<self>
     */
    public static function usual(ShellBake $bake, DoughKind $dough = DoughKind::Short): array
    {
        $stage = static fn (ShellSupport $how, float $celsius, float $minutes): self => new self($how, $celsius, OvenMode::Static, $minutes, Rack::Middle);

        return match ($bake) {
            ShellBake::Raw => [],
            // puff lifts and holds more water: hotter, and longer under weights
            ShellBake::ParBaked => $dough === DoughKind::Puff ? [$stage(ShellSupport::Weighted, 200, 20), $stage(ShellSupport::Bare, 200, 8)] : [$stage(ShellSupport::Weighted, 190, 15), $stage(ShellSupport::Bare, 190, 6)],
            ShellBake::FullyBaked => [$stage(ShellSupport::Weighted, 200, 18), $stage(ShellSupport::Bare, 190, 14)],
        };
    }

    /**
     * How far the shell comes with these stages: filled raw without any; fully baked from ten minutes without weights.
     *
     * @param  list<self>  $stages
     */
    public static function reaches(array $stages): ShellBake
    {
        $bareMinutes = array_sum(array_map(static fn (self $stage): float => $stage->how === ShellSupport::Weighted ? 0.0 : $stage->minutes, $stages));

        return match (true) {
            $stages === [] => ShellBake::Raw,
            $bareMinutes >= self::BAKED_THROUGH_MINUTES => ShellBake::FullyBaked,
            default => ShellBake::ParBaked,
        };
    }

    public function with(ShellSupport $how): self
    {
        return new self($how, $this->ovenCelsius, $this->mode, $this->minutes, $this->rack);
    }

    public function withMinutes(float $minutes): self
    {
        return new self($this->how, $this->ovenCelsius, $this->mode, $minutes, $this->rack);
    }
}
