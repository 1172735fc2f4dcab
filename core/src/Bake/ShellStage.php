<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Fields;
use Hojaldre\Core\Moisture\ShellBake;

/** One stage of the empty shell in the oven. */
final readonly class ShellStage
{
    public const HOWS = ['weighted', 'propped', 'bare'];

    /**
     * @param  string  $how  weighted to the rim, sides propped with foil, or bare
     * @param  float  $ovenCelsius  measured inside, 120 to 280
     * @param  string  $mode  of Stage::MODES
     * @param  float  $minutes  1 to 60
     * @param  string  $rack  of Stage::RACKS
     */
    public function __construct(
        public string $how,
        public float $ovenCelsius,
        public string $mode,
        public float $minutes,
        public string $rack,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            $fields->oneOf('how', self::HOWS), $fields->number('ovenCelsius', 120, 280, '°C'), $fields->oneOf('mode', Stage::MODES),
            $fields->number('minutes', 1, 60, 'min'), $fields->oneOf('rack', Stage::RACKS),
        );
        $fields->nothingElse();

        return $read;
    }

    /**
     * What cooks commonly do (common practice, no source).
     *
     * @return list<self>
     */
    public static function usual(ShellBake $bake): array
    {
        return match ($bake) {
            ShellBake::Raw => [],
            ShellBake::ParBaked => [new self('weighted', 190, 'static', 15, 'middle'), new self('bare', 190, 'static', 6, 'middle')],
            ShellBake::FullyBaked => [new self('weighted', 200, 'static', 18, 'middle'), new self('bare', 190, 'static', 14, 'middle')],
        };
    }

    /**
     * How far the shell comes with these stages: filled raw without any; fully baked from ten bare minutes.
     *
     * @param  list<self>  $stages
     */
    public static function reaches(array $stages): ShellBake
    {
        $bare = array_sum(array_map(static fn (self $stage): float => $stage->how === 'weighted' ? 0.0 : $stage->minutes, $stages));

        return match (true) {
            $stages === [] => ShellBake::Raw,
            $bare >= 10 => ShellBake::FullyBaked,
            default => ShellBake::ParBaked,
        };
    }

    public function withMinutes(float $minutes): self
    {
        return new self($this->how, $this->ovenCelsius, $this->mode, $minutes, $this->rack);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['how' => $this->how, 'ovenCelsius' => $this->ovenCelsius, 'mode' => $this->mode, 'minutes' => $this->minutes, 'rack' => $this->rack];
    }
}
